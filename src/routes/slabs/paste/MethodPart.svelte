<!-- Method of a pasted recipe: every sentence beside what happens. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { MethodRead, StepRead } from '$core/method';
  import type { Slab } from '$core/slab';
  import { unnamedText } from '$wording/reading';
  import StepRow from './StepRow.svelte';
  import WrittenText from './WrittenText.svelte';

  interface Props {
    method: MethodRead;
    /** As read, before corrections. */
    read: readonly StepRead[];
    slab: Slab;
    onlyOpen: boolean;
    corrected: Record<string, StepRead>;
    /** Where the maker puts ingredients that no step names. */
    placed: Record<string, string>;
  }
  let { method, read, slab, onlyOpen, corrected = $bindable(), placed = $bindable() }: Props = $props();

  const keyOf = (step: StepRead, at: number) => `${at} ${step.text}`;
  const nameOf = (id: string) => slab.preparations.find((own) => own.id === id)?.name ?? '';
</script>

<section aria-label="Method">
  <h2>What happens</h2>
  <ol>
    {#each read as first, at (keyOf(first, at))}
      {@const key = keyOf(first, at)}
      {@const step = method.steps[at]}
      {#if step && (!onlyOpen || step.status === 'check' || first.status === 'check')}
        <StepRow
          steps={method.steps}
          {at}
          {slab}
          isCorrected={key in corrected}
          onchange={(next) => (corrected[key] = next)}
          onback={() => delete corrected[key]}
        />
      {/if}
    {/each}
    {#each method.unnamed as one (one.ingredient)}
      <WrittenText text={one.ingredient} status="check" why={unnamedText(one, slab)} acts={mixtures} />
      {#snippet mixtures()}
        {#each slab.preparations as { id, name } (id)}
          <Button size="small" kind="tertiary" on:click={() => (placed[one.ingredient] = id)}>{name}</Button>
        {/each}
      {/snippet}
    {/each}
    {#each Object.entries(placed) as [ingredient, id] (ingredient)}
      <WrittenText
        text={ingredient}
        where="Bowl"
        meaning="{ingredient} goes into {nameOf(id)}"
        isCorrected
        onback={() => delete placed[ingredient]}
      />
    {/each}
  </ol>
</section>

<style>
  h2 {
    margin: 1rem 0 0.3rem;
    padding: 0 0.6rem;
    font-size: 1.1rem;
  }
</style>
