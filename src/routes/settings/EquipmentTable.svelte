<!-- Equipment of one kind, each item in a row with its fields: pots, boxes, bags, wrappers, piece types, channels. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Shop } from '$core/shop';
  import type { ProblemMessage } from '$wording/problems';
  import { problemAt } from '$lib/api';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import EquipmentRow from './EquipmentRow.svelte';
  import { replaced, without } from './replaced';
  import type { Column, Kind } from './things';

  type Thing = { readonly name: string; readonly currency?: string } & Readonly<Record<string, unknown>>;
  interface Props {
    kind: Kind;
    things: readonly object[] | undefined;
    /** Currency of the stored amounts. */
    currency: string;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onshop: (part: Partial<Shop>) => void;
  }
  let { kind, things, currency, typed, problems, onshop }: Props = $props();

  const rows = $derived((things ?? []) as readonly Thing[]);
  const put = (next: readonly Thing[]) => onshop({ [kind.path]: next } as Partial<Shop>);
  function set(at: number, { field, isMoney }: Column, value: unknown) {
    put(replaced(rows, at, { [field]: value, ...(isMoney ? { currency: undefined } : {}) }));
  }
  const labelOf = ({ label, isMoney }: Column, { currency: own }: Thing) =>
    isMoney ? `${label}, ${own ?? currency}` : label;
  const widths = $derived(kind.columns.map(({ wide = 1 }) => `minmax(0, ${wide}fr)`).join(' '));
</script>

<fieldset>
  <legend>{kind.legend}</legend>
  {#each rows as thing, at (at)}
    <EquipmentRow
      name={thing.name}
      problem={problemAt(problems, `/${kind.path}/${at}/name`)}
      columns={widths}
      onname={(name) => put(replaced(rows, at, { name }))}
      onremove={() => put(without(rows, at))}
    >
      {#each kind.columns as column (column.field)}
        {#if column.kind === 'choice'}
          <Select
            size="sm"
            labelText={column.label}
            selected={String(thing[column.field] ?? '')}
            on:change={(event) => set(at, column, (event.target as HTMLSelectElement).value || undefined)}
          >
            {#each column.options ?? [] as [value, text] (value)}<SelectItem {value} {text} />{/each}
          </Select>
        {:else}
          <NumberField
            label={labelOf(column, thing)}
            {...column.quantity ? { quantity: column.quantity } : {}}
            optional={column.optional ?? false}
            placeholder={column.placeholder ?? ''}
            value={(thing[column.field] as number | undefined) ?? null}
            limits={shopLimits(`${kind.path}.${column.field}`)}
            name="{kind.path} {at} {column.field}"
            problem={problemAt(problems, `/${kind.path}/${at}/${column.field}`)}
            {typed}
            onvalue={(value) => (value !== null || column.optional) && set(at, column, value ?? undefined)}
          />
        {/if}
      {/each}
    </EquipmentRow>
  {/each}
  <p class="add">
    <Button size="small" kind="tertiary" on:click={() => put([...rows, { name: '', ...kind.begin }])}>{kind.add}</Button
    >
  </p>
</fieldset>

<style>
  fieldset {
    position: relative;
  }

  /** Beside the name of the list. */
  .add {
    position: absolute;
    top: -0.35rem;
    right: 0;
  }

  legend {
    min-height: 32px;
  }

  @media (max-width: 759px) {
    .add {
      position: static;
    }
  }
</style>
