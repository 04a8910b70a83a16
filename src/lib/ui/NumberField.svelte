<!-- A number as it is typed at the bench: "1 1/2", "½" and "1,5" are read; where it is of a quantity, "9 in" or "237F" as well. -->
<script lang="ts">
  import { readNumber, readQuantity, type Quantity } from '$core/measure';
  import type { NumberLimits } from '$core/validation';
  import { reasonText } from '$wording/problems';
  import { shopFigures, shopMeasures } from '$lib/format/shopFigures';
  import TypedField from './TypedField.svelte';

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
    /** What is wrong with the value that holds, in words. */
    problem?: string;
    /** What holds while the field is empty, in words or as a value. */
    placeholder?: string | number;
  }
  let { label, value, limits, quantity, density, placeholder = '', ...field }: Props = $props();

  const figures = $derived(shopFigures());
  const shown = (number: number | null | undefined) => {
    if (number === null || number === undefined) return '';
    return quantity ? figures[quantity].typed(number) : String(Number(number.toFixed(3)));
  };

  function read(text: string) {
    const found = quantity
      ? readQuantity(text, limits, { quantity, figures, measures: shopMeasures(), densityGPerMl: density })
      : readNumber(text, limits);
    if (!found.ok) return { ok: false, message: reasonText(found.reason) } as const;
    const understood = 'understood' in found && found.understood ? `understood as ${found.understood}` : '';
    return { ...found, understood };
  }
</script>

<TypedField
  {...field}
  label={quantity ? `${label}, ${figures[quantity].unit}` : label}
  shown={shown(value)}
  placeholder={typeof placeholder === 'number' ? shown(placeholder) : placeholder}
  inputmode={quantity ? 'text' : 'decimal'}
  {read}
/>
