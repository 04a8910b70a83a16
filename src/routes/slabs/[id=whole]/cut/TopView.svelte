<!-- The tin from above, to scale, with trims, cuts and ruler marks. Front edge at the bottom. Straight cuts can be dragged; for
  readings, a tap adds a place. -->
<script lang="ts">
  import {
    gridOf,
    isOnLines,
    layOut,
    strokeOrder,
    type CutLine,
    type Point,
    type Reading,
    type Surface,
  } from '$core/cut';
  import type { PlannedSlab } from '$core/usecases';
  import type { Look } from '$core/classify';
  import type { CutSpec } from '$core/slab';
  import { outlineAt } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';
  import CutHandles from './CutHandles.svelte';
  import ThicknessShade from './ThicknessShade.svelte';
  import { viewOf } from './view';

  interface Props {
    planned: PlannedSlab;
    cut: CutSpec;
    /** Look of the upper face; absent without a slab. */
    texture: Look | null;
    onmove: (line: CutLine, toMm: number, insideMm: number) => void;
    /** Locked lines. */
    locked?: (line: CutLine) => boolean;
    /** Thickness readings at their places, and the surface through them. */
    readings?: readonly Reading[];
    surface?: Surface | null;
    /** Called with a tap on the slab, mm from the left and from the front. */
    onplace?: ((xMm: number, yMm: number) => void) | undefined;
    /** Whether strokes show their number in the cutting order. */
    numbered?: boolean;
  }
  let {
    planned,
    cut,
    texture,
    onmove,
    locked,
    readings = [],
    surface = null,
    onplace,
    numbered = false,
  }: Props = $props();

  const figures = $derived(shopFigures());

  /** Figures such as 11 13/16 need more room. */
  const inFractions = $derived(figures.length.unit === 'in');
  /** As large as its space, so that letters keep their size. */
  let widthPx = $state(560);
  let heightPx = $state(320);
  const picture = $derived({ width: Math.max(160, widthPx), height: Math.max(90, heightPx) });

  const outline = $derived(outlineAt(planned.tin, planned.slab.heightMm / 2));
  const layout = $derived(layOut(planned.tin, planned.slab.heightMm, cut));
  /** Straight cuts, which can be dragged. */
  const grid = $derived(isOnLines(cut) ? gridOf(planned.tin, planned.slab.heightMm, cut) : null);
  const view = $derived(viewOf(outline, picture, { left: inFractions ? 70 : 46, top: 26, right: 14, bottom: 8 }));
  const { x, y, px, at } = $derived(view);
  const closed = (points: readonly Point[]) => `M${points.map(at).join('L')}Z`;
  const tinBox = $derived({
    x: x(0),
    y: y(outline.widthMm),
    width: view.lengthPx,
    height: view.widthPx,
    rx: outline.cornerMm * px,
  });
  const id = $props.id();

  /** Labels only where there is room. */
  const shown = (marks: readonly number[], room: number) => {
    let last = -Infinity;
    return marks.map((mark) => {
      const fits = (mark - last) * px >= room;
      if (fits) last = mark;
      return { mark, label: fits };
    });
  };
  const waste = $derived((layout?.regions ?? []).filter(({ kind }) => kind === '').map(({ face }) => closed(face)));
  const mid = (values: readonly number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  /** Names of piece types, in the middle of their pieces. */
  const named = $derived(
    (layout?.regions ?? []).flatMap(({ kind, face, lengthMm, widthMm }) => {
      const own = cut.kinds?.find(({ id }) => id === kind);
      if (!own || Math.min(lengthMm, widthMm) * px < 16) return [];
      const middle: Point = [mid(face.map(([mx]) => mx)), mid(face.map(([, my]) => my))];
      const room = Math.max(1, Math.floor((Math.max(lengthMm, widthMm) * px) / 8));
      return [{ middle, upright: widthMm > lengthMm * 1.4, words: own.name.slice(0, room) }];
    }),
  );
  /** Trims: the tin without the frame of the pieces. */
  const trimmed = $derived.by(() => {
    if (!layout) return '';
    const [a, b] = [outline.lengthMm / 2, outline.widthMm / 2];
    const [x1, x2, y1, y2] = layout.frame;
    const [from, to, low, high] = [Math.max(-a, x1), Math.min(a, x2), Math.max(-b, y1), Math.min(b, y2)];
    const box = (l: number, r: number, f: number, k: number) =>
      closed([
        [l, f],
        [r, f],
        [r, k],
        [l, k],
      ]);
    return box(-a, a, -b, b) + box(from, to, low, high);
  });
  const strokes = $derived((layout?.strokes ?? []).map(({ from, to }) => `M${at(from)}L${at(to)}`));
  /** Number at the start of each stroke; too many would overlap. */
  const MAX_NUMBERS = 60;
  const numbers = $derived.by(() => {
    const order = numbered && layout ? strokeOrder(layout).strokes : [];
    return order.length > MAX_NUMBERS ? [] : order;
  });

  /** Broken by hand: a drawing of shards. */
  let shards: readonly string[] = $state([]);
  $effect(() => {
    const broken = cut.way === 'break' ? planned.cut.pieces[0] : undefined;
    if (!broken) {
      shards = [];
      return;
    }
    const size = { lengthMm: outline.lengthMm, widthMm: outline.widthMm };
    const { count } = broken;
    let gone = false;
    void import('./shardFaces').then(({ shardFaces }) => {
      if (!gone) shards = shardFaces(size, count, planned.cut.massVariation).map(closed);
    });
    return () => (gone = true);
  });

  function place(event: MouseEvent) {
    if (!onplace) return;
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const [xMm, yMm] = [(event.clientX - box.left) / px, (box.bottom - event.clientY) / px];
    onplace(Math.round(xMm), Math.round(yMm));
  }

  const along = $derived(shown(planned.cut.marksMm.length, inFractions ? 62 : 34));
  const across = $derived(shown(planned.cut.marksMm.width, 13));
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={picture.width} height={picture.height} role="group" aria-label="The tin from above, to scale, with cuts">
    <clipPath id="tin-{id}"><rect {...tinBox} /></clipPath>
    <rect {...tinBox} class="slab" fill={texture ? `url(#fill-${texture})` : 'var(--panel)'} />
    <g clip-path="url(#tin-{id})">
      {#if surface}<ThicknessShade {view} {surface} />{/if}
      <path class="trim" fill-rule="evenodd" d={trimmed} />
      <path class="trim hatch" fill-rule="evenodd" d={trimmed} />
      {#each waste as d, i (i)}
        <path class="trim" {d} />
        <path class="trim hatch" {d} />
      {/each}
      {#each [...strokes, ...shards] as d, i (i)}
        <path class="casing" {d} />
        <path class="cut" {d} />
      {/each}
      {#each named as { middle, upright, words }, i (i)}
        {@const [tx, ty] = at(middle).split(' ')}
        <text x={tx} y={ty} class="kind" transform={upright ? `rotate(-90 ${tx} ${ty})` : undefined}>{words}</text>
      {/each}
    </g>
    <rect {...tinBox} class="tin" />
    <g class="marks" aria-hidden="true">
      {#each along as { mark, label } (mark)}
        <path d="M{x(mark)} {y(outline.widthMm) - 3}v-5" />
        {#if label}<text x={x(mark)} y={y(outline.widthMm) - 10} text-anchor="middle"
            >{figures.length.figure(mark)}</text
          >{/if}
      {/each}
      {#each across as { mark, label } (mark)}
        <path d="M{x(0) - 3} {y(mark)}h-5" />
        {#if label}<text x={x(0) - 10} y={y(mark) + 4} text-anchor="end">{figures.length.figure(mark)}</text>{/if}
      {/each}
    </g>
    {#each numbers as { number, from, to, set } (number)}
      {@const part = Math.min(
        0.5,
        (set === 'across' ? 40 : 16) / Math.max(1, Math.hypot(to[0] - from[0], to[1] - from[1]) * px),
      )}
      <g
        class="number"
        aria-hidden="true"
        transform="translate({x(from[0] + (to[0] - from[0]) * part)} {y(from[1] + (to[1] - from[1]) * part)})"
      >
        <circle r="10" />
        <text>{number}</text>
      </g>
    {/each}
    {#if onplace}
      <rect {...tinBox} rx="0" class="touch" role="presentation" onclick={place} />
    {/if}
    {#each readings as { xMm, yMm, mm }, i (i)}
      <g class="reading" aria-hidden="true">
        <circle cx={x(xMm)} cy={y(yMm)} r="5" />
        <text x={x(xMm)} y={y(yMm) - 9}>{figures.length.figure(mm)}</text>
      </g>
    {/each}
    {#if grid && !onplace}<CutHandles {view} {grid} {onmove} {locked} />{/if}
  </svg>
</figure>

<style>
  figure {
    position: relative;
    flex: 1;
    min-height: 0;
    overflow: hidden;
  }

  svg {
    display: block;
    position: absolute;
    inset: 0;
  }

  .trim {
    fill: var(--panel);
    opacity: 0.5;
  }

  .trim.hatch {
    fill: url(#fill-trim);
    opacity: 0.9;
  }

  .casing,
  .cut {
    fill: none;
  }

  .casing {
    stroke: var(--ink);
    stroke-opacity: 0.35;
    stroke-width: 3.6;
  }

  .cut {
    stroke: var(--panel);
    stroke-width: 2;
  }

  .tin {
    fill: none;
    stroke: var(--steel);
    stroke-width: 3;
  }

  .marks path {
    stroke: var(--rule-strong);
  }

  .marks text {
    font-size: 12px;
    fill: var(--quiet);
    font-variant-numeric: tabular-nums;
  }

  .kind {
    font-size: 12.5px;
    font-weight: 650;
    text-anchor: middle;
    dominant-baseline: central;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--panel);
    stroke-width: 4px;
    stroke-linejoin: round;
  }

  .number circle {
    fill: var(--ink);
  }

  .number text {
    font-size: 12px;
    font-weight: 650;
    text-anchor: middle;
    dominant-baseline: central;
    fill: var(--panel);
    font-variant-numeric: tabular-nums;
  }

  .touch {
    fill: transparent;
    cursor: crosshair;
  }

  .reading {
    pointer-events: none;
  }

  .reading circle {
    fill: var(--panel);
    stroke: var(--ink);
    stroke-width: 2;
  }

  .reading text {
    font-size: 12px;
    font-weight: 650;
    text-anchor: middle;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--panel);
    stroke-width: 4px;
  }
</style>
