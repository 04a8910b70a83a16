<!-- The day of a pasted slab in small: what needs hands, and what each appliance does. -->
<script lang="ts">
  import { aboutDuration } from '$lib/format/figures';
  import { axisOf, lanesOf } from '$lib/ui/lanes';
  import type { Day } from '$core/usecases';

  interface Props {
    day: Day;
    /** Paid labour, min. */
    labourMinutes: number;
  }
  let { day, labourMinutes }: Props = $props();

  const WIDTH = 230;
  const LANE = 15;
  const NAME = 70;
  const axis = $derived(axisOf(day.steps, WIDTH));
  const lanes = $derived(lanesOf(day.steps));
  const MINUTE = 60_000;
  const minutes = $derived(
    (Math.max(...day.steps.map(({ end }) => end.getTime())) -
      Math.min(...day.steps.map(({ start }) => start.getTime()))) /
      MINUTE,
  );
</script>

<svg viewBox="0 0 {WIDTH + NAME} {lanes.length * LANE}" aria-hidden="true">
  {#each lanes as { name, rows }, at (name)}
    <text x="0" y={at * LANE + 11}>{name}</text>
    {#each rows.flat() as { start, end }, i (i)}
      {@const [from, to] = [axis.x(start.getTime()), axis.x(end.getTime())]}
      <rect
        x={NAME + from}
        y={at * LANE + 2}
        width={Math.max(1, to - from - 0.5)}
        height={LANE - 4}
        class:hands={name === 'labour'}
      />
    {/each}
  {/each}
</svg>
<p class="figures">{aboutDuration(minutes)} in all, {aboutDuration(labourMinutes)} of labour</p>

<style>
  svg {
    display: block;
    width: 100%;
  }

  text {
    font-size: 10.5px;
    fill: var(--quiet);
  }

  rect {
    fill: var(--steel);
  }

  rect.hands {
    fill: var(--primary);
  }

  p {
    margin: 0.2rem 0 0;
    font-size: 0.92rem;
  }
</style>
