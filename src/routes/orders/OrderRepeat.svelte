<!-- How an order repeats: every week or two, on some weekdays, until a day. -->
<script lang="ts">
  import { Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import DayField from '$lib/ui/DayField.svelte';

  interface Props {
    /** Weeks between occurrences; empty for an order that does not repeat. */
    every: string;
    days: string[];
    until: string;
    typed: Record<string, string>;
  }
  let { every = $bindable(), days = $bindable(), until = $bindable(), typed }: Props = $props();

  const WEEKDAYS = [
    ['MO', 'Mon'],
    ['TU', 'Tue'],
    ['WE', 'Wed'],
    ['TH', 'Thu'],
    ['FR', 'Fri'],
    ['SA', 'Sat'],
    ['SU', 'Sun'],
  ] as const;
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
</script>

<div class="repeat">
  <Select size="sm" labelText="Repeats" selected={every} on:change={(event) => (every = chosen(event))}>
    <SelectItem value="" text="not" />
    <SelectItem value="1" text="every week" />
    <SelectItem value="2" text="every two weeks" />
  </Select>
  {#if every !== ''}
    <fieldset>
      <legend class="unseen">On these days</legend>
      {#each WEEKDAYS as [code, text] (code)}
        <Checkbox
          labelText={text}
          checked={days.includes(code)}
          on:check={({ detail }) =>
            (days = detail ? [...days.filter((own) => own !== code), code] : days.filter((own) => own !== code))}
        />
      {/each}
    </fieldset>
    <DayField
      label="Until"
      optional
      value={until}
      name="order until"
      {typed}
      onvalue={(next) => (until = next ?? '')}
    />
  {/if}
</div>

<style>
  .repeat {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
  }

  .repeat :global(.bx--select) {
    width: 10rem;
  }

  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.7rem;
  }
</style>
