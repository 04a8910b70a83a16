<!-- A slab that overflows its tin: tins that hold it, each taken with one touch. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { inTins } from '$core/slab';
  import { tinInWords } from '$core/tin';
  import { heightsOf, tinsThatHold } from '$core/usecases';
  import { slabWork } from '$lib/draft/slabContext';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  const figures = $derived(shopFigures());
  const work = slabWork();
  const { draft } = work;
  const over = $derived(work.plan.checks.find(({ code }) => code === 'tin-overflow'));
  const scaleFactor = $derived(Math.max(0, ...work.plan.preparations.map((made) => made.scaleFactor)));
  const holding = $derived(
    over ? tinsThatHold(draft.slab, work.rack, scaleFactor, heightsOf(draft.slab, work.larder, work.shop)) : [],
  );
</script>

{#if over?.code === 'tin-overflow'}
  <Notice harm>
    <p>
      The slab is {figures.length.say(over.figures.heightMm)} high and its tin {figures.length.say(
        over.figures.depthMm,
      )} deep.
      {holding.length > 0 ? 'The same amounts fit into:' : 'No tin on the rack holds these amounts. Make less of it.'}
    </p>
    <div class="tins">
      {#each holding as { name, tins, heightMm, scale } (JSON.stringify(tins))}
        <Button size="small" kind="tertiary" on:click={() => draft.change(inTins(draft.slab, tins, scale))}>
          {tins[0]!.count > 1 ? `${tins[0]!.count} x ` : ''}{name ?? tinInWords(tins[0]!.tin, figures)}: {figures.length.say(
            heightMm,
          )} high
        </Button>
      {/each}
    </div>
  </Notice>
{/if}

<style>
  .tins {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    margin-top: 0.4rem;
  }
</style>
