<!-- What the stack asks of the knife, layer by layer; worked out only while it is looked at. -->
<script lang="ts">
  import { cutAdvice } from '../../../../core/usecases';
  import type { CutSpec } from '../../../../core/slab';
  import { slabWork } from '$lib/slabContext';

  let { cut }: { cut: CutSpec } = $props();

  const work = slabWork();
  const advice = $derived(cutAdvice({ ...work.draft.slab, cut }, work.larder, work.shop));
</script>

<ul>
  {#each advice as { text }, i (i)}
    <li>{text}.</li>
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
