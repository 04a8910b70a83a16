<!-- A line that is being written. It waits with the draft, so that leaving the station does not lose it. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { readNumber, UNITS, type Unit } from '../../../../core/measure';
  import { addedLine, type Preparation } from '../../../../core/slab';
  import { slabLimits } from '$lib/limits';
  import { slabWork } from '$lib/slabContext';
  import { HALF_WRITTEN } from '$lib/slabDraft.svelte';

  let { preparation, at }: { preparation: Preparation; at: number } = $props();

  const { draft, shelf } = slabWork();
  let unit = $state<Unit>('g');
  const half = (part: string) => `${HALF_WRITTEN}${preparation.id} ${part}`;
  const amount = $derived(draft.typed[half('amount')] ?? '');
  const ingredient = $derived(draft.typed[half('ingredient')] ?? '');
  function write(part: string, text: unknown) {
    if (text === '' || text === null) delete draft.typed[half(part)];
    else draft.typed[half(part)] = String(text);
  }
  let tried = $state(false);
  const amountRead = $derived(readNumber(amount, slabLimits('preparations.lines.quantity')));

  function add(event: SubmitEvent) {
    event.preventDefault();
    tried = true;
    if (!amountRead.ok || ingredient.trim() === '' || ingredient.length > 200) return;
    draft.change(addedLine(draft.slab, at, { ingredient: ingredient.trim(), quantity: amountRead.value, unit }));
    write('amount', '');
    write('ingredient', '');
    tried = false;
    (event.target as HTMLFormElement).querySelector('input')?.focus();
  }
</script>

<form onsubmit={add}>
  <TextInput
    size="sm"
    hideLabel
    labelText="Amount"
    placeholder="Amount"
    inputmode="decimal"
    autocomplete="off"
    bind:value={() => amount, (text) => write('amount', text)}
    invalid={tried && !amountRead.ok}
    invalidText={amountRead.ok ? '' : amountRead.message}
  />
  <Select size="sm" hideLabel labelText="Unit" bind:selected={unit}>
    {#each UNITS as unit (unit)}<SelectItem value={unit} text={unit} />{/each}
  </Select>
  <TextInput
    size="sm"
    hideLabel
    labelText="Ingredient"
    placeholder="Ingredient"
    list="larder-names"
    autocomplete="off"
    bind:value={
      () => ingredient,
      (text) => {
        write('ingredient', text);
        void shelf.find(String(text ?? ''));
      }
    }
    invalid={tried && (ingredient.trim() === '' || ingredient.length > 200)}
    invalidText={ingredient.length > 200 ? 'Use 200 characters or fewer' : 'Write what it is'}
  />
  <Button size="small" kind="tertiary" type="submit">Add line</Button>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: 4.2rem 4.4rem minmax(0, 1fr) max-content;
    gap: 0.25rem;
    align-items: start;
    margin: 0.35rem 0 0 1.6rem;
  }
</style>
