<!-- The tin from above, to scale, with trims, cuts and ruler marks. Front edge at the bottom. Lines can be moved. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { evenGrid, type CutLine } from '../../core/cut';
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
  }
  let { planned, cut, texture, onmove }: Props = $props();

  const figures = $derived(shopFigures());

  /** Figures such as 11 13/16 want more room. */
  const inFractions = $derived(figures.length.unit === 'in');
  /** As large as its place, so that its letters keep their size. */
  let widthPx = $state(560);
  let heightPx = $state(320);
  const BOX = $derived({ width: Math.max(160, widthPx), height: Math.max(90, heightPx) });
  const PAD = $derived({ left: inFractions ? 70 : 46, top: 26, right: 14, bottom: 8 });

  const outline = $derived(outlineAt(planned.tin, planned.slab.heightMm / 2));
  const grid = $derived(evenGrid(planned.tin, planned.slab.heightMm, cut));
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
    {#if grid}
      {@const frame = `M${x(0)} ${y(0)}H${x(outline.lengthMm)}V${y(outline.widthMm)}H${x(0)}Z M${x(grid.length.spans[0]![0])} ${y(grid.width.spans[0]![0])}H${x(grid.length.spans.at(-1)![1])}V${y(grid.width.spans.at(-1)![1])}H${x(grid.length.spans[0]![0])}Z`}
      <g clip-path="url(#tin-{id})">
        <path class="trim" fill-rule="evenodd" d={frame} />
        <path class="trim hatch" fill-rule="evenodd" d={frame} />
        {#each planned.cut.marksMm.length as at (at)}
          <path class="casing" d="M{x(at)} {y(0)}V{y(outline.widthMm)}" />
          <path class="cut" d="M{x(at)} {y(0)}V{y(outline.widthMm)}" />
        {/each}
        {#each planned.cut.marksMm.width as at (at)}
          <path class="casing" d="M{x(0)} {y(at)}H{x(outline.lengthMm)}" />
          <path class="cut" d="M{x(0)} {y(at)}H{x(outline.lengthMm)}" />
        {/each}
      </g>
    {/if}
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
    {#each handles as handle (handle.name)}
      {@const upright = handle.line.side === 'length'}
      <rect
        class="handle"
        class:upright
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
