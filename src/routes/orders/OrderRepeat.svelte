<!-- How an order repeats: frequency, weekdays and last day. A rule that does not fit these fields is shown in words and kept. -->
<script lang="ts">
  import { Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import { isWeekly, repeatFields, REPEATS, repeatText, ruleOf, WEEKDAYS, type RepeatFields } from '$core/orders';
  import DayField from '$lib/ui/DayField.svelte';
  import { untrack } from 'svelte';

  interface Props {
    /** The rule; `undefined` for an order that does not repeat. */
    rule: string | undefined;
    typed: Record<string, string>;
  }
  let { rule = $bindable(), typed }: Props = $props();

  const given = untrack(() => rule);
  const OTHER = 'other';
  let fields: RepeatFields | null = $state.raw(repeatFields(given));

  const EVERY: Record<RepeatFields['every'], string> = {
    '': 'never',
    'FREQ=DAILY': 'every day',
    'FREQ=WEEKLY': 'every week',
    'FREQ=WEEKLY;INTERVAL=2': 'every two weeks',
    'FREQ=WEEKLY;INTERVAL=3': 'every three weeks',
    'FREQ=WEEKLY;INTERVAL=4': 'every four weeks',
    'FREQ=MONTHLY': 'every month',
  };
  const DAY: Record<(typeof WEEKDAYS)[number], string> = {
    ...{ MO: 'Mon', TU: 'Tue', WE: 'Wed', TH: 'Thu', FR: 'Fri', SA: 'Sat', SU: 'Sun' },
  };

  function set(next: Partial<RepeatFields>) {
    fields = { every: '', days: [], until: '', ...fields, ...next };
    rule = ruleOf(fields);
  }
  function choose(event: Event) {
    const { value } = event.target as HTMLSelectElement;
    const every = REPEATS.find((own) => own === value);
    if (every !== undefined) set({ every });
    else {
      fields = null;
      rule = given;
    }
  }
</script>

<div class="repeat">
  <Select size="sm" labelText="Repeats" selected={fields?.every ?? OTHER} on:change={choose}>
    {#each REPEATS as every (every)}
      <SelectItem value={every} text={EVERY[every]} />
    {/each}
    {#if given && repeatFields(given) === null}
      <SelectItem value={OTHER} text={repeatText(given)} />
    {/if}
  </Select>
  {#if fields && isWeekly(fields.every)}
    <fieldset>
      <legend class="unseen">On these days</legend>
      {#each WEEKDAYS as day (day)}
        <Checkbox
          labelText={DAY[day]}
          checked={fields.days.includes(day)}
          on:check={({ detail }) => {
            const others = (fields?.days ?? []).filter((own) => own !== day);
            set({ days: detail ? [...others, day] : others });
          }}
        />
      {/each}
    </fieldset>
  {/if}
  {#if fields && fields.every !== ''}
    <DayField
      label="Until"
      optional
      value={fields.until}
      name="order until"
      {typed}
      onvalue={(next) => set({ until: next ?? '' })}
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

  fieldset :global(.bx--checkbox-wrapper) {
    margin: 0;
  }
</style>
