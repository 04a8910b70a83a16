<!-- All runs, the newest first. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { shopDates } from '$lib/format/shopDates';
  import { goto } from '$app/navigation';
  import DayField from '$lib/ui/DayField.svelte';
  import ListFind from '$lib/ui/ListFind.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Pager from '$lib/ui/Pager.svelte';
  import { RUN_STATUSES } from '$wording/terms';

  let { data } = $props();
  const dates = $derived(shopDates());
  const typed: Record<string, string> = $state({});
  const onDay = (day: string | null) => goto(day ? `/runs?day=${day}` : '/runs', { keepFocus: true, noScroll: true });
</script>

<svelte:head><title>Runs - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Runs</h1>
    <div class="acts">
      <Button size="small" kind="tertiary" href="/lots">Lots</Button>
      <Button size="small" kind="tertiary" href="/practice">Practice</Button>
      <Button size="small" kind="ghost" href="/api/log.csv" download="runs.csv">Export CSV</Button>
      <Button size="small" kind="ghost" href="/api/log.json" download="runs.json">Export JSON</Button>
    </div>
  </div>
  {#if data.all === 0}
    <div class="panel">
      <EmptyState title="No runs yet">
        <p>Open a slab's Schedule and choose Start run. Its steps, amounts and times appear at the bench.</p>
        <Button size="small" kind="tertiary" href="/slabs">Go to slabs</Button>
      </EmptyState>
    </div>
  {:else}
    <div class="find">
      <ListFind path="/runs" label="Search by slab, lot or note" sought={data.sought} />
      <DayField label="Date" value={data.day} {typed} name="day of runs" optional onvalue={(day) => void onDay(day)} />
    </div>
    <div class="panel">
      <Table size="compact" class="table">
        <thead><tr><th>Made</th><th>Slab</th><th class="num wide">Version</th><th>Lot</th><th>Status</th></tr></thead>
        <tbody>
          {#each data.runs as { id, name, version, lot, begunAt, status } (id)}
            {@const isOpen = status === 'in-progress' || status === 'planned'}
            <tr>
              <td class="figures">{dates.moment(Date.parse(begunAt))}</td>
              <td><a class:open={isOpen} href={isOpen ? `/runs/${id}` : `/runs/${id}/result`}>{name}</a></td>
              <td class="num wide">{version}</td>
              <td class="figures">{lot}</td>
              <td
                ><span class="status" class:going={status === 'in-progress'} class:quiet={status === 'finished'}
                  >{RUN_STATUSES[status]}</span
                ></td
              >
            </tr>
          {:else}
            <tr><td colspan="5" class="quiet">No runs found.</td></tr>
          {/each}
        </tbody>
      </Table>
    </div>
    <Pager path="/runs" sought={data.sought} from={data.from} most={data.most} count={data.count} all={data.all} />
  {/if}
</div>

<style>
  .going {
    font-weight: 650;
    color: var(--primary);
  }

  .panel {
    margin-top: 0.6rem;
  }

  .find {
    display: grid;
    grid-template-columns: 1fr 12rem;
    gap: 0.8rem;
    align-items: end;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }

  .open {
    font-weight: 650;
  }

  @media (max-width: 599px) {
    .wide {
      display: none;
    }

    .find {
      grid-template-columns: 1fr;
    }
  }
</style>
