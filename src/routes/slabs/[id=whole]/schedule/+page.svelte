<!-- Schedule: the steps of the slab forward from a start or backward from a deadline, within working hours. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onDestroy, untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import type { ProblemMessage } from '$wording/problems';
  import { dayText } from '$wording/schedule';
  import { ask } from '$lib/api';
  import type { Ingredient } from '$core/larder';
  import { USUAL_SHOP } from '$core/shop';
  import { meansOf } from '$core/time';
  import { tinInWords } from '$core/tin';
  import type { Day, DayOptions } from '$core/usecases';
  import { calendarOf } from '$lib/format/calendar';
  import { fileName } from '$lib/format/fileName';
  import { saveText } from '$lib/format/saveText';
  import { namedIngredients } from '$lib/draft/namedIngredients';
  import { NewestAnswer } from '$lib/workers/newestAnswer';
  import { slabWork } from '$lib/draft/slabContext';
  import type { Moments, TimelineQuestion, TimelineAnswer } from '$lib/workers/timeline.worker';
  import TimelineWorker from '$lib/workers/timeline.worker?worker';
  import DayFields from './DayFields.svelte';
  import BlockedTimes from './BlockedTimes.svelte';
  import { blockedOf, dayFormOf, hoursOf, keepDayForm, momentOf } from './dayForm';
  import LaneChart from './LaneChart.svelte';
  import Steps from './Steps.svelte';
  import StepsTable from './StepsTable.svelte';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import HowLink from '$lib/ui/HowLink.svelte';
  import Calculating from '$lib/ui/Calculating.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const zone = $derived(work.shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
  const hours = $derived(work.shop.hours ?? []);
  const id = Number(page.params.id);

  let form = $state(
    untrack(() =>
      dayFormOf(
        id,
        work.shop.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
        work.shop.hands ?? USUAL_SHOP.hands,
      ),
    ),
  );
  $effect(() => keepDayForm(id, $state.snapshot(form)));
  let day = $state.raw<Day | null>(null);
  let between = $state.raw<Moments | null>(null);
  let busy = $state(false);

  const moment = $derived(momentOf(form[form.way], zone));
  const pinned = $derived(new Map(Object.entries(form.pinned).map(([step, at]) => [step, new Date(at)])));
  const dates = $derived(shopDates());
  const timeOfDay = $derived(dates.weekTime);
  const dateOf = $derived(dates.moment);

  const ingredients = $derived(namedIngredients(slab, work.larder));

  /** Tins, for the printed sheet. */
  const tins = $derived(
    work.plan.slabs
      .map(({ tin, sheet, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(sheet ?? tin, figures)}`)
      .join('; '),
  );

  let hasFailed = $state(false);
  const worker = new NewestAnswer<TimelineQuestion, TimelineAnswer>(
    () => new TimelineWorker(),
    () => (hasFailed = true),
  );
  /** What is asked, with the pins given. Pinned steps count from a start: such a schedule runs forward from its first step. */
  function questionWith(pins: ReadonlyMap<string, Date>, quickAndSlow: boolean): TimelineQuestion | null {
    if (moment === null) return null;
    const before = untrack(() => day);
    const held = pins.size > 0 && before !== null ? (before.steps[0]?.start ?? moment) : null;
    const asked: DayOptions = {
      ...(form.way === 'deadline' && held === null ? { deadline: moment } : { start: held ?? moment }),
      ...meansOf(work.shop),
      hands: form.hands,
      blocked: blockedOf($state.snapshot(form), zone),
      hours: $state.snapshot(hoursOf(form, hours)) as DayOptions['hours'],
      zone,
      pinned: pins,
    };
    return {
      slab: $state.snapshot(slab) as typeof slab,
      ingredients: $state.snapshot(ingredients) as Ingredient[],
      shop: $state.snapshot(work.shop) as typeof work.shop,
      pace: form.pace,
      asked,
      now: new Date(),
      quickAndSlow,
    };
  }
  $effect(() => {
    const question = questionWith(pinned, true);
    if (!question) return;
    busy = true;
    hasFailed = false;
    worker.ask(question, (answer) => {
      day = answer.day;
      between = answer.between;
      busy = false;
      return answer.isLast ? 'done' : 'more';
    });
  });

  /** A step being moved, and the schedule with it there: shown before it is let go. */
  let moving: { readonly step: string; readonly at: Date; readonly day: Day | null } | null = $state.raw(null);
  const previews = new NewestAnswer<TimelineQuestion, TimelineAnswer>(
    () => new TimelineWorker(),
    () => (moving = null),
  );
  function preview(step: string, at: Date | null) {
    const question = at && questionWith(new Map([...pinned, [step, at]]), false);
    moving = question && at ? { step, at, day: moving?.step === step ? moving.day : null } : null;
    if (question && at)
      previews.ask(question, (answer) => {
        if (moving?.step === step) moving = { step, at, day: answer.day };
        return answer.isLast ? 'done' : 'more';
      });
  }
  onDestroy(() => previews.close());
  const endOf = ({ steps }: Day) => Math.max(...steps.map(({ end }) => end.getTime()));
  /** Minutes after the deadline at which a schedule ends; `null` without a deadline, or in time. */
  const lateBy = (of: Day | null): number | null => {
    if (form.way !== 'deadline' || moment === null || of === null || of.steps.length === 0) return null;
    const minutes = Math.round((endOf(of) - moment.getTime()) / 60_000);
    return minutes >= 1 ? minutes : null;
  };
  const late = $derived(lateBy(day));
  const isImpossible = $derived(day !== null && day.steps.length === 0 && !busy);
  // The checks of the slab count a missed deadline while this page is open.
  $effect(() => {
    work.deadline.lateMinutes = late;
    return () => (work.deadline.lateMinutes = null);
  });
  onDestroy(() => worker.close());

  let busyMaking = $state(false);
  let wrongs: readonly ProblemMessage[] = $state.raw([]);
  /** Starts a run of the saved slab: now, at the bench; or when the schedule begins. */
  async function makeIt(begin?: Date) {
    busyMaking = true;
    const answer = await ask<{ id: number }>('POST', '/api/runs', {
      slab: draft.id,
      begin: begin?.toISOString(),
      hands: form.hands,
      blocked: blockedOf($state.snapshot(form), zone).filter(({ to }) => to > (begin ?? new Date())),
    });
    busyMaking = false;
    wrongs = answer.ok ? [] : answer.problems;
    if (answer.ok) await goto(begin ? '/today' : `/runs/${answer.value.id}`);
  }
  /** Runs that start sooner than this start now. */
  const SOON_MS = 10 * 60_000;
  const later = $derived.by(() => {
    const start = day?.steps[0]?.start;
    return start && start.getTime() > Date.now() + SOON_MS ? start : null;
  });

  function takeCalendar() {
    const text = day && calendarOf(slab.name, day.steps, figures);
    if (text) saveText(text, 'text/calendar', fileName(slab.name).replace('.slab.json', '.ics'));
  }
</script>

{#if wrongs.length > 0}<Notice harm problems={wrongs} />{/if}
<div class="asked no-print">
  <DayFields bind:form hasHours={hours.length > 0} />
  <BlockedTimes bind:form {zone} begins={day?.steps[0]?.start ?? moment} />
  {#if pinned.size > 0}<Button size="small" kind="ghost" on:click={() => (form.pinned = {})}>Unpin {pinned.size}</Button
    >{/if}
</div>

<p class="paper quiet">{tins}</p>
<div class="result">
  <div role="status">
    {#if hasFailed || (day === null && busy)}<Calculating {hasFailed} />{/if}
    {#if day && !day.feasible}
      <Notice harm>
        <p>
          This schedule is not possible: {dayText(day, figures)}.
          {#if day.earliestEnd}It can be done by <b>{dateOf(day.earliestEnd)}</b> at the earliest; that day is shown.{/if}
        </p>
      </Notice>
    {:else if day && day.steps.length > 0}
      {#if late !== null}
        <Notice harm>
          <p>
            The deadline is missed: done <b>{dateOf(endOf(day))}</b>, {figures.duration.say(late)} late.
            {pinned.size > 0 ? 'Unpin a step, or move the deadline.' : 'Move the deadline, or free a blocked time.'}
          </p>
        </Notice>
      {/if}
      <p class="answer figures">
        Begin <b>{dateOf(day.steps[0]!.start)}</b>, done
        <b>{dateOf(endOf(day))}</b>.
        <span class="quiet"
          >{#if between}{form.way === 'deadline' && pinned.size === 0
              ? `If everything runs slow, begin ${timeOfDay(between.slow)}. If it runs fast, ${timeOfDay(between.quick)} is early enough`
              : `If everything runs fast, done ${timeOfDay(between.quick)}. If it runs slow, ${timeOfDay(between.slow)}`}.{/if}
          {dayText(day, figures)}.</span
        >
      </p>
    {/if}
  </div>
  <div class="acts no-print">
    <Button
      size="small"
      disabled={draft.changed || busyMaking || isImpossible}
      title={draft.changed
        ? 'Save the version first. Runs use the saved version'
        : isImpossible
          ? 'This schedule is not possible'
          : undefined}
      on:click={() => void makeIt()}>Start run</Button
    >
    {#if later && late === null && day?.feasible}
      <Button
        size="small"
        kind="tertiary"
        disabled={draft.changed || busyMaking}
        on:click={() => later && void makeIt(later)}>Plan run for {timeOfDay(later)}</Button
      >
    {/if}
    <HowLink to="set-and-schedule" />
    <Button size="small" kind="ghost" disabled={!day || day.steps.length === 0} on:click={takeCalendar}
      >Add to calendar</Button
    >
    <Button size="small" kind="ghost" on:click={() => print()}>Print schedule</Button>
  </div>
</div>

{#if day && day.steps.length > 0}
  <div class="no-print">
    <p class="moving figures" role="status">
      {#if moving}
        Moved to <b>{timeOfDay(moving.at)}</b>:
        {#if moving.day === null}calculating…
        {:else if moving.day.steps.length === 0}<b class="harm">not possible. {dayText(moving.day, figures)}</b>
        {:else}
          {@const changed = Math.round((endOf(moving.day) - endOf(day)) / 60_000)}
          {@const missed = lateBy(moving.day)}
          done <b>{dateOf(endOf(moving.day))}</b>{changed === 0
            ? ', as now'
            : `, ${figures.duration.say(Math.abs(changed))} ${changed > 0 ? 'later' : 'earlier'}`}{#if missed !== null}<b
              class="harm">, {figures.duration.say(missed)} after the deadline</b
            >{/if}.
        {/if}
      {:else}Drag a step, or move it with the arrow keys, to pin it to a time.{/if}
    </p>
    <LaneChart
      {day}
      {pinned}
      {timeOfDay}
      onpreview={preview}
      onpin={(step, at) => {
        preview(step, null);
        form.pinned[step] = at.getTime();
      }}
    />
  </div>
  <StepsTable {day} {timeOfDay} />
{/if}
<div class="no-print"><Steps /></div>

<style>
  .asked {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem 1rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .asked :global(.bx--select) {
    width: auto;
  }

  .asked :global(.bx--form-item) {
    flex: none;
  }

  .result {
    display: grid;
    gap: 0.3rem;
    margin-bottom: 0.5rem;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
  }

  .answer {
    font-size: 1.15rem;
  }

  .answer .quiet {
    display: block;
    font-size: 0.9rem;
  }

  .moving {
    min-height: 1.6em;
    margin-bottom: 0.3rem;
    color: var(--quiet);
  }

  .harm {
    color: var(--harm);
  }

  .paper {
    display: none;
  }

  @media print {
    .no-print {
      display: none;
    }

    .paper {
      display: block;
    }
  }
</style>
