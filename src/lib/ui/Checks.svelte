<!-- Checks of a slab. Each can be marked as known, with a note; the marks belong to the slab. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import Close from 'carbon-icons-svelte/lib/Close.svelte';
  import type { Declare } from '$lib/draft/larderShelf.svelte';
  import type { Figures } from '$core/measure';
  import { inList } from '$wording/grammar';
  import type { AcknowledgedCheck } from '$core/slab';
  import type { Plan } from '$core/usecases';
  import { checkText } from '$wording/checks';

  interface Props {
    plan: Pick<Plan, 'checks' | 'acknowledged'>;
    say: Figures;
    known: readonly AcknowledgedCheck[];
    onknown: (known: readonly AcknowledgedCheck[]) => void;
    /** Goes to the field of a check. */
    onshow: (where: string) => void;
    /** Adds allergens to an ingredient's declaration, or removes them. */
    ondeclare: Declare;
    onclose: () => void;
  }
  let { plan, say, known, onknown, onshow, ondeclare, onclose }: Props = $props();

  let noting: string | null = $state(null);
  let note = $state('');
  const keyOf = ({ code, where }: { code: string; where: string }) => `${code} ${where}`;

  const inWords = ({ code }: { code: string }) => code.replaceAll('-', ' ');

  function mark(code: string, where: string) {
    const others = known.filter((mark) => keyOf(mark) !== keyOf({ code, where }));
    onknown([...others, { code, where, ...(note.trim() === '' ? {} : { note: note.trim() }) }]);
    noting = null;
    note = '';
  }
</script>

<div class="head">
  <h2>Checks</h2>
  <Button size="small" kind="ghost" icon={Close} iconDescription="Close" tooltipPosition="left" on:click={onclose} />
</div>
<ul>
  {#each plan.checks as check, at (`${keyOf(check)} ${at}`)}
    <li class="open">
      <p>{checkText(check, say)}</p>
      {#if noting === keyOf(check)}
        <form
          onsubmit={(event) => {
            event.preventDefault();
            mark(check.code, check.where);
          }}
        >
          <TextInput
            size="sm"
            hideLabel
            labelText="Note"
            placeholder="Why this is fine (optional)"
            maxlength={1000}
            bind:value={note}
          />
          <Button size="small" type="submit">Mark as known</Button>
          <Button size="small" kind="ghost" on:click={() => (noting = null)}>Cancel</Button>
        </form>
      {:else}
        {#if check.code === 'allergen-undeclared'}
          {@const { ingredient, allergens } = check.figures}
          <Button size="small" kind="tertiary" on:click={() => ondeclare(ingredient, allergens)}
            >Declare {inList(allergens)}</Button
          >
        {:else if check.code === 'allergen-denied'}
          {@const { ingredient, allergens } = check.figures}
          <Button size="small" kind="tertiary" on:click={() => ondeclare(ingredient, [], allergens)}
            >Remove {inList(allergens)} from {ingredient}</Button
          >
        {/if}
        <Button size="small" kind="ghost" on:click={() => onshow(check.where)} aria-label="Show: {inWords(check)}"
          >Show</Button
        >
        <Button
          size="small"
          kind="ghost"
          on:click={() => {
            noting = keyOf(check);
            note = '';
          }}
          aria-label="Mark as known: {inWords(check)}">Mark as known</Button
        >
      {/if}
    </li>
  {/each}
  {#if plan.checks.length === 0}<li class="quiet">No open checks.</li>{/if}
</ul>
{#if plan.acknowledged.length > 0}
  <h2>Marked as known</h2>
  <ul>
    {#each plan.acknowledged as check, at (`${keyOf(check)} ${at}`)}
      <li class="known">
        <p>
          {checkText(check, say)}{#if check.note}<br /><b>{check.note}</b>{/if}
        </p>
        <Button
          size="small"
          kind="ghost"
          on:click={() => onknown(known.filter((mark) => keyOf(mark) !== keyOf(check)))}
          aria-label="Show again: {inWords(check)}">Show again</Button
        >
      </li>
    {/each}
  </ul>
{/if}

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  ul {
    display: grid;
    gap: 0.5rem;
    margin: 0.5rem 0;
  }

  li {
    display: grid;
    grid-template-columns: 1fr max-content max-content;
    gap: 0.3rem;
    align-items: center;
  }

  .open {
    background: var(--hot-ground);
    border-left: 4px solid var(--hot);
    padding: 0.6rem 0.8rem;
  }

  .known {
    border-left: 4px solid var(--rule);
    padding: 0.4rem 0.8rem;
    color: var(--quiet);
  }

  form {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: 1fr max-content max-content;
    gap: 0.4rem;
    align-items: end;
  }
</style>
