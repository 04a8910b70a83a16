<!--
  The tin from above, to scale, with trims, cuts and ruler marks, whatever way it is cut. Front edge at the bottom. Straight cuts can
  be moved; where the maker is asked for readings, a touch says where.
-->
<script lang="ts">
  import { onMount } from 'svelte';
  import { gridOf, layOut, thicknessAt, type CutLine, type Point, type Reading, type Surface } from '../../core/cut';
  import type { PlannedSlab } from '../../core/usecases';
  import type { Look } from '../../core/classify';
  import type { CutSpec } from '../../core/slab';
  import { outlineAt } from '../../core/tin';
  import { shopFigures } from '$lib/shopFigures';

  interface Props {
    planned: PlannedSlab;
    cut: CutSpec;
    /** What the upper face looks like; nothing where there is no slab yet. */
    texture: Look | null;
    onmove?: (line: CutLine, toMm: number, insideMm: number) => void;
    /** Lines that stay where they are. */
    locked?: (line: CutLine) => boolean;
    /** Readings of the thickness, shown where they were taken, and the surface through them. */
    readings?: readonly Reading[];
    surface?: Surface | null;
    /** A touch on the slab, mm from the left and from the front. */
    onplace?: ((xMm: number, yMm: number) => void) | undefined;
  }
  let { planned, cut, texture, onmove, locked, readings = [], surface = null, onplace }: Props = $props();

  const figures = $derived(shopFigures());

  /** Figures such as 11 13/16 want more room. */
  const inFractions = $derived(figures.length.unit === 'in');
  /** As large as its place, so that its letters keep their size. */
  let widthPx = $state(560);
  let heightPx = $state(320);
  const BOX = $derived({ width: Math.max(160, widthPx), height: Math.max(90, heightPx) });
  const PAD = $derived({ left: inFractions ? 70 : 46, top: 26, right: 14, bottom: 8 });

  const outline = $derived(outlineAt(planned.tin, planned.slab.heightMm / 2));
  const layout = $derived(layOut(planned.tin, planned.slab.heightMm, cut));
  const isStraight = $derived(
    (cut.way ?? 'grid') === 'grid' && !cut.strips?.length && (cut.shape ?? 'rectangle') !== 'diamond',
  );
  /** Straight cuts, which can be taken hold of. */
  const grid = $derived(isStraight ? gridOf(planned.tin, planned.slab.heightMm, cut) : null);
  const px = $derived(
    Math.min(
      (BOX.width - PAD.left - PAD.right) / outline.lengthMm,
      (BOX.height - PAD.top - PAD.bottom) / outline.widthMm,
    ),
  );
  const left = $derived(PAD.left + (BOX.width - PAD.left - PAD.right - outline.lengthMm * px) / 2);
  const x = (lengthMm: number) => left + lengthMm * px;
  const footPx = $derived(PAD.top + (BOX.height - PAD.top - PAD.bottom + outline.widthMm * px) / 2);
  const y = (widthMm: number) => footPx - widthMm * px;
  const lengthPx = $derived(outline.lengthMm * px);
  const acrossPx = $derived(outline.widthMm * px);
  const id = $props.id();

  /** Labels only where there is room for them. */
  const shown = (marks: readonly number[], room: number) => {
    let last = -Infinity;
    return marks.map((at) => {
      const fits = (at - last) * px >= room;
      if (fits) last = at;
      return { at, label: fits };
    });
  };
  /** Corners and strokes are reckoned from the middle of the slab. */
  const px2 = $derived(
    ([mx, my]: Point): string => `${x(outline.lengthMm / 2 + mx).toFixed(1)} ${y(outline.widthMm / 2 + my).toFixed(1)}`,
  );
  const closed = (points: readonly Point[]) => `M${points.map(px2).join('L')}Z`;
  const waste = $derived((layout?.regions ?? []).filter(({ kind }) => kind === '').map(({ face }) => closed(face)));
  /** Pieces of a kind that has a name, with it in their middle. */
  const named = $derived(
    (layout?.regions ?? []).flatMap(({ kind, face, lengthMm, widthMm }) => {
      const own = cut.kinds?.find(({ id }) => id === kind);
      if (!own || Math.min(lengthMm, widthMm) * px < 16) return [];
      const at: Point = [mid(face.map(([mx]) => mx)), mid(face.map(([, my]) => my))];
      const room = Math.max(1, Math.floor((Math.max(lengthMm, widthMm) * px) / 8));
      return [{ at, upright: widthMm > lengthMm * 1.4, words: own.name.slice(0, room) }];
    }),
  );
  const mid = (values: readonly number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  /** What is trimmed off: the tin without the frame in which pieces lie. */
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
  const strokes = $derived((layout?.strokes ?? []).map(({ from, to }) => `M${px2(from)}L${px2(to)}`));

  /** Broken by hand: no grid, but a drawing of shards. */
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
      if (!gone) shards = shardFaces(size, count, planned.cut.evenness).map(closed);
    });
    return () => (gone = true);
  });

  /** Thickness as shade, in cells of the slab: the thicker, the darker. */
  const shades = $derived.by(() => {
    if (!surface) return [];
    const STEPS = 16;
    const cells = Array.from({ length: STEPS * STEPS }, (_, i) => {
      const [c, r] = [i % STEPS, Math.floor(i / STEPS)];
      const at: Point = [((c + 0.5) / STEPS - 0.5) * outline.lengthMm, ((r + 0.5) / STEPS - 0.5) * outline.widthMm];
      return { c, r, mm: thicknessAt(surface, at) };
    });
    const [low, high] = [Math.min(...cells.map(({ mm }) => mm)), Math.max(...cells.map(({ mm }) => mm))];
    const [wide, tall] = [lengthPx / STEPS, acrossPx / STEPS];
    return cells.map(({ c, r, mm }) => ({
      x: x(0) + c * wide,
      y: y(outline.widthMm) + (STEPS - 1 - r) * tall,
      wide: wide + 0.5,
      tall: tall + 0.5,
      share: high - low < 0.05 ? 0 : (mm - low) / (high - low),
    }));
  });

  function place(event: MouseEvent) {
    if (!onplace) return;
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const [xMm, yMm] = [(event.clientX - box.left) / px, (box.bottom - event.clientY) / px];
    onplace(Math.round(xMm), Math.round(yMm));
  }

  const along = $derived(shown(planned.cut.marksMm.length, inFractions ? 62 : 34));
  const across = $derived(shown(planned.cut.marksMm.width, 13));

  interface Handle {
    line: CutLine;
    atMm: number;
    name: string;
  }
  const handles = $derived.by((): Handle[] => {
    if (!grid || !onmove) return [];
    return (['length', 'width'] as const).flatMap((side) => {
      const { spans, insideMm } = grid[side];
      const [near, far] = side === 'length' ? ['left', 'right'] : ['front', 'back'];
      const kind = side === 'length' ? 'column' : 'row';
      return [
        { line: { side, end: 'start' } as const, atMm: spans[0]![0], name: `Trim ${near}` },
        ...spans.slice(0, -1).map(([, to], i) => ({
          line: { side, after: i + 1 } as const,
          atMm: to,
          name: `Cut after ${kind} ${i + 1}`,
        })),
        { line: { side, end: 'end' } as const, atMm: Math.min(insideMm, spans.at(-1)![1]), name: `Trim ${far}` },
      ];
    });
  });
  const inside = (side: 'length' | 'width') => (side === 'length' ? outline.lengthMm : outline.widthMm);

  function nudge(event: KeyboardEvent, { line, atMm }: Handle) {
    const [more, less] = line.side === 'length' ? ['ArrowRight', 'ArrowLeft'] : ['ArrowUp', 'ArrowDown'];
    const step = event.key === more ? 1 : event.key === less ? -1 : 0;
    if (step === 0) return;
    event.preventDefault();
    if (locked?.(line)) return;
    onmove?.(line, atMm + step * (event.shiftKey ? 5 : 1), inside(line.side));
  }

  /** As wide as what points: a finger needs 44 px where lines are far enough apart. */
  let coarse = $state(false);
  onMount(() => (coarse = matchMedia('(pointer: coarse)').matches));
  const reachPx = $derived.by(() => {
    if (!coarse) return 7;
    const gaps = handles.flatMap(({ line, atMm }, i) => {
      const next = handles[i + 1];
      return next && next.line.side === line.side ? [Math.abs(next.atMm - atMm) * px] : [];
    });
    return Math.max(7, Math.min(22, Math.min(...gaps, 44) / 2));
  });

  let held: { line: CutLine; offsetMm: number } | null = null;

  function pointed(event: PointerEvent, side: 'length' | 'width'): number {
    const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    return side === 'length' ? (event.clientX - box.left - left) / px : (footPx - (event.clientY - box.top)) / px;
  }

  function grab(event: PointerEvent, { line, atMm }: Handle) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { line, offsetMm: atMm - pointed(event, line.side) };
  }

  function pull(event: PointerEvent) {
    if (!held) return;
    const to = Math.round(pointed(event, held.line.side) + held.offsetMm);
    onmove?.(held.line, to, inside(held.line.side));
  }
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={BOX.width} height={BOX.height} role="group" aria-label="The tin from above, to scale, with cuts">
    <clipPath id="tin-{id}">
      <rect x={x(0)} y={y(outline.widthMm)} width={lengthPx} height={acrossPx} rx={outline.cornerMm * px} />
    </clipPath>
    <rect
      x={x(0)}
      y={y(outline.widthMm)}
      width={lengthPx}
      height={acrossPx}
      rx={outline.cornerMm * px}
      class="slab"
      fill={texture ? `url(#fill-${texture})` : 'var(--panel)'}
    />
    <g clip-path="url(#tin-{id})">
      {#each shades as shade, i (i)}
        <rect
          x={shade.x}
          y={shade.y}
          width={shade.wide}
          height={shade.tall}
          class="shade"
          style:opacity={shade.share * 0.75}
        />
      {/each}
      <path class="trim" fill-rule="evenodd" d={trimmed} />
      <path class="trim hatch" fill-rule="evenodd" d={trimmed} />
      {#each waste as d, i (i)}
        <path class="trim" {d} />
        <path class="trim hatch" {d} />
      {/each}
      {#each strokes as d, i (i)}
        <path class="casing" {d} />
        <path class="cut" {d} />
      {/each}
      {#each shards as d, i (i)}
        <path class="casing" {d} />
        <path class="cut" {d} />
      {/each}
      {#each named as { at, upright, words }, i (i)}
        {@const [tx, ty] = px2(at).split(' ')}
        <text x={tx} y={ty} class="kind" transform={upright ? `rotate(-90 ${tx} ${ty})` : undefined}>{words}</text>
      {/each}
    </g>
    <rect x={x(0)} y={y(outline.widthMm)} width={lengthPx} height={acrossPx} rx={outline.cornerMm * px} class="tin" />
    <g class="marks" aria-hidden="true">
      {#each along as { at, label } (at)}
        <path d="M{x(at)} {y(outline.widthMm) - 3}v-5" />
        {#if label}<text x={x(at)} y={y(outline.widthMm) - 10} text-anchor="middle">{figures.length.figure(at)}</text
          >{/if}
      {/each}
      {#each across as { at, label } (at)}
        <path d="M{x(0) - 3} {y(at)}h-5" />
        {#if label}<text x={x(0) - 10} y={y(at) + 4} text-anchor="end">{figures.length.figure(at)}</text>{/if}
      {/each}
    </g>
    {#if onplace}
      <rect
        class="touch"
        role="presentation"
        x={x(0)}
        y={y(outline.widthMm)}
        width={lengthPx}
        height={acrossPx}
        onclick={place}
      />
    {/if}
    {#each readings as { xMm, yMm, mm }, i (i)}
      <g class="reading" aria-hidden="true">
        <circle cx={x(xMm)} cy={y(yMm)} r="5" />
        <text x={x(xMm)} y={y(yMm) - 9}>{figures.length.figure(mm)}</text>
      </g>
    {/each}
    {#each onplace ? [] : handles as handle (handle.name)}
      {@const upright = handle.line.side === 'length'}
      <rect
        class="handle"
        class:upright
        class:locked={locked?.(handle.line)}
        role="slider"
        tabindex="0"
        aria-label="{handle.name}, {figures.length.unit} from the {upright ? 'left' : 'front'}"
        aria-orientation={upright ? 'horizontal' : 'vertical'}
        aria-valuemin="0"
        aria-valuemax={Math.round(inside(handle.line.side))}
        aria-valuenow={Number(handle.atMm.toFixed(1))}
        x={upright ? x(handle.atMm) - reachPx : x(0)}
        y={upright ? y(outline.widthMm) : y(handle.atMm) - reachPx}
        width={upright ? 2 * reachPx : lengthPx}
        height={upright ? acrossPx : 2 * reachPx}
        onkeydown={(event) => nudge(event, handle)}
        onpointerdown={(event) => grab(event, handle)}
        onpointermove={pull}
        onpointerup={() => (held = null)}
      />
    {/each}
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

  .shade {
    fill: var(--primary-deep);
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

  .handle.locked {
    pointer-events: none;
  }

  .handle {
    touch-action: none;
    fill: transparent;
    cursor: ns-resize;
  }

  .handle.upright {
    cursor: ew-resize;
  }

  .handle:hover,
  .handle:focus-visible {
    fill: color-mix(in srgb, var(--primary) 25%, transparent);
  }
</style>
