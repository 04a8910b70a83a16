<!-- Some pieces weighed after the cut: how even they are, and what the average rule for prepacked goods would say. -->
<script lang="ts">
  import { weighedPieces } from '../../../../core/cut';
  import { percent } from '$lib/figures';
  import { shopFigures } from '$lib/shopFigures';
  import { slabWork } from '$lib/slabContext';
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
    holds: 'By the average rule that would hold.',
    'mean-low': 'By the average rule the mean is too low: cut them larger, or declare less.',
    'too-many-short':
      'By the average rule too many are short by more than is tolerated: cut more evenly, or declare less.',
    'one-too-short':
      'By the average rule one is short by more than twice what is tolerated: it may not be sold as that.',
    unknown: '',
  } as const;
</script>

<Weights
  label="What some pieces weigh"
  key="pieces {draft.id}"
  {aimG}
  spread={Math.max(planned.evenness, 0.03)}
  bind:massesG
  bind:wrong
/>
<div class="declared">
  <NumberField
    label="Each declares"
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
    {massesG.length} pieces of <b>{found.meanG.toFixed(1)} g</b> in the mean, give or take {found.spreadG.toFixed(1)} g ({(
      found.evenness * 100
    ).toFixed(1)} %).
    {#if declaredG !== null}
      {percent(found.underShare)} weigh less than {figures.mass.say(declaredG)}.
      {#if found.tolerableG !== null}{found.tolerableG.toFixed(1)} g less is tolerated of each. {SAID[
          found.verdict
        ]}{/if}
    {/if}
  </p>
  <p class="quiet">After Directive 76/211/EEC, as guidance: your local law, and how it samples, decide.</p>
{/if}

<style>
  .declared {
    width: 9rem;
    margin: 0.5rem 0;
  }
</style>
