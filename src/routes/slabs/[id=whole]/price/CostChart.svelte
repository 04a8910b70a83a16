<!-- Cost by ingredient as bars. -->
<script lang="ts">
  import { money } from '$lib/money';
  import Chart from '$lib/ui/Chart.svelte';

  let { names, costs, currency }: { names: string[]; costs: number[]; currency: string } = $props();

  const MOST = 8;
  const shownNames = $derived(names.length > MOST ? [...names.slice(0, MOST - 1), 'all others'] : names);
  const shownCosts = $derived(
    names.length > MOST
      ? [...costs.slice(0, MOST - 1), costs.slice(MOST - 1).reduce((sum, cost) => sum + cost, 0)]
      : costs,
  );
  const options = $derived({
    plotOptions: { bar: { horizontal: true, barHeight: '62%' } },
    xaxis: {
      categories: shownNames.map((name, i) => `${name}  ${money(shownCosts[i]!, currency)}`),
      labels: { formatter: (value: string) => money(Number(value), currency) },
      axisBorder: { show: false },
    },
    yaxis: { labels: { maxWidth: 240, style: { fontSize: '13px' } } },
    dataLabels: { enabled: false },
    grid: { padding: { right: 16, top: -16 } },
  });
</script>

<div class="panel">
  <Chart
    type="bar"
    height={40 + 28 * shownNames.length}
    series={[{ name: 'Cost', data: shownCosts }]}
    colours={['--smooth']}
    {options}
  />
</div>

<style>
  div {
    margin-bottom: 0.6rem;
    padding: 0.4rem;
  }
</style>
