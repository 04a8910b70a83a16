<!-- A figure from run to run, with its median and spread. -->
<script lang="ts">
  import type { Trend } from '$core/logbook';

  interface Props {
    trend: Trend;
    say: (value: number) => string;
  }
  let { trend, say }: Props = $props();

  const WIDTH = 240;
  const HEIGHT = 46;
  const EDGE = 5;

  const values = $derived(trend.values.map(({ value }) => value));
  const { median, spread } = $derived(trend.middle);
  const low = $derived(Math.min(...values, median - spread));
  const high = $derived(Math.max(...values, median + spread));
  const first = $derived(trend.values[0]?.at ?? 0);
  const long = $derived(Math.max(1, (trend.values.at(-1)?.at ?? 0) - first));
  const x = (at: number) => EDGE + ((at - first) / long) * (WIDTH - 2 * EDGE);
  const y = (value: number) =>
    high === low ? HEIGHT / 2 : HEIGHT - EDGE - ((value - low) / (high - low)) * (HEIGHT - 2 * EDGE);
  const path = $derived(trend.values.map(({ at, value }, i) => `${i === 0 ? 'M' : 'L'}${x(at)} ${y(value)}`).join(''));
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  role="img"
  aria-label="from {say(Math.min(...values))} to {say(Math.max(...values))} in {values.length} runs"
>
  <rect x="0" width={WIDTH} y={y(median + spread)} height={Math.max(1, y(median - spread) - y(median + spread))} />
  <path class="middle" d="M0 {y(median)}H{WIDTH}" />
  <path class="line" d={path} />
  {#each trend.values as { run, at, value } (run)}
    <circle cx={x(at)} cy={y(value)} r="2.6"><title>{say(value)}</title></circle>
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 20rem;
  }

  rect {
    fill: var(--sunk);
  }

  .middle {
    stroke: var(--rule-strong);
    stroke-dasharray: 3 3;
  }

  .line {
    fill: none;
    stroke: var(--primary);
    stroke-width: 1.2;
  }

  circle {
    fill: var(--primary);
  }
</style>
