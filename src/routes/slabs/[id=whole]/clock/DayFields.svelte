<!-- From when or until when, in which hours, with how many hands. -->
<script lang="ts">
  import { RadioButton, RadioButtonGroup, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Pace } from '../../../../core/time';
  import { momentOf, type DayForm } from './dayForm';

  interface Props {
    form: DayForm;
    zone: string;
    /** The shop has said when it works. */
    hasHours: boolean;
  }
  let { form = $bindable(), zone, hasHours }: Props = $props();

  const WAYS = [
    ['deadline', 'backward from a deadline', 'Done by'],
    ['start', 'forward from a start', 'Begin at'],
  ] as const;
  const SPANS = [
    ['morning', 'Mornings'],
    ['evening', 'Evenings'],
  ] as const;
  const PACE_NAMES: Readonly<Record<Pace, string>> = {
    least: 'the least times',
    usual: 'the usual times',
    most: 'the longest times',
  };
  const field = $derived(WAYS.find(([way]) => way === form.way)!);
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
</script>

<RadioButtonGroup legendText="Lay it out" hideLegend bind:selected={form.way}>
  {#each WAYS as [value, label] (value)}<RadioButton {value} labelText={label} />{/each}
</RadioButtonGroup>
<TextInput
  size="sm"
  type="datetime-local"
  labelText={field[2]}
  bind:value={form[field[0]]}
  invalid={momentOf(form[field[0]], zone) === null}
  invalidText="Write a day and a time"
/>
<Select
  size="sm"
  labelText="Working"
  selected={form.within}
  on:change={(event) => (form.within = chosen(event) as DayForm['within'])}
>
  <SelectItem value="shop" text={hasHours ? 'in the shop’s hours' : 'round the clock'} />
  <SelectItem value="edges" text="mornings and evenings" />
  {#if hasHours}<SelectItem value="always" text="round the clock" />{/if}
</Select>
{#if form.within === 'edges'}
  {#each SPANS as [span, label] (span)}
    {#each ['from', 'to'] as const as end (end)}
      <TextInput size="sm" type="time" labelText="{label} {end}" bind:value={form[span][end]} />
    {/each}
  {/each}
{/if}
<Select
  size="sm"
  labelText="Pairs of hands"
  selected={String(form.hands)}
  on:change={(event) => (form.hands = Number(chosen(event)))}
>
  {#each [1, 2, 3, 4] as count (count)}<SelectItem value={String(count)} text={String(count)} />{/each}
</Select>
<Select
  size="sm"
  labelText="Counting on"
  selected={form.pace}
  on:change={(event) => (form.pace = chosen(event) as Pace)}
>
  {#each Object.entries(PACE_NAMES) as [pace, text] (pace)}<SelectItem value={pace} {text} />{/each}
</Select>
