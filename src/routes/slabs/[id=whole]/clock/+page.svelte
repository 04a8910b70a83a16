<!-- When to begin: the steps of the slab forward from a start or backward from a deadline, in the hours that there are. -->
<script lang="ts">
  import { TZDate } from '@date-fns/tz';
  import { format } from 'date-fns';
  import { Button, RadioButton, RadioButtonGroup, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { onDestroy, untrack } from 'svelte';
  import { ingredientNamed, type Ingredient } from '../../../../core/larder';
  import type { Day, DayAsked } from '../../../../core/timelineFor';
  import { calendarOf } from '$lib/calendar';
  import { clock } from '$lib/figures';
  import { fileName } from '$lib/fileName';
  import { slabWork } from '$lib/slabContext';
  import type { TimelineAsked, TimelineFound } from '$lib/workers/timeline.worker';
  import TimelineWorker from '$lib/workers/timeline.worker?worker';
  import LaneChart from './LaneChart.svelte';

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const zone = $derived(work.shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
  const hours = $derived(work.shop.hours ?? []);

  /** Tomorrow morning, and three days on at noon, by the shop's clock. */
  const inDays = (days: number, hour: number) => {
    const today = new TZDate(Date.now(), work.shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
    return format(
      new TZDate(today.getFullYear(), today.getMonth(), today.getDate() + days, hour, 0, today.timeZone ?? 'UTC'),
      "yyyy-MM-dd'T'HH:mm",
    );
  };
  let way = $state<'deadline' | 'start'>('deadline');
  let deadline = $state(inDays(3, 12));
  let start = $state(inDays(1, 8));
  let hands = $state('1');
  let pinned: ReadonlyMap<string, Date> = $state.raw(new Map());
  let day = $state.raw<Day | null>(null);
  let busy = $state(false);

  const momentOf = (text: string): Date | null => {
    const found = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/.exec(text);
    if (!found) return null;
    const [y, mo, d, h, mi] = found.slice(1).map(Number) as [number, number, number, number, number];
    return new Date(new TZDate(y, mo - 1, d, h, mi, zone).getTime());
  };
  const moment = $derived(momentOf(way === 'deadline' ? deadline : start));
  const clockOf = (at: Date | number) =>
    format(new TZDate(typeof at === 'number' ? at : at.getTime(), zone), 'EEE HH:mm');

  const ingredients = $derived([
    ...new Set(
      slab.preparations
        .flatMap(({ lines }) => lines)
        .map(({ ingredient }) => ingredientNamed(ingredient, work.larder))
        .filter((one): one is Ingredient => one !== null),
    ),
  ]);

  let worker: Worker | null = null;
  let question = 0;
  $effect(() => {
    if (moment === null) return;
    worker ??= new TimelineWorker();
    const id = ++question;
    worker.onmessage = ({ data }: MessageEvent<TimelineFound>) => {
      if (data.id !== question) return;
      day = data.day;
      busy = false;
    };
    // What is held counts from a start: a day with held steps is laid forward from its first one.
    const before = untrack(() => day);
    const held = pinned.size > 0 && before !== null ? (before.steps[0]?.start ?? moment) : null;
    const asked: DayAsked = {
      ...(way === 'deadline' && held === null ? { deadline: moment } : { start: held ?? moment }),
      hands: Number(hands),
      ovens: 1,
      rings: 4,
      hours: $state.snapshot(hours) as DayAsked['hours'],
      zone,
      pinned,
    };
    const message: TimelineAsked = {
      id,
      slab: $state.snapshot(slab) as typeof slab,
      ingredients: $state.snapshot(ingredients) as Ingredient[],
      shop: $state.snapshot(work.shop) as typeof work.shop,
      asked,
      now: new Date(),
    };
    busy = true;
    worker.postMessage(message);
  });
  onDestroy(() => worker?.terminate());

  function takeCalendar() {
    const text = day && calendarOf(slab.name, day.steps);
    if (!text) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
    link.download = fileName(slab.name).replace('.slab.json', '.ics');
    link.click();
    URL.revokeObjectURL(link.href);
  }
</script>

<div class="asked no-print">
  <RadioButtonGroup legendText="Lay it out" hideLegend bind:selected={way}>
    <RadioButton value="deadline" labelText="backward from a deadline" />
    <RadioButton value="start" labelText="forward from a start" />
  </RadioButtonGroup>
  {#if way === 'deadline'}
    <TextInput
      size="sm"
      type="datetime-local"
      labelText="Done by"
      bind:value={deadline}
      invalid={moment === null}
      invalidText="Write a day and a time"
    />
  {:else}
    <TextInput
      size="sm"
      type="datetime-local"
      labelText="Begin at"
      bind:value={start}
      invalid={moment === null}
      invalidText="Write a day and a time"
    />
  {/if}
  <Select size="sm" labelText="Pairs of hands" bind:selected={hands}>
    <SelectItem value="1" text="one" /><SelectItem value="2" text="two" />
  </Select>
  <Button size="small" kind="tertiary" disabled={!day || day.steps.length === 0} on:click={takeCalendar}
    >Take to a calendar</Button
  >
  <Button size="small" kind="tertiary" on:click={() => print()}>Print the day</Button>
  {#if pinned.size > 0}<Button size="small" kind="ghost" on:click={() => (pinned = new Map())}
      >Let go of {pinned.size} held</Button
    >{/if}
</div>

<div role="status">
  {#if day === null}<p class="quiet">{busy ? 'Laying it out ...' : ''}</p>
  {:else if !day.feasible}
    <p class="said harm">
      That is not possible: {day.because}.
      {#if day.earliestEnd}It can be done by <b>{clockOf(day.earliestEnd)}</b> at the earliest; that day is shown.{/if}
    </p>
  {:else if day.steps.length > 0}
    <p class="answer figures">
      Begin <b>{clockOf(day.steps[0]!.start)}</b>, done
      <b>{clockOf(Math.max(...day.steps.map(({ end }) => end.getTime())))}</b>.
      <span class="quiet">{day.because}.</span>
    </p>
  {/if}
</div>

{#if day && day.steps.length > 0}
  <div class="no-print">
    <LaneChart {day} {pinned} {clockOf} onpin={(id, at) => (pinned = new Map([...pinned, [id, at]]))} />
  </div>
  <table class="table">
    <caption class="unseen">The steps in order</caption>
    <thead>
      <tr><th>From</th><th>To</th><th>Step</th><th>Hands</th><th class="num">Could wait</th></tr>
    </thead>
    <tbody>
      {#each day.steps as { activity, start: from, end, slackMinutes, deciding } (activity.id)}
        <tr class:deciding>
          <td class="figures">{clockOf(from)}</td>
          <td class="figures">{clockOf(end)}</td>
          <td
            >{activity.text}{#if activity.caution}<br /><span class="hot">{activity.caution}</span>{/if}</td
          >
          <td>{activity.hands === 'free' ? 'by itself' : activity.hands === 'watch' ? 'stay by it' : 'at work'}</td>
          <td class="num">{deciding ? 'decides' : clock(slackMinutes)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}

<style>
  .asked {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .asked :global(.bx--select) {
    width: 7rem;
  }

  .answer {
    font-size: 1.15rem;
    margin-bottom: 0.5rem;
  }

  .answer .quiet {
    font-size: 0.9rem;
  }

  .said {
    margin-bottom: 0.6rem;
  }

  .table {
    margin-top: 0.7rem;
  }

  .deciding td:first-child {
    box-shadow: inset 3px 0 0 var(--ink);
  }

  .hot {
    color: var(--hot);
    font-size: 0.88rem;
  }

  @media print {
    .no-print {
      display: none;
    }
  }
</style>
