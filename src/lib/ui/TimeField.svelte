<!-- A time of day in the shop's locale. -->
<script lang="ts">
  import { readTime } from '$lib/format/readDates';
  import { shopDates } from '$lib/format/shopDates';
  import TypedField from './TypedField.svelte';

  interface Props {
    label: string;
    /** Such as 14:30. */
    value: string;
    onvalue: (time: string | null) => void;
    typed: Record<string, string>;
    name: string;
    hideLabel?: boolean;
    optional?: boolean;
    problem?: string;
  }
  let { value, ...field }: Props = $props();

  const dates = $derived(shopDates());

  function read(text: string) {
    const found = readTime(text, dates);
    return found.ok ? { ...found, understood: '' } : found;
  }
</script>

<TypedField {...field} shown={dates.time(value)} {read} />
