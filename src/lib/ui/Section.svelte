<!-- Cross-section of a slab with its layers, to scale: the sign of the product, and the control for thickness. It fills its space. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { PlannedSlab } from '$core/usecases';
  import type { LaidLayer } from '$core/scale';
  import { type Slab } from '$core/slab';
  import { lookOf } from '$core/classify';

  import { sectionDrawing, spread } from './sectionDrawing';
  import Strata from './Strata.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    slab: Slab;
    planned: PlannedSlab;
    chosen?: string | null;
    onthickness?: (id: string, thicknessMm: number) => void;
    onchoose?: (id: string) => void;
    /** Rows beside the bands; by default names and thicknesses. */
    row?: Snippet<[LaidLayer]>;
    /** Height of a row, px, and share of the width for rows. */
    rowPx?: number;
    rowsShare?: number;
    /** As large as possible, without the empty part of the tin. */
    close?: boolean;
    /** Height of the taller of two sections at one scale, mm. */
    besideMm?: number;
  }
  let {
    slab,
    planned,
    chosen = null,
    onthickness,
    onchoose,
    row,
    rowPx = 22,
    rowsShare = 0.32,
    close = false,
    besideMm = 0,
  }: Props = $props();

  const figures = $derived(shopFigures());

  const SCALE = $derived(figures.length.unit === 'mm' ? 30 : 40);
  /** Minimum distance of the figures, px. */
  const MIN_LABELLED_MM = 5;
  /** As large as its space, so that letters keep their size and rows line up with their bands. */
  let widthPx = $state(640);
  let heightPx = $state(220);
  const LEAD = 22;
  const rowsPx = $derived(Math.max(150, widthPx * rowsShare));
  const box = $derived({
    width: Math.max(80, widthPx - rowsPx - SCALE - LEAD),
    height: Math.max(60, heightPx - 8),
    close,
    besideMm,
  });
  const drawing = $derived(sectionDrawing(planned.tin, planned.layers, box));
  const ruler = $derived.by(() => {
    const markMm = (px: number) =>
      figures.rulerMm.find((each) => each * drawing.pxPerMm > px) ?? figures.rulerMm.at(-1)!;
    const step = markMm(9);
    const labelled = Math.max(markMm(26), MIN_LABELLED_MM);
    const isLabelled = (at: number) => Math.abs(at / labelled - Math.round(at / labelled)) < 1e-6;
    const most = Math.floor((box.height - 10) / drawing.pxPerMm / step);
    return Array.from({ length: most + 1 }, (_, i) => ({
      at: i * step,
      label: isLabelled(i * step),
      y: box.height - 3 - i * step * drawing.pxPerMm,
    }));
  });
  const visible = $derived(drawing.strata.filter(({ layer }) => layer.thicknessMm > 0));
  /** Every layer has a row beside its band; layers without a height come on top. */
  const rows = $derived.by(() => {
    const top = visible.at(-1)?.topPx ?? box.height;
    const all = drawing.strata.map(({ layer, middlePx }) => ({
      layer,
      hasBand: layer.thicknessMm > 0,
      middlePx: layer.thicknessMm > 0 ? middlePx : top,
    }));
    const order = [...all.filter(({ hasBand }) => hasBand), ...all.filter(({ hasBand }) => !hasBand)];
    const places = spread(
      order.map(({ middlePx }) => middlePx),
      { gapPx: rowPx, fromPx: rowPx / 2, toPx: heightPx - rowPx / 2 },
    );
    return order.map((shown, i) => ({ ...shown, rowPx: places[i]! }));
  });
  const texture = (id: string) =>
    lookOf(
      slab.layers.find((layer) => layer.id === id)!,
      slab.preparations,
    );

  const NUDGES: Record<string, number> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };

  function nudge(event: KeyboardEvent, id: string, thicknessMm: number) {
    const step = NUDGES[event.key];
    if (step === undefined || !onthickness) return;
    event.preventDefault();
    onthickness(id, Math.max(0.5, thicknessMm + step * (event.shiftKey ? 5 : 1)));
  }

  let drag: { id: string; startY: number; startMm: number; pxPerMm: number } | null = $state(null);

  function grab(event: PointerEvent, id: string, thicknessMm: number) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag = { id, startY: event.clientY, startMm: thicknessMm, pxPerMm: drawing.pxPerMm };
    onchoose?.(id);
  }

  function pull(event: PointerEvent) {
    if (!drag || !onthickness) return;
    const raw = drag.startMm + (drag.startY - event.clientY) / drag.pxPerMm;
    onthickness(drag.id, Math.max(0.5, Math.round(raw * 2) / 2));
  }
</script>

<figure class="section" bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <svg width={widthPx} height={heightPx} role="group" aria-label="Cross-section of {slab.name}, to scale">
    <g class="ruler" aria-hidden="true">
      {#each ruler as { at, label, y } (at)}
        <path d="M{SCALE - 4} {y}h{label ? -7 : -4}" />
        {#if label}<text x={SCALE - 14} y={y + 4}>{figures.length.typed(at)}</text>{/if}
      {/each}
    </g>
    <g transform="translate({SCALE} 0)">
      <Strata {drawing} lookOf={texture} {chosen} />
      {#each rows as { layer, middlePx, rowPx: y } (layer.id)}
        <path d="M{drawing.widthPx + 4} {middlePx}L{box.width + LEAD - 6} {y}" class="leader" />
      {/each}
      {#if onthickness}
        {#each visible as { layer, topPx, leftPx } (layer.id)}
          {@const name = slab.layers.find(({ id }) => id === layer.id)?.name}
          {@const middle = leftPx + (drawing.widthPx - leftPx) / 2}
          <g
            class="edge"
            class:held={drag?.id === layer.id}
            role="slider"
            tabindex="0"
            aria-label="{name}, thickness"
            aria-orientation="vertical"
            aria-valuemin="0.5"
            aria-valuemax="100"
            aria-valuenow={Number(layer.thicknessMm.toFixed(1))}
            aria-valuetext={figures.length.say(layer.thicknessMm)}
            onkeydown={(event) => nudge(event, layer.id, layer.thicknessMm)}
            onpointerdown={(event) => grab(event, layer.id, layer.thicknessMm)}
            onpointermove={pull}
            onpointerup={() => (drag = null)}
            onpointercancel={() => (drag = null)}
            onfocus={() => onchoose?.(layer.id)}
          >
            <rect class="reach" x={leftPx} y={topPx - 7} width={drawing.widthPx - leftPx} height="14" />
            <rect class="finger" x={middle - 34} y={topPx - 22} width="68" height="44" />
            <path class="line" d="M{leftPx} {topPx}H{drawing.widthPx}" />
            <rect class="grip" x={middle - 22} y={topPx - 7} width="44" height="14" />
            <path class="bars" d="M{middle - 8} {topPx - 2}h16M{middle - 8} {topPx + 2}h16" />
          </g>
        {/each}
      {/if}
    </g>
  </svg>
  <ul class="rows" style:left="{SCALE + box.width + LEAD}px" aria-label="Layers from the top">
    {#each [...rows].reverse() as { layer, rowPx: y } (layer.id)}
      <li style:top="{y}px">
        {#if row}{@render row(layer)}{:else}
          <b class="figures"
            >{layer.footMm > 0
              ? `2 x ${figures.length.figure(layer.thicknessMm)}`
              : figures.length.say(layer.thicknessMm)}</b
          >
          {layer.name}
        {/if}
      </li>
    {/each}
  </ul>
  {#if visible.length === 0}<p class="none quiet">No layer has a thickness yet.</p>{/if}
</figure>

<style>
  .section {
    position: relative;
    width: 100%;
    height: 100%;
    min-height: 0;
    overflow: hidden;
  }

  svg {
    display: block;
    position: absolute;
    inset: 0;
  }

  .none {
    position: absolute;
    left: 50px;
    top: 40%;
  }

  .ruler path,
  .leader {
    stroke: var(--rule-strong);
    fill: none;
  }

  .ruler text {
    font-size: 12px;
    fill: var(--quiet);
    text-anchor: end;
    font-variant-numeric: tabular-nums;
  }

  .rows {
    position: absolute;
    top: 0;
    right: 0;
    margin: 0;
  }

  .rows li {
    position: absolute;
    left: 0;
    right: 0;
    transform: translateY(-50%);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    font-size: 0.88rem;
  }

  .edge {
    cursor: ns-resize;
    touch-action: none;
  }

  .reach,
  .finger {
    fill: transparent;
  }

  .line {
    stroke: var(--primary);
    stroke-width: 2;
    opacity: 0;
  }

  .grip {
    fill: var(--primary);
    opacity: 0.55;
  }

  .bars {
    stroke: var(--on-primary);
    stroke-width: 1.5;
  }

  .edge:hover .line,
  .edge:focus-visible .line,
  .edge.held .line {
    opacity: 1;
  }

  .edge:hover .grip,
  .edge:focus-visible .grip,
  .edge.held .grip {
    opacity: 1;
  }

  .edge:focus-visible {
    outline: 0;
  }

  .edge:focus-visible .grip {
    stroke: var(--panel);
    stroke-width: 2;
    paint-order: stroke;
    outline: 2px solid var(--primary);
    outline-offset: 2px;
  }

  @media (pointer: fine) {
    .finger {
      display: none;
    }
  }
</style>
