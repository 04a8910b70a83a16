<!-- What goes on after cutting: how much of it, on each piece and in the bowl, and in which order. -->
<script lang="ts">
  import { toTemperG } from '../../../../core/cut';
  import { isFinish } from '../../../../core/scale';
  import type { Spread } from '../../../../core/slab';
  import { shopFigures } from '$lib/shopFigures';
  import { slabWork } from '$lib/slabContext';

  const figures = $derived(shopFigures());
  const work = slabWork();
  const pieces = $derived(work.plan.cut.pieces.reduce((sum, { count }) => sum + count, 0));
  const finishes = $derived(
    work.draft.slab.layers.flatMap((layer, at) =>
      isFinish(layer) ? [{ ...layer, massG: work.plan.layers[at]?.massG ?? 0 }] : [],
    ),
  );
  const coats = $derived(finishes.some(({ spread }) => spread === 'coat'));
  const ON: Partial<Record<Spread, string>> = { coat: 'all round', 'per-piece': 'on each piece' };
</script>

<ul>
  {#each finishes as { id, name, spread, massG } (id)}
    <li class="figures">
      <b>{name}</b>, {ON[spread] ?? 'over the pieces'}: {figures.mass.say(massG)} on {pieces} pieces, {figures.mass.say(
        pieces > 0 ? massG / pieces : 0,
      )} each{#if spread === 'coat'}; have <b>{figures.mass.say(toTemperG(massG))}</b> ready in the bowl, so that the last
        piece goes under{/if}.
    </li>
  {/each}
</ul>
{#if coats}
  <ol>
    <li>Brush the foot of the slab before it is cut, and let that half set: it holds the corners.</li>
    <li>Cut, part the pieces, and let the cut faces dry for some minutes.</li>
    <li>
      Dip from the front of the bowl, tap, and set down on paper from the far end on, so that no sleeve passes over wet
      ones.
    </li>
    <li>What is strewn goes on while the coat is wet, some pieces at a time.</li>
  </ol>
{/if}

<style>
  ol {
    margin-top: 0.4rem;
  }

  ol li {
    list-style: decimal;
    margin-left: 1.2rem;
    font-size: 0.92rem;
  }
</style>
