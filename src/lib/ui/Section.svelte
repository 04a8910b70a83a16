<!-- The cut face of a slab with its strata, to scale: the sign of the product, and the control for thickness. -->
<script lang="ts">
  import type { PlannedSlab } from '../../core/usecases';
  import { type Slab } from '../../core/slab';
  import { lookOf } from '../../core/classify';
  import { mm } from '$lib/figures';
  import { sectionDrawing } from './sectionDrawing';

  interface Props {
    slab: Slab;
    planned: PlannedSlab;
    chosen?: string | null;
    onthickness?: (id: string, thicknessMm: number) => void;
    onchoose?: (id: string) => void;
  }
  let { slab, planned, chosen = null, onthickness, onchoose }: Props = $props();

  const LABELS = 190;
  const SCALE = 26;
  /** As wide as its place, so that its letters keep their size. */
  let widthPx = $state(586);
  const BOX = $derived({ width: Math.max(120, widthPx - LABELS - SCALE), height: 200 });
  const drawing = $derived(
    sectionDrawing(planned.tin, planned.layers, planned.cut.marksMm.length, slab.cut?.trimMm?.left ?? 0, BOX),
  );
  const ruler = $derived.by(() => {
    const step = drawing.pxPerMm * 10 > 16 ? 10 : 20;
    const most = Math.floor((BOX.height - 10) / drawing.pxPerMm / step);
    return Array.from({ length: most + 1 }, (_, i) => ({
      label: i * step,
      y: BOX.height - 3 - i * step * drawing.pxPerMm,
    }));
  });
  const visible = $derived(drawing.strata.filter(({ layer }) => layer.thicknessMm > 0));
  const above = $derived(planned.layers.filter(({ thicknessMm, massG }) => thicknessMm === 0 && massG > 0));
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

  let drag: { id: string; startY: number; startMm: number } | null = null;

  function grab(event: PointerEvent, id: string, thicknessMm: number) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag = { id, startY: event.clientY, startMm: thicknessMm };
    onchoose?.(id);
  }

  function pull(event: PointerEvent) {
    if (!drag || !onthickness) return;
    const svg = (event.currentTarget as SVGElement).ownerSVGElement!;
    const zoom = svg.getBoundingClientRect().height / svg.viewBox.baseVal.height;
    const raw = drag.startMm + (drag.startY - event.clientY) / zoom / drawing.pxPerMm;
    onthickness(drag.id, Math.max(0.5, Math.round(raw * 2) / 2));
  }
</script>

<figure class="section" bind:clientWidth={widthPx}>
  <svg
    viewBox="0 0 {SCALE + BOX.width + LABELS} {BOX.height + 8}"
    role="group"
    aria-label="Section of {slab.name}, to scale"
  >
    <g class="ruler" aria-hidden="true">
      {#each ruler as { label, y } (label)}
        <path d="M{SCALE - 6} {y}h5" />
        <text x={SCALE - 8} y={y + 3.5}>{label}</text>
      {/each}
    </g>
    <g transform="translate({SCALE} 0)">
      {#each visible as { layer, path } (layer.id)}
        <path d={path} fill="url(#fill-{texture(layer.id)})" class="stratum" class:chosen={layer.id === chosen} />
      {/each}
      {#if drawing.trimPx > 0 && visible.length > 0}
        {@const top = visible.at(-1)!.topPx}
        <rect
          x={visible[0]!.leftPx}
          y={top}
          width={Math.max(0, drawing.trimPx - visible[0]!.leftPx)}
          height={BOX.height - 3 - top}
          class="trim"
        />
      {/if}
      {#each drawing.cutsPx as x (x)}
        <path d="M{x} {(visible.at(-1)?.topPx ?? 0) - 10}V{BOX.height - 3}" class="casing" />
        <path d="M{x} {(visible.at(-1)?.topPx ?? 0) - 10}V{BOX.height - 3}" class="cut" />
      {/each}
      <path d={drawing.wall} class="wall" />
      {#each visible as { layer, topPx, middlePx, labelPx, leftPx } (layer.id)}
        {@const name = slab.layers.find(({ id }) => id === layer.id)!.name}
        <path d="M{drawing.widthPx + 3} {middlePx}L{BOX.width + 8} {labelPx}" class="leader" />
        <text x={BOX.width + 12} y={labelPx + 4.5} class="label" class:chosen={layer.id === chosen}>
          <tspan class="figure">{layer.footMm > 0 ? `2 x ${mm(layer.thicknessMm)}` : mm(layer.thicknessMm)} mm</tspan>
          <tspan dx="4">{name.length > 16 ? `${name.slice(0, 15)}…` : name}</tspan>
        </text>
        {#if onthickness}
          <rect
            class="edge"
            role="slider"
            tabindex="0"
            aria-label="{name}, thickness"
            aria-orientation="vertical"
            aria-valuemin="0.5"
            aria-valuemax="100"
            aria-valuenow={Number(layer.thicknessMm.toFixed(1))}
            aria-valuetext="{mm(layer.thicknessMm)} mm"
            x={leftPx}
            y={topPx - 6}
            width={drawing.widthPx - leftPx}
            height="12"
            onkeydown={(event) => nudge(event, layer.id, layer.thicknessMm)}
            onpointerdown={(event) => grab(event, layer.id, layer.thicknessMm)}
            onpointermove={pull}
            onpointerup={() => (drag = null)}
            onfocus={() => onchoose?.(layer.id)}
          />
        {/if}
      {/each}
    </g>
  </svg>
  <table class="unseen">
    <caption>Layers from the top</caption>
    <tbody>
      {#each [...planned.layers].reverse() as layer (layer.id)}
        <tr><th scope="row">{layer.name}</th><td>{mm(layer.thicknessMm)} mm</td><td>{layer.massG.toFixed(0)} g</td></tr>
      {/each}
    </tbody>
  </table>
  <figcaption>
    {#if visible.length === 0}
      No layer has any height yet.
    {:else}
      Section, to scale{drawing.torn ? ', from the left wall' : ''}{onthickness
        ? '. Pull an upper edge to change a thickness'
        : ''}.
    {/if}
    {#if above.length > 0}
      Without height of its own: {above.map(({ name }) => name).join(', ')}.
    {/if}
  </figcaption>
</figure>

<style>
  .section {
    position: relative;
  }

  svg {
    display: block;
    width: 100%;
    touch-action: none;
  }

  .stratum {
    stroke: var(--ink);
    stroke-width: 0.6;
    stroke-opacity: 0.35;
  }

  .stratum.chosen {
    stroke: var(--primary);
    stroke-width: 2.5;
    stroke-opacity: 1;
  }

  .wall {
    fill: none;
    stroke: var(--steel);
    stroke-width: 3;
  }

  .trim {
    fill: url(#fill-trim);
    opacity: 0.75;
  }

  .casing {
    stroke: var(--ink);
    stroke-opacity: 0.55;
    stroke-width: 3.2;
  }

  .cut {
    stroke: var(--panel);
    stroke-width: 1.6;
  }

  .ruler path,
  .leader {
    stroke: var(--rule-strong);
    fill: none;
  }

  .ruler text {
    font-size: 10.5px;
    fill: var(--quiet);
    text-anchor: end;
    font-variant-numeric: tabular-nums;
  }

  .label {
    font-size: 13px;
    fill: var(--ink);
  }

  .label .figure {
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }

  .label.chosen {
    fill: var(--primary);
  }

  .edge {
    fill: transparent;
    cursor: ns-resize;
  }

  .edge:hover {
    fill: color-mix(in srgb, var(--primary) 30%, transparent);
  }

  .edge:focus-visible {
    outline: 2px solid var(--primary);
    fill: color-mix(in srgb, var(--primary) 30%, transparent);
  }

  figcaption {
    color: var(--quiet);
    font-size: 0.82rem;
    margin-top: 0.2rem;
  }
</style>
