<!-- Start or deadline of a schedule, its hours and people. -->
<script lang="ts">
  import { RadioButton, RadioButtonGroup, Select, SelectItem } from 'carbon-components-svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import type { Pace } from '$core/time';
  import type { DayForm } from './dayForm';

  interface Props {
    form: DayForm;
    /** Whether the shop has working hours. */
    hasHours: boolean;
  }
  let { form = $bindable(), hasHours }: Props = $props();

  const WAYS = [
    ['deadline', 'finish by a deadline', 'Done by'],
    ['start', 'start at a time', 'Begin at'],
  ] as const;
  const SPANS = [
    ['morning', 'Mornings'],
    ['evening', 'Evenings'],
  ] as const;
  const PACE_NAMES: Readonly<Record<Pace, string>> = {
    least: 'shortest times',
    usual: 'typical times',
    most: 'longest times',
  };
  let typed: Record<string, string> = $state({});
  const field = $derived(WAYS.find(([way]) => way === form.way)!);
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
</script>

<RadioButtonGroup legendText="Schedule" hideLegend bind:selected={form.way}>
  {#each WAYS as [value, label] (value)}<RadioButton {value} labelText={label} />{/each}
</RadioButtonGroup>
<div class="day">
  <DayField
    label={field[2]}
    value={form[field[0]].slice(0, 10)}
    name={field[0]}
    {typed}
    onvalue={(day) => day !== null && (form[field[0]] = `${day}${form[field[0]].slice(10)}`)}
    ontime={(time) => (form[field[0]] = `${form[field[0]].slice(0, 10)}T${time}`)}
  />
</div>
<div class="time">
  <TimeField
    label="at"
    value={form[field[0]].slice(11, 16)}
    name="{field[0]} time"
    {typed}
    onvalue={(time) => time !== null && (form[field[0]] = `${form[field[0]].slice(0, 10)}T${time}`)}
  />
</div>
<Select
  size="sm"
  labelText="Working time"
  selected={form.within}
  on:change={(event) => (form.within = chosen(event) as DayForm['within'])}
>
  <SelectItem value="shop" text={hasHours ? 'working hours of the shop' : 'round the clock'} />
  <SelectItem value="edges" text="mornings and evenings" />
  {#if hasHours}<SelectItem value="always" text="round the clock" />{/if}
</Select>
{#if form.within === 'edges'}
  {#each SPANS as [span, label] (span)}
    {#each ['from', 'to'] as const as end (end)}
      <TimeField
        label="{label} {end}"
        value={form[span][end]}
        name="{span} {end}"
        {typed}
        onvalue={(time) => time !== null && (form[span][end] = time)}
      />
    {/each}
  {/each}
{/if}
<Select
  size="sm"
  labelText="People"
  selected={String(form.hands)}
  on:change={(event) => (form.hands = Number(chosen(event)))}
>
  {#each [1, 2, 3, 4] as count (count)}<SelectItem value={String(count)} text={String(count)} />{/each}
</Select>
<Select size="sm" labelText="Based on" selected={form.pace} on:change={(event) => (form.pace = chosen(event) as Pace)}>
  {#each Object.entries(PACE_NAMES) as [pace, text] (pace)}<SelectItem value={pace} {text} />{/each}
</Select>

<style>
  .day {
    width: 8.6rem;
  }

  .time {
    width: 5.4rem;
  }
</style>
