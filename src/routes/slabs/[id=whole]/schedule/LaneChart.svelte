<!-- Schedule by resource. A step can be dragged, or moved by arrow keys, to pin it to a moment; the rest follows. -->
<script lang="ts">
  import type { Day, DayStep } from '$core/usecases';
  import { stepText } from '$wording/steps';
  import { formatDuration } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { axisOf, lanesOf } from '$lib/ui/lanes';

  interface Props {
    day: Day;
    pinned: ReadonlyMap<string, Date>;
    timeOfDay: (moment: Date | number) => string;
    /** Called while a step is dragged, with where it is; with `null` when it is let go where it was. */
    onpreview: (id: string, moment: Date | null) => void;
    onpin: (id: string, moment: Date) => void;
  }
  let { day, pinned, timeOfDay, onpreview, onpin }: Props = $props();

  const figures = $derived(shopFigures());
  const textOf = ({ title }: DayStep['activity']) => stepText(title, figures);

  let widthPx = $state(1100);
  const LABEL = 74;
  const ROW = 40;
  /** Width of a letter, slightly above the mean. */
  const LETTER_PX = 6.4;
  const lanes = $derived(lanesOf(day.steps));
  /** Every row with its position, and its lane's name on the first. */
  const rows = $derived(
    lanes
      .flatMap(({ name, rows: list }) =>
        list.map((steps, i) => ({ key: `${name} ${i}`, lane: name, name: i === 0 ? name : '', steps })),
      )
      .map((row, i) => ({ ...row, y: i * ROW + 16 })),
  );
  const width = $derived(Math.max(400, widthPx - LABEL - 16));
  const axis = $derived(axisOf(day.steps, width));
  const height = $derived(rows.length * ROW + 16 + 24);
  const MINUTE = 60_000;
  const STEP = 5 * MINUTE;

  /** Text of a step: in its bar, or behind it if there is room before the next step of its row; otherwise its number in the table. */
  function words(steps: readonly DayStep[], at: number): { text: string; isBehind: boolean } {
    const { activity, start, end } = steps[at]!;
    const until = steps[at + 1]?.start.getTime();
    const [from, to] = [axis.x(start.getTime()), axis.x(end.getTime())];
    const text = textOf(activity);
    const long = text.length * LETTER_PX;
    if (long <= to - from - 8) return { text, isBehind: false };
    if (long <= (until === undefined ? width + 12 : axis.x(until)) - to - 8) return { text, isBehind: true };
    const number = String(day.steps.findIndex((step) => step.activity.id === activity.id) + 1);
    return { text: number.length * LETTER_PX <= to - from - 4 ? number : '', isBehind: false };
  }

  let drag: { id: string; grabbed: number; x: number } | null = $state(null);

  /** Touch area of a short step. */
  const reach = $derived(26 * Math.max(1, (width + LABEL + 16) / Math.max(1, widthPx - 20)));

  /** Distance from which a touch counts as a move, px. */
  const MOVED_PX = 4;
  /** The moment over which the dragged step is, on a step of five minutes; `null` if it was not moved. */
  function draggedTo(): Date | null {
    const step = drag && day.steps.find(({ activity }) => activity.id === drag!.id);
    if (!drag || !step || Math.abs(drag.x - drag.grabbed) <= MOVED_PX) return null;
    const moment = axis.at(Math.min(width, Math.max(0, axis.x(step.start.getTime()) + drag.x - drag.grabbed)));
    return new Date(Math.round(moment / STEP) * STEP);
  }
  let shown = 0;
  function drags(x: number) {
    if (!drag) return;
    drag = { ...drag, x };
    const to = draggedTo();
    if (to?.getTime() === shown) return;
    shown = to?.getTime() ?? 0;
    onpreview(drag.id, to);
  }

  function drop() {
    if (!drag) return;
    const { id } = drag;
    const to = draggedTo();
    drag = null;
    shown = 0;
    if (to) onpin(id, to);
    else onpreview(id, null);
  }
</script>

<figure bind:clientWidth={widthPx}>
  <svg viewBox="0 0 {width + LABEL + 16} {height}" role="group" aria-label="Schedule by resource">
    {#each rows as { key, lane, name, steps, y } (key)}
      {#if name !== ''}<text x="0" y={y + 22} class="lane">{name}</text>
        <path d="M0 {y}h{width + LABEL}" class="line" />{/if}
      {#each steps as { activity, start, end, slackMinutes, deciding }, at (activity.id)}
        {@const x = LABEL + axis.x(start.getTime()) + (drag?.id === activity.id ? drag.x - drag.grabbed : 0)}
        {@const { text, isBehind } = words(steps, at)}
        {@const w = Math.max(3, axis.x(end.getTime()) - axis.x(start.getTime()))}
        <g
          class="step {activity.hands}"
          class:deciding
          class:pinned={pinned.has(activity.id)}
          role="button"
          tabindex={lane === 'labour' || activity.hands === 'free' ? 0 : -1}
          aria-label="{textOf(activity)}, {timeOfDay(start)} to {timeOfDay(end)}{deciding
            ? ', on the critical path'
            : ''}{pinned.has(activity.id) ? ', pinned' : ''}"
          onkeydown={(event) => {
            const by = { ArrowRight: STEP, ArrowLeft: -STEP }[event.key];
            if (by === undefined) return;
            event.preventDefault();
            onpin(activity.id, new Date(start.getTime() + by * (event.shiftKey ? 6 : 1)));
          }}
          onpointerdown={(event) => {
            (event.currentTarget as Element).setPointerCapture(event.pointerId);
            drag = { id: activity.id, grabbed: event.clientX, x: event.clientX };
          }}
          onpointermove={(event) => drag?.id === activity.id && drags(event.clientX)}
          onpointerup={drop}
        >
          {#if !deciding && slackMinutes > 0}
            {@const to =
              day.slack === 'later' ? end.getTime() + slackMinutes * MINUTE : start.getTime() - slackMinutes * MINUTE}
            <path d="M{day.slack === 'later' ? x + w : x} {y + ROW - 2}H{LABEL + axis.x(to)}m0 -3v5" class="slack" />
          {/if}
          <rect
            x={x + w / 2 - Math.max(w, reach) / 2}
            y={y + 2}
            width={Math.max(w, reach)}
            height={ROW - 4}
            class="reach"
          />
          <rect {x} y={y + 5} width={w} height={ROW - 10} />
          <text x={isBehind ? x + w + 5 : x + 4} y={y + 24}>{text}</text>
          <title>{textOf(activity)}, {timeOfDay(start)} to {timeOfDay(end)}</title>
        </g>
      {/each}
    {/each}
    {#each axis.breaks as { x, minutes } (x)}
      <path d="M{LABEL + x} 16v{height - 40}" class="break" />
      <text x={LABEL + x} y="12" class="gap">{formatDuration(minutes)}</text>
    {/each}
    {#each axis.ticks as { x, moment } (moment)}
      <text x={LABEL + x} y={height - 8} class="tick">{timeOfDay(moment)}</text>
    {/each}
  </svg>
</figure>

<style>
  figure {
    background: var(--panel);
    border: 1px solid var(--rule);
    padding: 0.5rem;
  }

  svg {
    display: block;
    width: 100%;
    touch-action: none;
  }

  text {
    font-size: 12px;
    fill: var(--ink);
    pointer-events: none;
  }

  .lane {
    font-weight: 650;
  }

  .line {
    stroke: var(--rule);
  }

  .step rect {
    fill: color-mix(in srgb, var(--primary) 22%, var(--panel));
    stroke: var(--primary);
    cursor: grab;
  }

  .step:focus-visible {
    outline: none;
  }

  .step:focus-visible rect {
    stroke: var(--primary);
    stroke-width: 3;
  }

  .step.watch rect {
    stroke-dasharray: 4 2;
  }

  .step.free rect {
    fill: var(--sunk);
    stroke: var(--rule-strong);
  }

  .slack {
    fill: none;
    stroke: var(--rule-strong);
  }

  .step.deciding rect {
    stroke: var(--ink);
    stroke-width: 2.5;
  }

  .step.pinned rect {
    fill: var(--hot-ground);
  }

  .step .reach.reach.reach {
    fill: transparent;
    stroke: none;
  }

  .break {
    stroke: var(--rule-strong);
    stroke-dasharray: 2 4;
  }

  .gap,
  .tick {
    font-size: 11px;
    fill: var(--quiet);
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }

  .tick {
    text-anchor: start;
  }
</style>
