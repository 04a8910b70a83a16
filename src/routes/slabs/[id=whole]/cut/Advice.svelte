<!-- Advice for cutting, layer by layer; computed only while it is shown. -->
<script lang="ts">
  import { cutAdvice } from '$core/usecases';
  import type { CutSpec } from '$core/slab';
  import { cutAdviceText } from '$wording/cut';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';

  let { cut }: { cut: CutSpec } = $props();

  const figures = $derived(shopFigures());
  const work = slabWork();
  const advice = $derived(cutAdvice({ ...work.draft.slab, cut }, work.larder, work.shop));
</script>

<ul>
  {#each advice as item, i (i)}
    <li>{cutAdviceText(item, figures)}.</li>
  {:else}
    <li>Nothing special: use a clean, sharp blade.</li>
  {/each}
</ul>

<style>
  li {
    list-style: disc;
    margin: 0.2rem 0 0 1.1rem;
    font-size: 0.92rem;
  }
</style>
