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
    /** Takes a time given with the day, 'tomorrow 4pm'. A field without it refuses such a text. */
    ontime?: (time: string) => void;
    typed: Record<string, string>;
    name: string;
    optional?: boolean;
    problem?: string;
  }
  let { value, onvalue, ontime, ...field }: Props = $props();

  const dates = $derived(shopDates());

  function read(text: string) {
    const found = readDay(text, dates);
    if (!found.ok) return found;
    const { value: day, time } = found;
    if (time && !ontime) return { ok: false, message: 'Enter a day without a time' } as const;
    const understood = dates.longDay(day) + (time ? `, ${dates.time(time)}` : '');
    return { ok: true, value: { day, time }, understood } as const;
  }
</script>

<TypedField
  {...field}
  shown={dates.day(value)}
  {read}
  onvalue={(found) => {
    onvalue(found?.day ?? null);
    if (found?.time) ontime?.(found.time);
  }}
/>
