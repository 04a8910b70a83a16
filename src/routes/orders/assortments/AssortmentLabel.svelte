<!-- The label draft of an assortment: each component named with its ingredients, then what holds for the whole pack. -->
<script lang="ts">
  import { Button, InlineLoading } from 'carbon-components-svelte';
  import { ask } from '$lib/api';
  import { runsOf } from '$lib/format/labelText';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { AssortmentLabel } from '$lib/server/assortmentLabel';
  import Notice from '$lib/ui/Notice.svelte';
  import { DRAFT_TEXT } from '$wording/label';
  import type { ProblemMessage } from '$wording/problems';

  let { id, name }: { id: number; name: string } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  let label: AssortmentLabel | null = $state.raw(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);

  async function show() {
    busy = true;
    const answer = await ask<AssortmentLabel>('GET', `/api/assortments/${id}/label`);
    busy = false;
    label = answer.ok ? answer.value : null;
    problems = answer.ok ? [] : answer.problems;
  }
</script>

{#if problems.length > 0}<Notice harm {problems} />{/if}
{#if label}
  <div class="label">
    <h3>{label.name}</h3>
    {#each label.components as { name: component, count, text } (component)}
      <p>
        <b>{count} x {component}:</b>
        {#each runsOf(text) as { text: part, bold }, i (i)}{#if bold}<b>{part}</b>{:else}{part}{/if}{/each}.
      </p>
    {/each}
    <p>
      <b>Contains: {label.contains.join(', ') || 'no declared allergen'}.</b>
      {#if label.probablyContains.length > 0}Probably contains: {label.probablyContains.join(', ')}.{/if}
      {#if label.unknownFor.length > 0}Allergens are unknown for {label.unknownFor.join(', ')}.{/if}
    </p>
    <p class="figures">
      {figures.mass.say(label.netG)}. Best before <b>{label.bestBefore ? dates.longDay(label.bestBefore) : '?'}</b>. {label.keep.join(
        '. ',
      )}.
    </p>
    <p class="quiet">{DRAFT_TEXT}</p>
  </div>
{:else if busy}
  <InlineLoading description="Drafting the label…" />
{:else}
  <Button size="small" kind="ghost" on:click={() => void show()}
    >Show label draft<span class="unseen"> of {name}</span></Button
  >
{/if}

<style>
  .label {
    border: 1px solid var(--rule-strong);
    padding: 0.6rem 0.8rem;
    display: grid;
    gap: 0.3rem;
  }

  h3 {
    font-size: 1.05rem;
    font-weight: 700;
  }
</style>
