<!--
  A number as it is typed at the bench: "1 1/2", "½" and "1,5" are read; where it is of a quantity, "9 in" or "237F" as well.
  What cannot be read stays in the field with its reason, and in `typed`, so that leaving the station does not lose it.
-->
<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { readNumber, readQuantity, type NumberLimits, type Quantity, type QuantityRead } from '../../core/measure';
  import { shopFigures, shopMeasures } from '$lib/shopFigures';

  interface Props {
    label: string;
    value: number | null | undefined;
    limits: NumberLimits;
    /** What it is a number of: shown in the shop's unit, which the label ends in; values are in the base unit. */
    quantity?: Quantity;
    /** g per mL of what is weighed, so that a spoon of it is understood too. */
    density?: number | undefined;
    onvalue: (value: number | null) => void;
    /** Texts that could not be read, by field. */
    typed: Record<string, string>;
    /** The name of this field in `typed`. */
    name: string;
    optional?: boolean;
    hideLabel?: boolean;
    helper?: string;
    /** What holds while the field is empty, in words or as a value. */
    placeholder?: string | number;
  }
  let {
    label,
    value,
    limits,
    quantity,
    density,
    onvalue,
    typed,
    name,
    optional = false,
    hideLabel = false,
    helper = '',
    placeholder = '',
  }: Props = $props();

  const figures = $derived(shopFigures());
  const shown = (number: number | null | undefined) => {
    if (number === null || number === undefined) return '';
    return quantity ? figures[quantity].typed(number) : String(Number(number.toFixed(3)));
  };
  const readText = (said: string): QuantityRead => {
    if (!quantity) {
      const read = readNumber(said, limits);
      return read.ok ? { ...read, understood: '' } : read;
    }
    return readQuantity(said, limits, { quantity, figures, measures: shopMeasures(), densityGPerMl: density });
  };

  let text = $state(untrack(() => typed[name] ?? shown(value)));
  let focused = false;
  const read = $derived(optional && text.trim() === '' ? null : readText(text));
  const wrong = $derived(read && !read.ok ? read.message : '');
  const understood = $derived(read?.ok ? read.understood : '');

  $effect(() => {
    const next = typed[name] ?? shown(value);
    if (!focused) text = next;
  });

  // What was refused counts once its limits let it: else the field shows one number and another one counts.
  $effect(() => {
    const waiting = typed[name];
    if (waiting === undefined) return;
    const read = readText(waiting);
    if (read.ok) untrack(take);
  });

  function take() {
    if (optional && text.trim() === '') {
      delete typed[name];
      onvalue(null);
      return;
    }
    const read = readText(text);
    if (read.ok) {
      delete typed[name];
      onvalue(read.value);
    } else {
      typed[name] = text;
    }
  }

  function leave() {
    focused = false;
    if (typed[name] === undefined) text = shown(value);
  }
</script>

<div class="number-field">
  <TextInput
    size="sm"
    labelText={quantity ? `${label}, ${figures[quantity].unit}` : label}
    {hideLabel}
    placeholder={typeof placeholder === 'number' ? shown(placeholder) : placeholder}
    inputmode={quantity ? 'text' : 'decimal'}
    autocomplete="off"
    helperText={understood ? `read as ${understood}` : helper}
    invalid={wrong !== ''}
    invalidText={wrong}
    bind:value={text}
    on:input={take}
    on:focus={() => (focused = true)}
    on:blur={leave}
  />
</div>
