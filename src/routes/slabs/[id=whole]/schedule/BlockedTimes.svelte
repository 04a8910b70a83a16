<!-- Blocked times of a schedule: an oven that is out of order, a maker who is away, a full fridge. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { TZDate } from '@date-fns/tz';
  import { format } from 'date-fns';
  import { BLOCKABLE, type Blockable } from '$core/time';
  import DayField from '$lib/ui/DayField.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import { BLOCKABLE_NAMES } from '$wording/schedule';
  import type { DayForm } from './dayForm';

  interface Props {
    form: DayForm;
    zone: string;
    /** When the work begins: the first blocked time is proposed on its day. */
    begins: Date | null;
  }
  let { form = $bindable(), zone, begins }: Props = $props();

  const typed: Record<string, string> = $state({});
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value as Blockable;

  function add() {
    const last = form.blocked.at(-1);
    const start = new TZDate((begins ?? new Date()).getTime(), zone);
    form.blocked.push(
      last
        ? { ...last }
        : {
            what: 'oven',
            day: format(start, 'yyyy-MM-dd'),
            from: format(start, 'HH:00'),
            to: format(start.getTime() + 2 * 3_600_000, 'HH:00'),
          },
    );
  }
</script>

<Button size="small" kind="ghost" on:click={add}>Add blocked time</Button>
{#each form.blocked as blocked, at (at)}
  <fieldset>
    <legend class="unseen">Blocked time {at + 1}</legend>
    <Select
      size="sm"
      labelText="Not available"
      selected={blocked.what}
      on:change={(event) => (blocked.what = chosen(event))}
    >
      {#each BLOCKABLE as what (what)}<SelectItem value={what} text={BLOCKABLE_NAMES[what]} />{/each}
    </Select>
    <div class="day">
      <DayField
        label="on"
        value={blocked.day}
        name="blocked {at}"
        {typed}
        onvalue={(day) => day !== null && (blocked.day = day)}
      />
    </div>
    {#each ['from', 'to'] as const as end (end)}
      <div class="time">
        <TimeField
          label={end}
          value={blocked[end]}
          name="blocked {at} {end}"
          {typed}
          onvalue={(time) => time !== null && (blocked[end] = time)}
        />
      </div>
    {/each}
    <Button
      size="small"
      kind="ghost"
      icon={TrashCan}
      iconDescription="Remove blocked time {at + 1}"
      on:click={() => form.blocked.splice(at, 1)}
    />
  </fieldset>
{/each}

<style>
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    align-items: end;
  }

  .day {
    width: 8.6rem;
  }

  .time {
    width: 5.4rem;
  }
</style>
