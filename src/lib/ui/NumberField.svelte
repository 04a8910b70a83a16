<!-- A number as typed at the bench: "1 1/2", "½" and "1,5"; for a quantity also "9 in" or "237F". -->
<script lang="ts">
  import { readAmount, readNumber, readQuantity, type Expected, type Quantity } from '$core/measure';
  import type { NumberLimits } from '$core/validation';
  import { reasonText } from '$wording/problems';
  import { shopFigures, shopMeasures } from '$lib/format/shopFigures';
  import TypedField from './TypedField.svelte';

  interface Props {
    label: string;
    value: number | null | undefined;
    limits: NumberLimits;
    /** Its quantity: shown in the shop's unit, which ends the label; values are in the base unit. */
    quantity?: Quantity;
    /** The ingredient whose mass it is: a spoon of it, or a number of pieces, is understood too. */
    countable?: Pick<Expected, 'densityGPerMl' | 'piece'>;
    /** Name of what is counted, so that "5 eggs" is understood too. */
    counted?: string | undefined;
    onvalue: (value: number | null) => void;
    /** Invalid texts, by field. */
    typed: Record<string, string>;
    /** Name of this field in `typed`. */
    name: string;
    optional?: boolean;
    hideLabel?: boolean;
    helper?: string;
    /** Message about the current value. */
    problem?: string;
    /** Default while the field is empty, as text or value. */
    placeholder?: string | number;
  }
  let { label, value, limits, quantity, countable, counted, placeholder = '', ...field }: Props = $props();

  const figures = $derived(shopFigures());
  const shown = (number: number | null | undefined) => {
    if (number === null || number === undefined) return '';
    return quantity ? figures[quantity].typed(number) : String(Number(number.toFixed(3)));
  };

  function read(text: string) {
    const found = quantity
      ? readQuantity(text, limits, { quantity, figures, measures: shopMeasures(), ...countable })
      : counted
        ? readAmount(text, limits, counted)
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
