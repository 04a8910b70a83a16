<!-- Sample pieces weighed after the cut: their variation, and the average rule for prepacked goods. -->
<script lang="ts">
  import { weighedPieces } from '$core/cut';
  import { percent } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Weights from './Weights.svelte';

  const figures = $derived(shopFigures());
  const work = slabWork();
  const { draft } = work;
  const planned = $derived(work.plan.slabs[0]!.cut);
  const aimG = $derived(planned.pieces[0]?.massG ?? 30);
  let massesG: readonly number[] = $state.raw([]);
  let wrong = $state(false);
  let declaredG: number | null = $state(null);
  const found = $derived(massesG.length > 0 && !wrong ? weighedPieces(massesG, declaredG) : null);
  const SAID = {
    holds: 'This meets the average rule.',
    'mean-low': 'The average is too low. Cut larger pieces, or declare less.',
    'too-many-short': 'Too many pieces are short by more than is tolerated. Cut more evenly, or declare less.',
    'one-too-short': 'One piece is short by more than twice what is tolerated. It may not be sold at this weight.',
    unknown: '',
  } as const;
</script>

<Weights
  label="Weights of sample pieces"
  key="pieces {draft.id}"
  {aimG}
  spread={Math.max(planned.massVariation, 0.03)}
  bind:massesG
  bind:wrong
/>
<div class="declared">
  <NumberField
    label="Declared weight"
    quantity="mass"
    value={declaredG}
    limits={{ min: 1, max: 100000 }}
    name="declared"
    typed={draft.typed}
    onvalue={(value) => (declaredG = value)}
  />
</div>
{#if found}
  <p class="figures" role="status">
    {massesG.length} pieces of <b>{found.meanG.toFixed(1)} g</b> on average, ± {found.spreadG.toFixed(1)} g ({(
      found.massVariation * 100
    ).toFixed(1)} %).
    {#if declaredG !== null}
      {percent(found.underShare)} are below {figures.mass.say(declaredG)}.
      {#if found.tolerableG !== null}The tolerated shortfall per piece is {found.tolerableG.toFixed(1)} g. {SAID[
          found.verdict
        ]}{/if}
    {/if}
  </p>
  <p class="quiet">Based on Directive 76/211/EEC, as guidance only. Your local law and its sampling rules decide.</p>
{/if}

<style>
  .declared {
    width: 9rem;
    margin: 0.5rem 0;
  }
</style>
