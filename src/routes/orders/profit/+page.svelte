<!-- What pays: profit of what was handed over, by slab, piece type, sales channel and week, and what to make with spare time. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import DayRange from '$lib/ui/DayRange.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import Tabs from '$lib/ui/Tabs.svelte';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import ProfitCharts from './ProfitCharts.svelte';
  import ProfitTable from './ProfitTable.svelte';
  import ProfitTotals from './ProfitTotals.svelte';
  import SpareTime from './SpareTime.svelte';

  let { data } = $props();

  const BY = [
    { key: 'slab', name: 'By slab' },
    { key: 'kind', name: 'By piece type' },
    { key: 'channel', name: 'By sales channel' },
  ] as const;
  let by: (typeof BY)[number]['key'] = $state('slab');
  const LASTS = ['Last 4 weeks', 'Last 12 weeks', 'Last 12 months'] as const;
  const chosen = $derived(data.lasts.findIndex(({ from, to }) => from === data.firstDay && to === data.lastDay));

  const show = (from: string, to: string, hours = data.hours) =>
    goto(`?from=${from}&to=${to}&hours=${hours}`, { keepFocus: true, noScroll: true });
  const choose = (event: Event) => {
    const last = data.lasts[Number((event.target as HTMLSelectElement).value)];
    if (last) void show(last.from, last.to);
  };
  const hasSales = $derived(
    data.report !== null && (data.report.channels.length > 0 || data.report.total.lostPieces !== 0),
  );
</script>

<svelte:head><title>Profit - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Profit</h1>
    <div class="acts">
      <Select size="sm" hideLabel labelText="Time" selected={String(chosen)} on:change={choose}>
        {#each LASTS as name, i (name)}<SelectItem value={String(i)} text={name} />{/each}
        {#if chosen < 0}<SelectItem value="-1" text="From day to day" />{/if}
      </Select>
      <DayRange firstDay={data.firstDay} lastDay={data.lastDay} onrange={(from, to) => void show(from, to)} />
      <Button size="small" kind="tertiary" href="/orders">Orders</Button>
      <Button
        size="small"
        kind="ghost"
        href="/api/profit/csv?from={data.firstDay}&to={data.lastDay}&by={by}"
        download="profit.csv">Export CSV</Button
      >
    </div>
  </div>
  {#if !data.isRange}
    <Notice harm title="These days are not valid. The last 12 weeks are shown." problems={[]} />
  {/if}
  {#if data.isTooMuch}
    <Notice harm title="There are too many sales in this time. Choose a shorter one." problems={[]} />
  {:else if data.report === null}
    <WaitFor what="the cost of {data.toCome} {data.toCome === 1 ? 'run' : 'runs'}" />
  {:else if !hasSales}
    <div class="panel">
      <EmptyState title="Nothing was handed over in this time">
        <p>Hand over an order: its prices are stored then, and its pieces are costed with the run that made them.</p>
        <Button size="small" kind="tertiary" href="/orders">Go to orders</Button>
      </EmptyState>
    </div>
  {:else}
    <ProfitTotals report={data.report} />
    <div class="both">
      <div class="column">
        <section class="panel" aria-label="Profit by slab, piece type and sales channel">
          {#snippet table(rows: typeof by)}
            <ProfitTable report={data.report!} by={rows} />
          {/snippet}
          <Tabs label="What is compared" tabs={BY} bind:active={by} content={table} />
        </section>
        {#if data.spare}
          <SpareTime
            spare={data.spare}
            report={data.report}
            hours={data.hours}
            onhours={(hours) => void show(data.firstDay, data.lastDay, hours)}
          />
        {/if}
      </div>
      <div class="column"><ProfitCharts report={data.report} /></div>
    </div>
  {/if}
</div>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: end;
  }

  .both {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(18rem, 24rem);
    gap: 0.9rem;
    align-items: start;
  }

  .column {
    display: grid;
    gap: 0.9rem;
    min-width: 0;
  }

  section {
    padding: 0.3rem 0.9rem 0.7rem;
    min-width: 0;
  }

  @media (width < 70rem) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
