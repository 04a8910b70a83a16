<!-- Profit over time, and profit per labour hour of each slab. -->
<script lang="ts">
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import type { ProfitReport } from '$lib/server/profit/report';
  import Chart from '$lib/ui/Chart.svelte';

  let { report }: { report: ProfitReport } = $props();
  const dates = $derived(shopDates());
  const inUnits = (coins: number) => Math.round(coins) / 10 ** report.digits;
  const axis = (amount: number) => (Number.isInteger(amount) ? `${amount}` : amount.toFixed(1));
  const MAX_BARS = 10;
  const ranked = $derived(
    report.slabs
      .flatMap(({ name, perHour }) => (perHour === null ? [] : [{ name, perHour }]))
      .sort((a, b) => b.perHour - a.perHour)
      .slice(0, MAX_BARS),
  );
  const periods = $derived(report.periods.filter(({ profit }) => profit !== null));
  const short = (day: string) =>
    new Date(`${day}T12:00:00Z`).toLocaleDateString(dates.locale, {
      timeZone: 'UTC',
      ...(report.every === 'week' ? { day: 'numeric', month: 'short' } : { month: 'short', year: '2-digit' }),
    });
</script>

{#if ranked.length > 0}
  <section class="panel" aria-label="Profit per labour hour by slab">
    <h2>Profit per labour hour, {report.currency}</h2>
    <Chart
      type="bar"
      height={Math.max(120, 34 * ranked.length + 50)}
      series={[{ name: 'Profit per labour hour', data: ranked.map(({ perHour }) => inUnits(perHour)) }]}
      colours={['--primary']}
      options={{
        plotOptions: { bar: { horizontal: true, barHeight: '60%' } },
        dataLabels: { enabled: false },
        xaxis: { categories: ranked.map(({ name }) => name), labels: { formatter: (value) => axis(Number(value)) } },
        yaxis: { labels: { maxWidth: 190 } },
      }}
    />
  </section>
{/if}
{#if periods.length > 1}
  <section class="panel" aria-label="Profit by {report.every}">
    <h2>Profit by {report.every}, {report.currency}</h2>
    <Chart
      type="bar"
      height={180}
      series={[{ name: 'Profit', data: periods.map(({ profit }) => inUnits(profit!)) }]}
      colours={['--primary']}
      options={{
        plotOptions: { bar: { columnWidth: '60%' } },
        dataLabels: { enabled: false },
        xaxis: {
          categories: periods.map(({ from }) => short(from)),
          labels: { rotate: -45, hideOverlappingLabels: true },
        },
        yaxis: { labels: { formatter: axis } },
      }}
    />
    <details>
      <summary>Profit by {report.every} as a table</summary>
      <table>
        <thead><tr><th>{report.every === 'week' ? 'Week from' : 'Month'}</th><th class="num">Profit</th></tr></thead>
        <tbody>
          {#each periods as { from, profit } (from)}
            <tr><td>{short(from)}</td><td class="num">{money(inUnits(profit!), report.currency)}</td></tr>
          {/each}
        </tbody>
      </table>
    </details>
  </section>
{/if}

<style>
  section {
    padding: 0.6rem 0.9rem 0.7rem;
  }

  h2 {
    font-size: 1rem;
    margin: 0;
  }

  table {
    width: 100%;
  }

  th {
    text-align: left;
    font-weight: 500;
  }

  .num {
    text-align: right;
  }
</style>
