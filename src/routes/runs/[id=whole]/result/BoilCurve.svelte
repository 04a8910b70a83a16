<!-- Recorded temperatures of a boil, beside the end point. -->
<script lang="ts">
  import type { Curve } from '$core/run';
  import { shopFigures } from '$lib/format/shopFigures';
  import Chart from '$lib/ui/Chart.svelte';

  interface Props {
    curve: Curve;
    name: string;
  }
  let { curve, name }: Props = $props();

  const figures = $derived(shopFigures());
  const shown = (celsius: number) => Number(figures.temperature.figure(celsius, 1));
  /** Readings further below the end point are only warming. */
  const SHOWN_BELOW_C = 60;
  const TWENTY = 20;
  const minutes = (seconds: number) => Math.round(seconds / 6) / 10;
  const last = $derived(minutes(curve.readings.at(-1)?.[0] ?? 0));
  const series = $derived([
    { name: 'read', data: curve.readings.map(([seconds, celsius]) => ({ x: minutes(seconds), y: shown(celsius) })) },
    {
      name: 'end point',
      data: [
        { x: 0, y: shown(curve.showsC) },
        { x: last, y: shown(curve.showsC) },
      ],
    },
  ]);
  const over = $derived(curve.peakC === null ? 0 : curve.peakC - curve.showsC);
</script>

<figure>
  <figcaption>
    {name}: {#if curve.peakC !== null}maximum {figures.temperature.say(curve.peakC)}, end point {figures.temperature.say(
        curve.showsC,
      )}{#if Math.abs(over) >= 1}, <b>{figures.degrees.say(Math.abs(over))} {over > 0 ? 'above' : 'below'}</b
        >{/if}{:else}no temperatures recorded{/if}
  </figcaption>
  {#if curve.readings.length > 1}
    <Chart
      type="line"
      height={190}
      {series}
      colours={['--primary', '--hot']}
      options={{
        stroke: { width: [2.5, 1.5], dashArray: [0, 5], curve: 'straight' },
        xaxis: { type: 'numeric', title: { text: 'minutes' }, tickAmount: 6, decimalsInFloat: 0 },
        yaxis: {
          min: Math.floor(shown(curve.showsC - SHOWN_BELOW_C) / TWENTY) * TWENTY,
          stepSize: TWENTY,
          decimalsInFloat: 0,
          title: { text: figures.temperature.unit },
        },
        legend: { show: false },
      }}
    />
  {/if}
</figure>

<style>
  figcaption {
    font-size: 0.95rem;
  }
</style>
