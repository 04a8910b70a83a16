<!-- A chart in the shop's colours. The chart package loads with the first chart; a table beside it has the same figures. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import type { ApexOptions } from 'apexcharts';
  import { onMount } from 'svelte';

  interface Props {
    type: 'line' | 'bar';
    height: number;
    series: NonNullable<ApexOptions['series']>;
    /** Names of theme colours, one for each series. */
    colours: readonly `--${string}`[];
    options?: ApexOptions;
  }
  let { type, height, series, colours, options = {} }: Props = $props();

  let place: HTMLElement;
  let chart: ApexCharts | null = $state.raw(null);
  const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

  /** The chart package writes its legend as HTML; names entered by people stay text. */
  function asText(name: string): string {
    const span = document.createElement('span');
    span.textContent = name;
    return span.innerHTML;
  }
  const safe: ApexOptions = $derived({ ...options, legend: { ...options.legend, formatter: asText } });

  onMount(() => {
    let gone = false;
    void import('apexcharts').then(async ({ default: Chart }) => {
      if (gone) return;
      const made = new Chart(place, {
        ...safe,
        chart: {
          type,
          height,
          toolbar: { show: false },
          zoom: { enabled: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          foreColor: colour('--ink'),
          background: 'transparent',
        },
        series,
        colors: colours.map(colour),
        grid: { borderColor: colour('--rule'), ...options.grid },
        tooltip: { enabled: false },
        states: { hover: { filter: { type: 'none' } }, active: { filter: { type: 'none' } } },
      });
      await made.render();
      if (gone) made.destroy();
      else chart = made;
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  });

  $effect(() => {
    void chart?.updateOptions(safe);
  });
  $effect(() => {
    void chart?.updateSeries(series);
  });
</script>

<div bind:this={place} style:min-height="{height}px" aria-hidden="true"></div>
