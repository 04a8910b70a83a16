<!-- A day in the shop's locale; while typing, the recognised day is shown in words below. -->
<script lang="ts">
  import { readDay } from '$lib/format/readDates';
  import { shopDates } from '$lib/format/shopDates';
  import TypedField from './TypedField.svelte';

  interface Props {
    label: string;
    /** Such as 2026-05-31, or empty. */
    value: string;
    onvalue: (day: string | null) => void;
    typed: Record<string, string>;
    name: string;
    optional?: boolean;
    problem?: string;
  }
  let { value, ...field }: Props = $props();

  const dates = $derived(shopDates());

  function read(text: string) {
    const found = readDay(text, dates);
    return found.ok ? { ...found, understood: dates.longDay(found.value) } : found;
  }
</script>

<TypedField {...field} shown={dates.day(value)} {read} />
