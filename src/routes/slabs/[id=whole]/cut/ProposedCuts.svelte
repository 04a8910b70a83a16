<!-- A slab whose cut is not decided: usual cuts to choose from. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { CutSpec } from '$core/slab';
  import { proposedCuts } from '$core/usecases';
  import { proposedCutText } from '$wording/cut';
  import { slabWork } from '$lib/draft/slabContext';
  import { shopFigures } from '$lib/format/shopFigures';

  let { onchoose }: { onchoose: (cut: CutSpec) => void } = $props();

  const work = slabWork();
  const figures = $derived(shopFigures());
  const proposed = $derived(proposedCuts(work.draft.slab, work.larder, work.shop));
</script>

<section class="panel" aria-label="Proposed cuts">
  <h2>Not cut yet</h2>
  <p class="quiet">
    {proposed.length > 0
      ? 'Choose a usual cut, or set your own below.'
      : 'Cuts are proposed when the slab has a weight.'} Until then nothing is priced by the piece.
  </p>
  {#if proposed.length > 0}
    <p class="choices">
      {#each proposed as one (proposedCutText(one, figures))}
        <Button size="small" kind="tertiary" on:click={() => onchoose(one.cut)}>{proposedCutText(one, figures)}</Button>
      {/each}
    </p>
  {/if}
</section>

<style>
  section {
    padding: 0.6rem 0.8rem;
  }

  h2 {
    font-size: 1rem;
    margin: 0;
  }

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    margin-top: 0.5rem;
  }
</style>
