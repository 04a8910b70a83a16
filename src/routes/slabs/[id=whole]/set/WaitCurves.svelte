<!-- The warmest part of every layer over time. -->
<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import type { Setting } from '../../../../core/setting';
  import Chart from '$lib/ui/Chart.svelte';

  let { setting }: { setting: Setting } = $props();

  const MOST_POINTS = 150;
  const series = $derived(
    setting.layers.map(({ name, curve }) => {
      const step = Math.max(1, Math.ceil(curve.warmestC.length / MOST_POINTS));
      const data = curve.warmestC
        .map((y, x) => ({ x: x / 60, y: Number.isNaN(y) ? null : Number(y.toFixed(1)) }))
        .filter((_, i) => i % step === 0);
      return { name, data };
    }),
  );
  const OPTIONS: ApexOptions = {
    stroke: { width: 2, dashArray: [0, 5, 2, 8, 3] },
    xaxis: { type: 'numeric', decimalsInFloat: 1, title: { text: 'hours' } },
    yaxis: { decimalsInFloat: 0, title: { text: 'warmest part, °C' } },
    legend: { position: 'top', horizontalAlign: 'left', showForSingleSeries: true },
  };
</script>

<div class="panel">
  <Chart
    type="line"
    height={220}
    {series}
    colours={['--primary', '--smooth', '--harm', '--good', '--ink']}
    options={OPTIONS}
  />
</div>

<style>
  div {
    margin-top: 0.6rem;
    padding: 0.3rem;
  }
</style>
