<!-- A slab's section as its sign in a list. All of them are drawn to one scale, so that a thick slab looks thick. -->
<script lang="ts">
  import type { LaidLayer } from '../../core/scale';
  import type { Texture } from '../../core/slab';
  import type { Tin } from '../../core/tin';
  import { sectionDrawing } from './sectionDrawing';

  interface Props {
    tin: Tin;
    layers: readonly (LaidLayer & { readonly texture: Texture })[];
  }
  let { tin, layers }: Props = $props();

  const BOX = { width: 330, height: 124 };
  const PX_PER_MM = 2.1;
  const drawing = $derived(sectionDrawing(tin, layers, [], 0, BOX, PX_PER_MM));
</script>

<svg viewBox="0 0 {BOX.width + 6} {BOX.height}" aria-hidden="true">
  {#each drawing.strata as { layer, path } (layer.id)}
    {#if layer.thicknessMm > 0}<path
        d={path}
        fill="url(#fill-{layers.find(({ id }) => id === layer.id)!.texture})"
      />{/if}
  {/each}
  <path class="wall" d={drawing.wall} />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
  }

  .wall {
    fill: none;
    stroke: var(--steel);
    stroke-width: 3;
  }
</style>
