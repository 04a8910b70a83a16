<!-- Ways to melt chocolate, with their steps. -->
<script lang="ts">
  import { MELT_NAMES, writtenSteps } from '$wording/steps';
  import { Button, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
  import { withPreparation, type Preparation } from '$core/slab';
  import { MELTS, meltingSteps, microwaveBursts, type Melt } from '$core/sugar';

  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  let melt = $state<Melt>('bain-marie');
  let watts = $state(800);
  let typed: Record<string, string> = $state({});
  const massG = $derived(work.plan.preparations[at]?.massInG ?? 0);
  const steps = $derived(writtenSteps(meltingSteps(melt, massG, watts), figures));
  const bursts = $derived(microwaveBursts(massG, watts));
  const isWritten = $derived(JSON.stringify(preparation.steps ?? []) === JSON.stringify(steps));

  const write = () => draft.change(withPreparation(draft.slab, at, { steps }), `${preparation.id} steps`);
</script>

<article class="panel" aria-label="Melting {preparation.name}">
  <h2>Melting {preparation.name}, {figures.mass.say(massG)}</h2>
  <div class="ways">
    <RadioButtonGroup legendText="Melting method" hideLegend bind:selected={melt}>
      {#each MELTS as melt (melt)}<RadioButton value={melt} labelText={MELT_NAMES[melt]} />{/each}
    </RadioButtonGroup>
    {#if melt === 'microwave'}
      <div class="watts">
        <NumberField
          label="Full power, W"
          value={watts}
          limits={{ min: 300, max: 3000 }}
          name="watts"
          {typed}
          onvalue={(value) => value !== null && (watts = value)}
        />
      </div>
    {/if}
  </div>
  <ol>
    {#each steps as { id, text, minutes } (id)}<li>{text} <span class="quiet">({minutes} min)</span></li>{/each}
  </ol>
  {#if melt === 'microwave'}<p class="quiet figures">
      About {bursts.seconds.toFixed(0)} seconds in total for this amount, at half of {watts} W.
    </p>{/if}
  <p>
    <Button size="small" kind="tertiary" disabled={isWritten} on:click={write}
      >{isWritten ? 'Steps added' : 'Use as steps of this mixture'}</Button
    >
  </p>
</article>

<style>
  article {
    padding: 0.7rem 0.9rem;
    margin-bottom: 0.7rem;
    display: grid;
    gap: 0.5rem;
  }

  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: end;
  }

  .watts {
    width: 7rem;
  }

  li {
    list-style: decimal;
    margin-left: 1.3rem;
  }
</style>
