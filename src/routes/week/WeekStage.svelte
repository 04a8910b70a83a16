<!-- The workroom over the week, to scale in time: one band a day, lanes for people, hob, oven and fridge, orders as flags. -->
<script lang="ts">
  import type { Look } from '$core/classify';
  import { tick } from 'svelte';
  import type { WeekPlanStep } from '$core/usecases';
  import { shopDates } from '$lib/format/shopDates';
  import BarFace from './BarFace.svelte';
  import { bandsOf, shownHours, type Bar, type Space } from './weekView';

  interface Flag {
    readonly key: string;
    readonly text: string;
    readonly at: number;
    readonly isAtRisk: boolean;
  }
  interface Props {
    steps: readonly WeekPlanStep[];
    /** Midnights, with the one after the last day. */
    days: readonly number[];
    space: Space;
    hours: readonly {
      readonly name: string;
      readonly hours: readonly { readonly from: number; readonly to: number }[];
    }[];
    blocked: readonly { readonly id: number; readonly resource: string; readonly from: string; readonly to: string }[];
    flags: readonly Flag[];
    /** Name, and looks of the layers from the top, of a batch. */
    batch: (id: string) => { readonly name: string; readonly looks: readonly Look[] };
    chosen: string | null;
    now: number;
    onchoose: (batch: string) => void;
    /** Called while a step is moved, with where it is; with `null` when it is let go where it was. */
    onpreview: (step: WeekPlanStep, at: Date | null) => void;
    onmove: (step: WeekPlanStep, at: Date) => void;
  }
  let p: Props = $props();

  const dates = $derived(shopDates());
  let widthPx = $state(900);
  const [DAY, NAME, HEAD, PAD] = [64, 62, 22, 8];
  const LANE = { person: 22, hob: 18, oven: 18, mixer: 18, cold: 26, tins: 18 } as const;
  const CLOSED = 24;
  const LEFT = DAY + NAME;
  const HOUR = 3_600_000;
  const STEP = 5 * 60_000;
  const MOVED_PX = 4;

  const shown = $derived(
    shownHours(
      p.steps,
      p.hours.flatMap(({ hours }) => hours),
      p.days,
    ),
  );
  const width = $derived(Math.max(560, widthPx));
  const pxPerMs = $derived((width - LEFT - 10) / ((shown[1] - shown[0]) * HOUR));
  const bands = $derived.by(() => {
    let y = HEAD;
    return bandsOf(p.steps, p.days, p.space).map((band) => {
      const top = y;
      const isOpen = p.hours.some(({ hours }) => hours.some((span) => span.from < band.to && span.to > band.from));
      const isShown = isOpen || band.lanes.some(({ bars }) => bars.length > 0);
      if (!isShown) {
        y += CLOSED;
        return { ...band, lanes: [], top, bottom: y, isClosed: true };
      }
      const lanes = band.lanes.map((lane) => {
        const at = y;
        y += LANE[lane.kind];
        return { ...lane, y: at, height: LANE[lane.kind] };
      });
      y += PAD;
      return { ...band, lanes, top, bottom: y, isClosed: false };
    });
  });
  const height = $derived((bands.at(-1)?.bottom ?? HEAD) + 2);
  const within = (x: number) => Math.min(width - 10, Math.max(LEFT, x));
  const xOf = (at: number, band: { readonly from: number }) =>
    within(LEFT + (at - band.from - shown[0] * HOUR) * pxPerMs);
  const spanOf = (
    span: { readonly from: number; readonly to: number },
    band: { readonly from: number; readonly to: number },
  ) => {
    const from = xOf(Math.max(span.from, band.from), band);
    return { x: from, width: Math.max(0, xOf(Math.min(span.to, band.to), band) - from) };
  };
  const ticks = $derived(Array.from({ length: shown[1] - shown[0] + 1 }, (_, i) => shown[0] + i));
  const dayName = (from: number) => {
    const [weekday, day] = dates
      .moment(from + 12 * HOUR)
      .replace(',', '')
      .split(' ');
    return `${weekday} ${day}`;
  };
  const clock = (ms: number) => dates.clock(ms);
  const LETTER_PX = 6.3;
  const fitted = (text: string, px: number) => {
    const letters = Math.floor(px / LETTER_PX);
    return letters >= text.length ? text : letters > 5 ? `${text.slice(0, letters - 1).trimEnd()}…` : '';
  };
  const isOf = (lane: { readonly kind: string; readonly name: string; readonly key: string }, resource: string) =>
    resource === lane.key.replace(/^person /, '') ||
    (resource === 'people' && lane.kind === 'person') ||
    (resource === 'oven' && lane.kind === 'oven') ||
    (resource === 'ring' && lane.kind === 'hob');

  /** A bar that is held by the pointer or the keys, with where its first step would begin; `null` while it was not moved. */
  interface Hold {
    readonly bar: Bar;
    readonly at: number | null;
    /** Where the pointer took it; `null` for the keys. */
    readonly grabbed: { readonly x: number; readonly y: number } | null;
  }
  let held = $state.raw<Hold | null>(null);
  let svg: SVGSVGElement | null = $state(null);
  const bandAt = (ms: number) => bands.find(({ from, to }) => ms >= from && ms < to);
  function inDrawing(event: PointerEvent) {
    const box = svg!.getBoundingClientRect();
    const scale = width / box.width;
    return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale };
  }
  function holdAt(at: number) {
    // Nothing can begin before now.
    const next = Math.max(at, Math.ceil(p.now / STEP) * STEP);
    if (!held || next === held.at) return;
    held = { ...held, at: next };
    p.onpreview(held.bar.steps[0]!, new Date(next));
  }
  function drags(event: PointerEvent) {
    if (!held?.grabbed) return;
    const { bar, grabbed } = held;
    const { x, y } = inDrawing(event);
    if (held.at === null && Math.hypot(x - grabbed.x, y - grabbed.y) <= MOVED_PX) return;
    const [band, own] = [bands.find(({ top, bottom }) => y >= top && y < bottom), bandAt(bar.from)];
    if (!band || !own) return;
    const at = bar.from - own.from + band.from + (x - grabbed.x) / pxPerMs;
    holdAt(Math.round(at / STEP) * STEP);
  }
  function letGo(isKept: boolean) {
    if (!held) return;
    const { bar, at } = held;
    held = null;
    if (at !== null && isKept) p.onmove(bar.steps[0]!, new Date(at));
    else if (at !== null) p.onpreview(bar.steps[0]!, null);
    else if (isKept) p.onchoose(bar.batch);
  }
  /** When the pointer was last pressed, by the clock of events, ms. */
  let pressedAt = -Infinity;
  const PRESS_MS = 100;
  /**
   * Called when a bar loses the focus. One that is moved by the keys gets another place among the elements or a new element: the focus
   * follows it. The move is cancelled when the focus goes elsewhere.
   */
  async function leave(left: SVGElement, { timeStamp }: FocusEvent) {
    if (held?.grabbed !== null) return;
    const [step] = held.bar.steps;
    await tick();
    const isLost = document.activeElement === document.body && document.hasFocus();
    if (!isLost || timeStamp - pressedAt < PRESS_MS) return letGo(false);
    if (left.isConnected) return left.focus();
    const isIts = ({ steps }: Bar) => steps.some((own) => own.batch === step!.batch && own.step === step!.step);
    const key = bands
      .flatMap(({ lanes }) => lanes)
      .flatMap(({ kind, bars }) => (kind === 'person' ? bars : []))
      .find(isIts)?.key;
    const now = key === undefined ? null : svg?.querySelector<SVGElement>(`[data-key="${CSS.escape(key)}"]`);
    if (now) now.focus();
    else letGo(false);
  }
  function onkeydown(event: KeyboardEvent, bar: Bar) {
    const by = { ArrowRight: STEP * 3, ArrowLeft: -STEP * 3, ArrowDown: 24 * HOUR, ArrowUp: -24 * HOUR }[event.key];
    if (by !== undefined) {
      held ??= { bar, at: null, grabbed: null };
      holdAt((held.at ?? bar.from) + by);
    } else if (event.key === 'Enter' || event.key === ' ') {
      held ??= { bar, at: null, grabbed: null };
      letGo(true);
    } else if (event.key === 'Escape' && held) letGo(false);
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onpointerdowncapture={({ timeStamp }) => (pressedAt = timeStamp)} />

<figure bind:clientWidth={widthPx}>
  <svg
    bind:this={svg}
    onpointermove={drags}
    onpointerup={() => letGo(true)}
    onpointercancel={() => letGo(false)}
    viewBox="0 0 {width} {height}"
    role="group"
    aria-label="The week by day and resource"
  >
    {#each ticks as hour (hour)}
      {@const x = LEFT + (hour - shown[0]) * HOUR * pxPerMs}
      {#if hour % (pxPerMs * HOUR < 42 ? 2 : 1) === 0}<text {x} y="14" class="tick">{hour}:00</text>{/if}
      <path d="M{x} {HEAD}V{height}" class="grid" />
    {/each}
    {#each bands as band (band.day)}
      <path d="M0 {band.top - PAD / 2}H{width}" class="line" />
      <text x="4" y={band.top + 15} class="day">{dayName(band.from)}</text>
      {#if band.isClosed}<text x={LEFT} y={band.top + 15} class="closed">closed</text>{/if}
      {#each band.lanes as lane (lane.key)}
        <text x={LEFT - 6} y={lane.y + lane.height / 2 + 4} class="lane">{fitted(lane.name, NAME + 20)}</text>
        {#if lane.kind === 'person'}
          {#each p.hours.find(({ name }) => name === lane.name)?.hours ?? [] as span (span.from)}
            {#if span.from < band.to && span.to > band.from}
              <rect {...spanOf(span, band)} y={lane.y} height={lane.height} class="open" />
            {/if}
          {/each}
        {/if}
        {#each lane.bars as bar (bar.key)}
          {@const { x, width: w } = spanOf(bar, band)}
          {@const { name, looks } = p.batch(bar.batch)}
          {@const y = lane.y + 1 + bar.top * (lane.height - 2)}
          {@const h = Math.max(3, bar.height * (lane.height - 2) - 1)}
          {@const isHands = lane.kind === 'person'}
          <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
          <g
            class="bar {lane.kind}"
            class:chosen={bar.batch === p.chosen}
            role={isHands ? 'button' : 'img'}
            tabindex={isHands ? 0 : undefined}
            aria-label="{name}, {dates.weekTime(bar.from)} to {clock(bar.to)}"
            onkeydown={isHands ? (event) => onkeydown(event, bar) : undefined}
            onblur={(event) => void leave(event.currentTarget, event)}
            data-key={bar.key}
            onpointerdown={(event) => {
              if (event.button !== 0) return;
              svg!.setPointerCapture(event.pointerId);
              held = { bar, at: null, grabbed: inDrawing(event) };
            }}
          >
            <title>{name}, {dates.weekTime(bar.from)} to {clock(bar.to)}</title>
            <BarFace {x} {y} width={w} height={h} {looks} isFilled={lane.kind === 'cold' || lane.kind === 'tins'} />
            {#if isHands && h > 12}<text x={x + 10} y={y + h / 2 + 4}>{fitted(name, w - 14)}</text>{/if}
          </g>
        {/each}
        {#each p.blocked.filter(({ resource }) => isOf(lane, resource)) as { id, from, to } (id)}
          {@const span = { from: Date.parse(from), to: Date.parse(to) }}
          {#if span.from < band.to && span.to > band.from}
            <rect {...spanOf(span, band)} y={lane.y + 1} height={lane.height - 2} class="blocked" />
          {/if}
        {/each}
      {/each}
      {#each p.flags.filter(({ at }) => at >= band.from && at < band.to) as { key, text, at, isAtRisk }, i (key)}
        {@const x = xOf(at, band)}
        {@const label = fitted(text, 150)}
        {@const wide = label.length * LETTER_PX + 10}
        {@const left = x + wide > width ? x - wide : x}
        {@const y = band.bottom - PAD - 17 - (i % 2) * 18}
        <g class="flag" class:risk={isAtRisk}>
          <path d="M{x} {band.top}V{band.bottom - PAD}" />
          <rect x={left} {y} width={wide} height="16" />
          <text x={left + 5} y={y + 12}>{label}</text>
          <title>{text}, {dates.moment(at)}{isAtRisk ? ', at risk' : ''}</title>
        </g>
      {/each}
      {#if p.now >= band.from && p.now < band.to}
        <path d="M{xOf(p.now, band)} {band.top}V{band.bottom - PAD}" class="now" />
      {/if}
    {/each}
    {#if held?.at}
      {@const band = bandAt(held.at)}
      {@const { name } = p.batch(held.bar.batch)}
      {#if band}
        {@const { x, width: w } = spanOf({ from: held.at, to: held.at + held.bar.to - held.bar.from }, band)}
        <g class="held">
          <rect {x} y={band.top} width={Math.max(8, w)} height="22" />
          <text x={x + 4} y={band.top + 15}>{clock(held.at)} {name}</text>
        </g>
      {/if}
    {/if}
  </svg>
</figure>

<style>
  figure {
    background: var(--panel);
    border: 1px solid var(--rule);
    padding: 0.3rem;
    overflow-x: auto;
  }

  svg {
    display: block;
    width: 100%;
    min-width: 35rem;
  }

  text {
    font-size: 12px;
    fill: var(--ink);
    pointer-events: none;
  }

  .day {
    font-weight: 700;
    font-size: 13.5px;
  }

  .lane {
    text-anchor: end;
    font-size: 11.5px;
    fill: var(--quiet);
  }

  .closed {
    font-size: 11.5px;
    fill: var(--quiet);
  }

  .tick {
    text-anchor: middle;
    font-size: 11px;
    fill: var(--quiet);
    font-variant-numeric: tabular-nums;
  }

  .grid {
    stroke: var(--rule);
    stroke-opacity: 0.6;
  }

  .line {
    stroke: var(--rule);
  }

  .open {
    fill: var(--sunk);
  }

  .bar {
    cursor: grab;
    touch-action: none;
  }

  .bar:focus-visible {
    outline: none;
  }

  .bar {
    --bar-fill: color-mix(in srgb, var(--primary) 16%, var(--panel));
    --bar-line: var(--rule-strong);
    --bar-line-width: 0.8;
  }

  .hob,
  .oven,
  .mixer {
    --bar-fill: color-mix(in srgb, var(--hot) 16%, var(--panel));
  }

  .chosen,
  .bar:focus-visible {
    --bar-line: var(--primary);
    --bar-line-width: 2.4;
  }

  .held rect {
    fill: var(--hot-ground);
    stroke: var(--hot);
    stroke-width: 1.5;
  }

  .held {
    pointer-events: none;
  }

  .held text {
    font-weight: 650;
    paint-order: stroke;
    stroke: var(--panel);
    stroke-width: 4px;
  }

  .blocked {
    fill: var(--harm-ground);
    fill-opacity: 0.8;
    stroke: var(--harm);
    stroke-dasharray: 3 2;
    pointer-events: none;
  }

  .flag path {
    stroke: var(--primary);
    stroke-width: 2;
    pointer-events: none;
  }

  .flag rect {
    fill: var(--primary);
  }

  .flag text {
    fill: var(--on-primary);
    font-size: 11.5px;
  }

  .flag.risk path {
    stroke: var(--hot);
  }

  .flag.risk rect {
    fill: var(--hot);
  }

  .now {
    stroke: var(--harm);
    stroke-width: 1.5;
  }
</style>
