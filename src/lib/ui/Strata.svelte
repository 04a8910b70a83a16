<!-- Layers of a slab in a drawing: paper, layers, scattered toppings, coats, and the wall of the tin. -->
<script lang="ts">
  import type { Look } from '$core/classify';
  import type { SectionDrawing } from './sectionDrawing';

  interface Props {
    drawing: SectionDrawing;
    lookOf: (layer: string) => Look;
    chosen?: string | null;
  }
  let { drawing, lookOf, chosen = null }: Props = $props();

  const id = $props.id();
  /** Tiles keep the size of their grain, and grow slightly in large drawings. */
  const grain = $derived(Math.min(1.5, Math.max(0.55, Math.sqrt(drawing.pxPerMm / 9))));
  // The upper edge of a layer is drawn over the bottom of the one above it.
  const downwards = $derived(drawing.strata.filter(({ layer }) => layer.thicknessMm > 0).toReversed());
  const looks = $derived([
    ...new Set([...drawing.strata, ...drawing.strewn, ...drawing.coats].map(({ layer }) => lookOf(layer.id))),
  ]);
</script>

<defs>
  {#each looks as look (look)}
    <pattern id="{id}-{look}" href="#fill-{look}" patternTransform="scale({grain.toFixed(2)})" />
  {/each}
</defs>
<path class="paper" d={drawing.paper} />
{#each downwards as { layer, path } (layer.id)}
  {@const look = lookOf(layer.id)}
  <path d={path} fill="url(#{id}-{look})" />
  <path d={path} fill="url(#depth-{look})" class="stratum" class:chosen={layer.id === chosen} />
{/each}
{#each drawing.coats as { layer, path, thickPx } (layer.id)}
  {@const look = lookOf(layer.id)}
  <path d={path} class="coat" stroke="var(--{look})" stroke-width={thickPx} />
{/each}
{#each drawing.strewn as { layer, path } (layer.id)}
  {@const look = lookOf(layer.id)}
  <path d={path} class="strewn" fill="var(--{look}-lit)" stroke="var(--{look}-mark)" />
{/each}
<path d={drawing.wall} class="wall" />

<style>
  .stratum {
    stroke: var(--ink);
    stroke-width: 0.5;
    stroke-opacity: 0.25;
  }

  .stratum.chosen {
    stroke: var(--primary);
    stroke-width: 2.5;
    stroke-opacity: 1;
  }

  .paper {
    fill: none;
    stroke: var(--paper);
    stroke-width: 1.5;
  }

  .coat {
    fill: none;
    stroke-linejoin: round;
  }

  .strewn {
    stroke-width: 0.8;
    stroke-linejoin: round;
  }

  .wall {
    fill: none;
    stroke: var(--steel);
    stroke-width: 4;
    stroke-linejoin: round;
  }
</style>
