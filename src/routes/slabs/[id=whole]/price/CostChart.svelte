<!-- Cost by ingredient as bars. The chart package is fetched only when this station is opened. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import { money } from '$lib/money';

  let { names, costs, currency }: { names: string[]; costs: number[]; currency: string } = $props();

  let place: HTMLElement;
  let chart: ApexCharts | null = $state.raw(null);

  const MOST = 8;
  const shownNames = $derived(names.length > MOST ? [...names.slice(0, MOST - 1), 'all others'] : names);
  const shownCosts = $derived(
    names.length > MOST
      ? [...costs.slice(0, MOST - 1), costs.slice(MOST - 1).reduce((sum, cost) => sum + cost, 0)]
      : costs,
  );
  const labels = $derived(shownNames.map((name, i) => `${name}  ${money(shownCosts[i]!, currency)}`));
  const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

  onMount(() => {
    let gone = false;
    void import('apexcharts').then(async ({ default: Chart }) => {
      if (gone) return;
      const made = new Chart(place, {
        chart: {
          type: 'bar',
          height: 40 + 28 * shownNames.length,
          toolbar: { show: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          foreColor: colour('--ink'),
          background: 'transparent',
        },
        plotOptions: { bar: { horizontal: true, barHeight: '62%' } },
        series: [{ name: 'Cost', data: shownCosts }],
        xaxis: {
          categories: labels,
          labels: { formatter: (value: string) => money(Number(value), currency) },
          axisBorder: { show: false },
        },
        yaxis: { labels: { maxWidth: 240, style: { fontSize: '13px' } } },
        dataLabels: { enabled: false },
        colors: [colour('--smooth')],
        grid: { borderColor: colour('--rule'), padding: { right: 16, top: -16 } },
        tooltip: { enabled: false },
        states: { hover: { filter: { type: 'none' } }, active: { filter: { type: 'none' } } },
      });
      await made.render();
      chart = made;
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  });

  $effect(() => {
    void chart?.updateOptions({ series: [{ name: 'Cost', data: shownCosts }], xaxis: { categories: labels } });
  });
</script>

<div class="panel chart" bind:this={place} aria-hidden="true"></div>

<style>
  .chart {
    min-height: 120px;
    margin-bottom: 0.6rem;
    padding: 0.4rem;
  }
</style>
