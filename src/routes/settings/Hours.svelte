<!-- When the shop works: its hours, time zone and people. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { USUAL_SHOP, type Shop } from '$core/shop';
  import type { ProblemMessage } from '$wording/problems';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import { datesIn } from '$lib/format/dates';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import People from './People.svelte';
  import { replaced, without } from './replaced';

  interface Props {
    shop: Partial<Shop>;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onshop: (part: Partial<Shop>) => void;
  }
  let { shop, typed, problems, onshop }: Props = $props();

  const ZONES = Intl.supportedValuesOf('timeZone');
  const LOCALES = [
    'en-GB',
    'en-US',
    'en-CA',
    'en-AU',
    'en-IN',
    'cs',
    'da',
    'de',
    'es',
    'fi',
    'fr',
    'hu',
    'it',
    'ja',
    'ko',
    'nl',
    'nb',
    'pl',
    'pt',
    'sv',
  ];
  const localeNames = new Intl.DisplayNames('en', { type: 'language' });
  const exampleIn = (locale: string) => {
    const dates = datesIn(locale, undefined);
    return `${dates.day('2026-05-31')}, ${dates.time('14:30')} (${localeNames.of(locale)})`;
  };
  const WEEK = [1, 2, 3, 4, 5, 6, 0].map((day) => ({
    day,
    name: new Intl.DateTimeFormat('en', { weekday: 'long', timeZone: 'UTC' }).format(
      new Date(Date.UTC(2023, 0, 1 + day)),
    ),
  }));
  const hours = $derived(shop.hours ?? []);
  const spans = $derived(hours.map((hour, at) => ({ ...hour, at })));
  const set = (at: number, part: { from?: string; to?: string }) => onshop({ hours: replaced(hours, at, part) });
  /** Gives every day the hours of one day. */
  function copyToAll(from: number) {
    const ofDay = hours.filter(({ day }) => day === from);
    onshop({ hours: WEEK.flatMap(({ day }) => ofDay.map((hour) => ({ ...hour, day }))) });
  }
  const wrong = (at: number, end: 'from' | 'to') =>
    problems.find(({ path }) => path === `/hours/${at}/${end}`)?.message ?? '';
</script>

<fieldset>
  <legend>Working hours</legend>
  {#if hours.length === 0}<p class="quiet">Without working hours, schedules run round the clock.</p>{/if}
  {#each WEEK as { day, name } (day)}
    <div class="day" role="group" aria-label={name}>
      <span class="name">{name}</span>
      {#each spans.filter((span) => span.day === day) as { at, from, to } (at)}
        <div class="span">
          {#each [['from', from], ['to', to]] as const as [end, value] (end)}
            <TimeField
              label="{name} {end}"
              hideLabel
              {value}
              problem={wrong(at, end)}
              name="hours {at} {end}"
              {typed}
              onvalue={(time) => time !== null && set(at, { [end]: time })}
            />
            {#if end === 'from'}<span aria-hidden="true">to</span>{/if}
          {/each}
          <Button size="small" kind="ghost" on:click={() => onshop({ hours: without(hours, at) })}
            >Remove<span class="unseen"> {name} {from} to {to}</span></Button
          >
        </div>
      {:else}<span class="quiet">closed</span>{/each}
      <Button
        size="small"
        kind="ghost"
        on:click={() => onshop({ hours: [...hours, { day, from: '08:00', to: '16:00' }] })}
        >Add hours<span class="unseen"> on {name}</span></Button
      >
      {#if spans.some((span) => span.day === day)}
        <Button size="small" kind="ghost" on:click={() => copyToAll(day)}
          >Copy to all days<span class="unseen">, the hours of {name}</span></Button
        >
      {/if}
    </div>
  {/each}
  <div class="three">
    <Select
      size="sm"
      labelText="Time zone"
      selected={shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone}
      on:change={(event) => onshop({ zone: (event.target as HTMLSelectElement).value })}
    >
      {#each ZONES as zone (zone)}<SelectItem value={zone} text={zone.replaceAll('_', ' ')} />{/each}
    </Select>
    <Select
      size="sm"
      labelText="Date and time format"
      selected={shop.locale ?? USUAL_SHOP.locale}
      on:change={(event) => onshop({ locale: (event.target as HTMLSelectElement).value })}
    >
      {#each LOCALES as locale (locale)}<SelectItem value={locale} text={exampleIn(locale)} />{/each}
    </Select>
    <NumberField
      label="People"
      value={shop.hands ?? USUAL_SHOP.hands}
      limits={shopLimits('hands')}
      name="hands"
      {typed}
      onvalue={(value) => value !== null && onshop({ hands: Math.round(value) })}
    />
  </div>
</fieldset>
<People {shop} {typed} {problems} {onshop} />

<style>
  .day,
  .span {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.5rem;
    align-items: center;
  }

  .day {
    border-bottom: 1px solid var(--rule);
    min-height: 2.2rem;
  }

  .name {
    width: 6.5rem;
  }

  .span :global(.bx--text-input) {
    width: 8.2rem;
  }

  .three {
    display: grid;
    grid-template-columns: 2fr 2fr 1fr;
    gap: 0.6rem;
    align-items: end;
    margin-top: 0.5rem;
  }

  @media (max-width: 759px) {
    .three {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
