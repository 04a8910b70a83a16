<!-- A short list of names with a figure each, and an optional note. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Quantity } from '$core/measure';
  import type { NumberLimits } from '$core/validation';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Row {
    readonly name: string;
    readonly value: number | null;
    readonly note?: string;
  }
  interface Props {
    rows: readonly Row[];
    nameLabel: string;
    valueLabel: string;
    noteLabel?: string;
    limits: NumberLimits;
    quantity?: Quantity;
    field: string;
    typed: Record<string, string>;
    onrows: (rows: readonly Row[]) => void;
  }
  let { rows, nameLabel, valueLabel, noteLabel, limits, quantity, field, typed, onrows }: Props = $props();

  const set = (at: number, part: Partial<Row>) => onrows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
</script>

{#each rows as row, at (at)}
  <div class="row" class:noted={noteLabel !== undefined}>
    <TextInput
      size="sm"
      labelText={nameLabel}
      hideLabel={at > 0}
      value={row.name}
      invalid={row.name.trim() === '' && row.value !== null}
      invalidText="Enter a name"
      on:input={(event) => set(at, { name: String(event.detail ?? '') })}
    />
    <NumberField
      label={valueLabel}
      {quantity}
      hideLabel={at > 0}
      optional
      value={row.value}
      {limits}
      name="{field} {at}"
      {typed}
      onvalue={(value) => set(at, { value })}
    />
    {#if noteLabel !== undefined}
      <TextInput
        size="sm"
        labelText={noteLabel}
        hideLabel={at > 0}
        maxlength={500}
        value={row.note ?? ''}
        on:input={(event) => set(at, { note: String(event.detail ?? '') })}
      />
    {/if}
    <Button kind="ghost" size="small" on:click={() => onrows(rows.filter((_, i) => i !== at))}>Remove</Button>
  </div>
{/each}
<Button kind="tertiary" size="small" on:click={() => onrows([...rows, { name: '', value: null }])}
  >{rows.length > 0 ? 'Add another' : 'Add one'}</Button
>

<style>
  .row {
    display: grid;
    grid-template-columns: 3fr 1fr max-content;
    gap: 0.5rem;
    align-items: end;
    margin-bottom: 0.4rem;
  }

  .row.noted {
    grid-template-columns: 2fr 1fr 4fr max-content;
  }
</style>
