<!-- A time at which something is not there: what and how long by touch, the rest proposed; with the list of those that are entered. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { TZDate } from '@date-fns/tz';
  import { format } from 'date-fns';
  import { shopDates } from '$lib/format/shopDates';
  import DayField from '$lib/ui/DayField.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';

  interface Span {
    readonly id: number;
    readonly from: string;
    readonly to: string;
  }
  interface Props {
    /** What can be blocked, with its name. */
    resources: readonly (readonly [resource: string, name: string])[];
    blocked: readonly (Span & { readonly resource: string })[];
    extra: readonly (Span & { readonly person: string })[];
    zone: string;
    /** The next working time: proposed. */
    opens: number;
    onadd: (resource: string, from: Date, to: Date) => void;
    onremove: (id: number) => void;
    onremoveextra: (id: number) => void;
  }
  let p: Props = $props();
  const dates = $derived(shopDates());
  const typed: Record<string, string> = $state({});
  const HOUR = 3_600_000;

  let resource = $state('oven');
  const proposed = $derived(new TZDate(p.opens, p.zone));
  let day: string | null = $state(null);
  let from: string | null = $state(null);
  let to: string | null = $state(null);
  const shownDay = $derived(day ?? format(proposed, 'yyyy-MM-dd'));
  const shownFrom = $derived(from ?? format(proposed, 'HH:mm'));
  const shownTo = $derived(to ?? format(new TZDate(p.opens + 2 * HOUR, p.zone), 'HH:mm'));
  const momentOf = (time: string) => {
    const [y, m, d] = shownDay.split('-').map(Number) as [number, number, number];
    const [h, minute] = time.split(':').map(Number) as [number, number];
    return new Date(new TZDate(y, m - 1, d, h, minute, p.zone).getTime());
  };
  const isWrong = $derived(momentOf(shownFrom) >= momentOf(shownTo));
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
  const nameOf = (of: string) => p.resources.find(([own]) => own === of)?.[1] ?? of;
</script>

<section class="panel" aria-label="Blocked time">
  <h2>Blocked time</h2>
  <div class="fields">
    <Select size="sm" labelText="Not available" selected={resource} on:change={(event) => (resource = chosen(event))}>
      {#each p.resources as [value, name] (value)}<SelectItem {value} text={name} />{/each}
    </Select>
    <DayField label="on" value={shownDay} name="blocked day" {typed} onvalue={(value) => (day = value ?? day)} />
    <TimeField label="from" value={shownFrom} name="blocked from" {typed} onvalue={(value) => (from = value ?? from)} />
    <TimeField
      label="to"
      value={shownTo}
      name="blocked to"
      problem={isWrong ? 'This ends before it begins. Enter a later end' : undefined}
      {typed}
      onvalue={(value) => (to = value ?? to)}
    />
  </div>
  <Button
    size="small"
    kind="tertiary"
    disabled={isWrong}
    on:click={() => p.onadd(resource, momentOf(shownFrom), momentOf(shownTo))}>Block</Button
  >
  <ul>
    {#each p.blocked as { id, resource: of, from: begin, to: end } (id)}
      <li>
        <span>{nameOf(of)}, {dates.weekTime(Date.parse(begin))} to {dates.clock(Date.parse(end))}</span>
        <Button size="small" kind="ghost" on:click={() => p.onremove(id)}
          >Remove<span class="unseen"> {nameOf(of)} {dates.weekTime(Date.parse(begin))}</span></Button
        >
      </li>
    {/each}
    {#each p.extra as { id, person, from: begin, to: end } (id)}
      <li>
        <span>Extra hours for {person}, {dates.weekTime(Date.parse(begin))} to {dates.clock(Date.parse(end))}</span>
        <Button size="small" kind="ghost" on:click={() => p.onremoveextra(id)}
          >Remove<span class="unseen"> the extra hours of {person}</span></Button
        >
      </li>
    {/each}
  </ul>
</section>

<style>
  .panel {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.4rem;
    margin: 0.3rem 0 0.5rem;
  }

  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem;
    border-bottom: 1px solid var(--rule);
  }
</style>
