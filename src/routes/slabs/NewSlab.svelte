<!-- Dialog for a new slab: empty, from a template, or as a copy. -->
<script lang="ts">
  import { Modal, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import type { Measures } from '$core/measure';
  import { blankSlab } from '$core/slab';
  import { ask } from '$lib/api';
  import type { PatternCard } from '$lib/server/starter';

  interface Props {
    /** Its cup and spoon sizes. */
    measures: Measures;
    onclose: () => void;
  }
  let { measures, onclose }: Props = $props();

  /** Prefix of choices that are templates. */
  const PATTERN = 'pattern:';
  let open = $state(false);
  let from = $state('');
  let name = $state('');
  let slabs: readonly { readonly id: number; readonly name: string }[] = $state.raw([]);
  let patterns: readonly PatternCard[] = $state.raw([]);
  let wrong = $state('');

  onMount(async () => {
    open = true;
    const answer = await ask<{ slabs: typeof slabs }>('GET', '/api/slabs');
    if (answer.ok) slabs = answer.value.slabs;
    const found = await ask<{ patterns: PatternCard[] }>('GET', '/api/patterns');
    if (found.ok) patterns = found.value.patterns;
    // Keeps what was typed meanwhile.
    wrong ||= [answer, found].flatMap((given) => (given.ok ? [] : given.problems))[0]?.message ?? '';
  });

  function begun() {
    if (from === '') return ask<{ id: number }>('POST', '/api/slabs', { ...blankSlab(name), measures });
    const path = from.startsWith(PATTERN) ? `/api/patterns/${from.slice(PATTERN.length)}` : `/api/slabs/${from}/copy`;
    return ask<{ id: number }>('POST', path, { name });
  }

  async function make() {
    if (name.trim() === '') {
      wrong = 'Give the slab a name';
      return;
    }
    const answer = await begun();
    if (answer.ok) await goto(`/slabs/${answer.value.id}/build`);
    else wrong = answer.problems[0]?.message ?? '';
  }
</script>

<Modal
  bind:open
  size="sm"
  modalHeading="New slab"
  primaryButtonText="Create"
  secondaryButtonText="Cancel"
  selectorPrimaryFocus="#new-name"
  on:click:button--secondary={() => (open = false)}
  on:close={onclose}
  on:submit={make}
>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void make();
    }}
  >
    <TextInput id="new-name" labelText="Name" bind:value={name} invalid={wrong !== ''} invalidText={wrong} />
    <Select labelText="Start from" bind:selected={from}>
      <SelectItem value="" text="An empty slab" />
      {#each patterns as { id, what } (id)}<SelectItem value={PATTERN + id} text="template: {what}" />{/each}
      {#each slabs as { id, name: called } (id)}<SelectItem value={String(id)} text="copy of {called}" />{/each}
    </Select>
  </form>
</Modal>

<style>
  form {
    display: grid;
    gap: 1rem;
  }
</style>
