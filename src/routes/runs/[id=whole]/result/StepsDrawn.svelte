<!-- Planned and actual times of each step on one time axis. -->
<script lang="ts">
  import type { StepRecord } from '$core/run';

  interface Props {
    steps: readonly StepRecord[];
    /** ms since 1970. */
    beginMs: number;
    /** Formats a moment as clock time. */
    timeOf: (ms: number) => string;
  }
  let { steps, beginMs, timeOf }: Props = $props();

  const ROW = 26;
  const TOP = 22;
  const WIDTH = 620;
  const MAX_MARKS = 6;
  const HOUR = 60;
  const MINUTE_MS = 60_000;

  const end = $derived(steps.reduce((latest, { step, to }) => Math.max(latest, step.planned.to, to ?? 0), 1));
  const x = (minute: number) => (Math.max(0, minute) / end) * WIDTH;
  /** Whole hours, as many as fit. */
  const marks = $derived.by(() => {
    const apart = Math.max(1, Math.ceil(end / HOUR / MAX_MARKS)) * HOUR;
    const first = (HOUR - ((beginMs / MINUTE_MS) % HOUR)) % HOUR;
    return Array.from({ length: Math.max(0, Math.floor((end - first) / apart) + 1) }, (_, i) => first + i * apart);
  });
  const said = ({ step, minutes, skippedWhy }: StepRecord) =>
    skippedWhy !== null
      ? `skipped${skippedWhy ? `: ${skippedWhy}` : ''}`
      : minutes === null
        ? 'not recorded'
        : `${Math.round(minutes)} of ${Math.round(step.minutes)} min`;
  const isOff = ({ step, minutes }: StepRecord) =>
    minutes !== null && Math.abs(minutes - step.minutes) > Math.max(2, step.minutes / 5);
</script>

<div class="rows">
  <div class="names" aria-hidden="true">
    {#each steps as made (made.step.id)}<p style:height="{ROW}px">{made.step.text}</p>{/each}
  </div>
  <svg viewBox="0 0 {WIDTH} {TOP + ROW * steps.length}" preserveAspectRatio="none" aria-hidden="true">
    {#each marks as minute, i (i)}
      <path class="mark" d="M{x(minute)} {TOP - 4}V{TOP + ROW * steps.length}" />
    {/each}
    {#each steps as made, i (made.step.id)}
      {@const { from, to } = made.step.planned}
      <rect class="planned" x={x(from)} width={Math.max(2, x(to) - x(from))} y={TOP + i * ROW + 4} height={7} />
      {#if made.from !== null}
        <rect
          class="went"
          class:off={isOff(made)}
          x={x(made.from)}
          width={Math.max(2, x(made.to ?? made.from) - x(made.from))}
          y={TOP + i * ROW + 12}
          height={9}
        />
      {/if}
    {/each}
  </svg>
  <ol class="said">
    {#each steps as made (made.step.id)}
      <li class="figures" class:off={isOff(made)} style:height="{ROW}px">
        <span class="unseen">{made.step.text}: </span>{said(made)}
      </li>
    {/each}
  </ol>
  <div class="times figures" aria-hidden="true">
    {#each marks as minute, i (i)}<span style:left="{(minute / end) * 100}%"
        >{timeOf(beginMs + minute * MINUTE_MS)}</span
      >{/each}
  </div>
</div>
<p class="quiet key"><i class="planned"></i>planned <i class="went"></i>actual</p>

<style>
  .rows {
    display: grid;
    grid-template-columns: minmax(8rem, 15rem) minmax(0, 1fr) 7.6rem;
    column-gap: 0.8rem;
    position: relative;
  }

  .names,
  .said {
    padding-top: 22px;
    font-size: 0.88rem;
  }

  .names p {
    overflow: hidden;
    white-space: nowrap;
    text-overflow: ellipsis;
  }

  .names p,
  .said li {
    white-space: nowrap;
    line-height: 26px;
  }

  svg {
    width: 100%;
    height: 100%;
  }

  .mark {
    stroke: var(--rule);
    vector-effect: non-scaling-stroke;
    fill: none;
  }

  .planned {
    fill: var(--steel);
    background: var(--steel);
  }

  .went {
    fill: var(--primary);
    background: var(--primary);
  }

  .went.off {
    fill: var(--hot);
  }

  .said .off {
    color: var(--hot);
    font-weight: 650;
  }

  .times {
    grid-column: 2;
    grid-row: 1;
    position: relative;
    height: 20px;
    font-size: 0.78rem;
    color: var(--quiet);
  }

  .times span {
    position: absolute;
    transform: translateX(-50%);
    white-space: nowrap;
  }

  .names,
  .said,
  svg {
    grid-row: 1;
  }

  .names {
    grid-column: 1;
  }

  svg {
    grid-column: 2;
  }

  .said {
    grid-column: 3;
  }

  .key {
    display: flex;
    gap: 0.4rem;
    align-items: center;
    font-size: 0.85rem;
    margin-top: 0.3rem;
  }

  .key i {
    width: 1.4rem;
    height: 8px;
    margin-left: 0.6rem;
  }

  @media (max-width: 759px) {
    .rows {
      grid-template-columns: minmax(0, 1fr) 7.6rem;
    }

    svg,
    .times {
      display: none;
    }

    .said {
      grid-column: 2;
    }

    .names,
    .said {
      padding-top: 0;
    }

    .key {
      display: none;
    }
  }
</style>
