<!-- The shop's runs: what is on the bench, and what was made. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { shopDates } from '$lib/shopDates';
  import Nothing from '$lib/ui/Nothing.svelte';
  import Pager from '$lib/ui/Pager.svelte';

  let { data } = $props();
  const dates = $derived(shopDates());
</script>

<svelte:head><title>Runs - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Runs</h1></div>
  {#if data.count === 0}
    <div class="panel">
      <Nothing title="Nothing was made yet">
        <p>Open a slab's Clock and press Make it: its steps, amounts and clocks go to the bench.</p>
        <Button size="small" kind="tertiary" href="/slabs">To the slabs</Button>
      </Nothing>
    </div>
  {:else}
    <div class="panel">
      <Table size="compact" class="table">
        <thead><tr><th>Slab</th><th>Lot</th><th>Begun</th><th>Stands</th></tr></thead>
        <tbody>
          {#each data.runs as { id, name, lot, begunAt, isOpen } (id)}
            <tr>
              <td><a href="/runs/{id}">{name}</a></td>
              <td class="figures">{lot}</td>
              <td class="figures">{dates.moment(Date.parse(begunAt))}</td>
              <td>{isOpen ? 'on the bench' : 'over'}</td>
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
    <Pager path="/runs" sought="" from={data.from} most={data.most} count={data.count} all={data.count} />
  {/if}
</div>
