<!-- Cross-section of a slab in a list. All are at one scale, so that a thick slab looks thick. -->
<script lang="ts">
  import type { LaidLayer } from '$core/scale';
  import type { Look } from '$core/classify';
  import type { Tin } from '$core/tin';
  import { sectionDrawing } from './sectionDrawing';
  import Strata from './Strata.svelte';

  interface Props {
    tin: Tin;
    layers: readonly (LaidLayer & { readonly texture: Look })[];
  }
  let { tin, layers }: Props = $props();

  const BOX = { width: 330, height: 124, most: 2.1 };
  const drawing = $derived(sectionDrawing(tin, layers, BOX));
</script>

<svg viewBox="0 0 {BOX.width + 6} {BOX.height}" aria-hidden="true">
  <Strata {drawing} lookOf={(layer) => layers.find(({ id }) => id === layer)!.texture} />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
  }
</style>
