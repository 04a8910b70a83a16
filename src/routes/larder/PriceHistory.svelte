<!-- What an ingredient has cost per kilo, pack by pack, over time. The chart package is fetched only when this is opened. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import { money } from '$lib/money';
  import type { PastPrice } from '$lib/server/larder';

  let { prices, currency }: { prices: readonly PastPrice[]; currency: string } = $props();

  let place: HTMLElement;
  const packs = $derived([...new Set(prices.map(({ pack }) => pack))]);
  const perKilo = ({ price, massG }: PastPrice) => (price / massG) * 1000;
  const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

  onMount(() => {
    let gone = false;
    let chart: ApexCharts | null = null;
    const today = Date.now();
    const series = packs.map((pack) => {
      const points = prices
        .filter((one) => one.pack === pack)
        .map((one) => ({ x: Date.parse(one.pricedOn), y: perKilo(one) }));
      // A price holds until the next one: the last reaches to today.
      const last = points.at(-1)!;
      return { name: pack, data: last.x < today ? [...points, { x: today, y: last.y }] : points };
    });
    void import('apexcharts').then(async ({ default: Chart }) => {
      if (gone) return;
      chart = new Chart(place, {
        chart: {
          type: 'line',
          height: 190,
          toolbar: { show: false },
          zoom: { enabled: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          foreColor: colour('--ink'),
          background: 'transparent',
        },
        stroke: { curve: 'stepline', width: 2, dashArray: packs.map((_, i) => i * 4) },
        markers: { size: 4 },
        series,
        xaxis: { type: 'datetime' },
        yaxis: { min: 0, labels: { formatter: (value: number) => money(value, currency) } },
        colors: [colour('--primary'), colour('--smooth'), colour('--good'), colour('--harm')],
        grid: { borderColor: colour('--rule') },
        legend: { showForSingleSeries: true, position: 'top', horizontalAlign: 'left' },
        tooltip: { enabled: false },
      });
      await chart.render();
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  });
</script>

<div bind:this={place} class="chart" aria-hidden="true"></div>
<details>
  <summary>As a table</summary>
  <table class="table">
    <thead><tr><th>From</th><th>Pack</th><th class="num">Price</th><th class="num">Per kg</th></tr></thead>
    <tbody>
      {#each [...prices].reverse() as one (`${one.pack} ${one.pricedOn}`)}
        <tr
          ><td>{one.pricedOn}</td><td>{one.pack}</td><td class="num">{money(one.price, currency)}</td><td class="num"
            >{money(perKilo(one), currency)}</td
          ></tr
        >
      {/each}
    </tbody>
  </table>
</details>

<style>
  .chart {
    min-height: 190px;
  }

  summary {
    cursor: pointer;
    padding: 0.3rem 0;
  }
</style>
