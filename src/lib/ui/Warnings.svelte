<!-- What the second reader says. Each warning can be marked as known, with a note; the marks belong to the slab. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import Close from 'carbon-icons-svelte/lib/Close.svelte';
  import type { Plan } from '../../core/usecases';
  import type { KnownWarning } from '../../core/slab';

  interface Props {
    plan: Plan;
    known: readonly KnownWarning[];
    onknown: (known: readonly KnownWarning[]) => void;
    /** Goes to what a warning speaks of. */
    onshow: (where: string) => void;
    onclose: () => void;
  }
  let { plan, known, onknown, onshow, onclose }: Props = $props();

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
  <h2>The second reader says</h2>
  <Button size="small" kind="ghost" icon={Close} iconDescription="Close" tooltipPosition="left" on:click={onclose} />
</div>
<ul>
  {#each plan.warnings as warning, at (`${keyOf(warning)} ${at}`)}
    <li class="open">
      <p>{warning.message}.</p>
      {#if noting === keyOf(warning)}
        <form
          onsubmit={(event) => {
            event.preventDefault();
            mark(warning.code, warning.where);
          }}
        >
          <TextInput
            size="sm"
            hideLabel
            labelText="Note"
            placeholder="Why it is right, if you like"
            maxlength={1000}
            bind:value={note}
          />
          <Button size="small" type="submit">I know</Button>
          <Button size="small" kind="ghost" on:click={() => (noting = null)}>Leave it</Button>
        </form>
      {:else}
        <Button
          size="small"
          kind="ghost"
          on:click={() => onshow(warning.where)}
          aria-label="Show it: {inWords(warning)}">Show it</Button
        >
        <Button
          size="small"
          kind="ghost"
          on:click={() => {
            noting = keyOf(warning);
            note = '';
          }}
          aria-label="I know: {inWords(warning)}">I know</Button
        >
      {/if}
    </li>
  {/each}
  {#if plan.warnings.length === 0}<li class="quiet">Nothing to look at.</li>{/if}
</ul>
{#if plan.settled.length > 0}
  <h2>Marked as known</h2>
  <ul>
    {#each plan.settled as warning, at (`${keyOf(warning)} ${at}`)}
      <li class="known">
        <p>
          {warning.message}.{#if warning.note}<br /><b>{warning.note}</b>{/if}
        </p>
        <Button
          size="small"
          kind="ghost"
          on:click={() => onknown(known.filter((mark) => keyOf(mark) !== keyOf(warning)))}
          aria-label="Say it again: {inWords(warning)}">Say it again</Button
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
