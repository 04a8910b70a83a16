<!-- The warmest part of every layer over time. The chart package is fetched only when this station is opened. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import type { Setting } from '../../../../core/setting';

  let { setting }: { setting: Setting } = $props();

  let place: HTMLElement;
  let chart: ApexCharts | null = $state.raw(null);
  const MOST_POINTS = 150;
  const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

  const series = $derived(
    setting.layers.map(({ name, curve }) => {
      const step = Math.max(1, Math.ceil(curve.warmestC.length / MOST_POINTS));
      const data = curve.warmestC
        .map((y, x) => ({ x: x / 60, y: Number.isNaN(y) ? null : Number(y.toFixed(1)) }))
        .filter((_, i) => i % step === 0);
      return { name, data };
    }),
  );

  onMount(() => {
    let gone = false;
    void import('apexcharts').then(async ({ default: Chart }) => {
      if (gone) return;
      const made = new Chart(place, {
        chart: {
          type: 'line',
          height: 220,
          toolbar: { show: false },
          zoom: { enabled: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          foreColor: colour('--ink'),
          background: 'transparent',
        },
        stroke: { width: 2, dashArray: [0, 5, 2, 8, 3] },
        series,
        xaxis: { type: 'numeric', decimalsInFloat: 1, title: { text: 'hours' } },
        yaxis: { decimalsInFloat: 0, title: { text: 'warmest part, °C' } },
        colors: [colour('--primary'), colour('--smooth'), colour('--harm'), colour('--good'), colour('--ink')],
        grid: { borderColor: colour('--rule') },
        legend: { position: 'top', horizontalAlign: 'left', showForSingleSeries: true },
        tooltip: { enabled: false },
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
    void chart?.updateSeries(series);
  });
</script>

<div class="panel" bind:this={place} aria-hidden="true"></div>

<style>
  div {
    min-height: 220px;
    margin-top: 0.6rem;
    padding: 0.3rem;
  }
</style>
