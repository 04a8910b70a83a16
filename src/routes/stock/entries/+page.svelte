<!-- The ledger: every change of stock with its reason. Nothing is overwritten; undoing is an entry too. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { newEntry } from '$lib/stock/newEntry';
  import { StockOutbox } from '$lib/stock/outbox.svelte';
  import OutboxNotice from '$lib/stock/OutboxNotice.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import StockNav from '$lib/ui/StockNav.svelte';
  import { ENTRY_REASON_NAMES } from '$wording/stock';

  let { data } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const outbox = new StockOutbox(() => void invalidateAll());
  onMount(() => outbox.start());

  type Entry = (typeof data.entries)[number];
  const amount = ({ unit, change }: Entry) => {
    const sign = change > 0 ? '+' : change < 0 ? '−' : '';
    return `${sign}${unit === 'g' ? figures.mass.say(Math.abs(change)) : Math.abs(change)}`;
  };
  const canUndo = ({ run, orderKey, undoes, isUndone, facts }: Entry) =>
    run === null && orderKey === null && undoes === null && !isUndone && facts.seenBy === undefined;
  const undo = ({ id, slabId, name, kind, lot, unit, why }: Entry) =>
    outbox.add([
      newEntry({
        of: slabId === null ? { ingredient: name } : { slab: slabId, ...(kind ? { kind } : {}) },
        ...{ lot, unit, why, change: 0, undoes: id },
      }),
    ]);
  const details = ({ facts, undoes, isUndone }: Entry) =>
    [
      facts.counted !== undefined ? 'counted' : '',
      facts.seenBy !== undefined ? 'already in a later stocktake' : '',
      facts.isEstimate ? 'as planned, not counted' : '',
      facts.supplier ?? '',
      facts.note ?? '',
      undoes === null ? '' : 'undoes an entry',
      isUndone ? 'undone' : '',
    ]
      .filter(Boolean)
      .join(', ');
</script>

<svelte:head><title>Stock entries - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Stock entries</h1></div>
  <StockNav />
  <OutboxNotice {outbox} />
  {#if data.entries.length === 0}
    <div class="panel">
      <EmptyState title="No stock entries yet">
        <p>Deliveries, stocktakes, what runs use and make, and what is handed over are listed here.</p>
      </EmptyState>
    </div>
  {:else}
    <div class="scroll">
      <Table size="compact" class="table">
        <thead>
          <tr>
            <th>Time</th><th>Reason</th><th>Ingredient or slab</th><th>Lot</th><th class="num">Change</th><th
              >Details</th
            >
            <th><span class="unseen">Undo</span></th>
          </tr>
        </thead>
        <tbody>
          {#each data.entries as entry (entry.sequence)}
            <tr class:undone={entry.isUndone}>
              <td class="figures">{dates.moment(Date.parse(entry.at))}</td>
              <td>{ENTRY_REASON_NAMES[entry.why]}</td>
              <td
                >{entry.name}{#if entry.kind}<span class="quiet">, {entry.kind}</span>{/if}</td
              >
              <td class="figures">{entry.lot || '-'}</td>
              <td class="num">{amount(entry)}</td>
              <td
                >{#if entry.run !== null}<a href="/runs/{entry.run}/result">run {entry.run}</a>
                {/if}{details(entry)}</td
              >
              <td
                >{#if canUndo(entry)}<Button size="small" kind="ghost" on:click={() => void undo(entry)}
                    >Undo<span class="unseen"> {ENTRY_REASON_NAMES[entry.why]} of {entry.name}</span></Button
                  >{/if}</td
              >
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
    <p>
      {#if data.from > 0}<a href="/stock/entries?from={Math.max(0, data.from - data.most)}">Newer entries</a>{/if}
      {#if data.hasMore}<a href="/stock/entries?from={data.from + data.most}">Older entries</a>{/if}
    </p>
  {/if}
</div>

<style>
  .scroll {
    overflow-x: auto;
    position: relative;
    margin-bottom: 0.6rem;
  }

  .undone :global(td) {
    text-decoration: line-through;
  }
</style>
