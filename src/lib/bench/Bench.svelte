<!-- The bench: one step at a time, readable at arm's length; unattended steps, and what comes next. Several runs can share it. -->
<script lang="ts">
  import { Button, InlineLoading } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { type Happening, beginsWith, lastDone, type LineNow, type StepNow } from '$core/run';
  import type { RunToLog } from '$core/usecases';
  import { ingredientNamed, larderOf } from '$core/larder';
  import { tinInWords, type RackTin } from '$core/tin';
  import { openCaller, type Caller } from '$lib/devices/alerts';
  import { RunFollower } from '$lib/run/runFollower.svelte';
  import { followRuns } from '$lib/run/runStream';
  import CurrentStep from './CurrentStep.svelte';
  import BenchHead from './BenchHead.svelte';
  import BenchNotices from './BenchNotices.svelte';
  import { stepInShort } from '$core/time';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { tinsOf, type Slab } from '$core/slab';
  import Choices from './Choices.svelte';
  import { countdown } from './clock';
  import UrgentNotice from './UrgentNotice.svelte';
  import Finish from './Finish.svelte';
  import { keepPage } from './keepPage';
  import NoteSheet from './NoteSheet.svelte';
  import PostponeSheet from './PostponeSheet.svelte';
  import { holdAwake } from './holdAwake';
  import { callOnDevice } from './notify';
  import Sheet from './Sheet.svelte';
  import LateSheet from './LateSheet.svelte';
  import RunFilter from './RunFilter.svelte';
  import NextSteps, { type OfRun } from './NextSteps.svelte';
  import WeighSheet from './WeighSheet.svelte';

  /** A run with everything its bench needs without the server. */
  interface Props {
    runs: readonly RunToLog[];
    /** Sequence of the last event that the server has of any of them. */
    last: number;
    /** Whether the runs came with all their events. */
    isComplete: boolean;
    rack: readonly (RackTin & { readonly id: number })[];
    /** Recorded lots, the last used first. */
    lots: readonly { readonly ingredient: string; readonly lot: string }[];
  }
  let { runs, last: lastKnown, isComplete: isWhole, rack, lots }: Props = $props();

  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const WHY_SKIPPED = ['Not needed', 'Already done', 'Something is missing', 'No time'] as const;

  const followers = untrack(() => runs.map(({ id, plan, events }) => new RunFollower(id, plan, events, isWhole)));
  /** Offline, only what is stored on the device is available. */
  const isComplete = $derived(followers.every((followed) => followed.isComplete || !followed.isReached));
  const isSeveral = followers.length > 1;

  /** The run chosen by hand, otherwise the one whose turn it is. */
  let chosen: number | null = $state(null);
  const turn = $derived.by(() => {
    const open = followers.filter(({ state }) => state.status === 'open' && state.now !== null);
    const isAtHand = ({ state }: RunFollower) => state.now!.status === 'under way' && state.now!.step.hands === 'busy';
    return (
      open.find(isAtHand) ??
      [...open].sort((a, b) => a.state.now!.from - b.state.now!.from)[0] ??
      followers.find(({ state }) => state.status === 'open') ??
      followers[0]!
    );
  });
  const follower = $derived(followers.find(({ id }) => id === chosen) ?? turn);
  const plan = $derived(follower.plan);
  const run = $derived(follower.state);
  const begun = $derived(runs.find(({ id }) => id === follower.id)!);
  /** Entry of an ingredient in the larder of the run. */
  const ingredientOf = (name: string) =>
    ingredientNamed(name, larderOf(begun.ingredients), larderOf(begun.slab.larder ?? []));
  const nowMs = $derived(follower.nowMs);
  const isReached = $derived(followers.every((followed) => followed.isReached));
  const isStored = $derived(followers.every((followed) => followed.isStored));
  const waiting = $derived(followers.reduce((sum, followed) => sum + followed.waiting, 0));
  const of = <K extends 'byItself' | 'next'>(what: K): OfRun[] =>
    followers
      .filter(({ id, state }) => state.status === 'open' && (chosen === null || id === chosen))
      .flatMap((followed) =>
        [
          ...(what === 'next' && followed !== follower && followed.state.now ? [followed.state.now] : []),
          ...followed.state[what],
        ].map((step) => ({ run: followed.id, name: labels.get(followed.id)!, step })),
      );
  const tinsInWords = (slab: Slab) =>
    tinsOf(slab)
      .map(({ tin, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(tin, figures)}`)
      .join(' and ');
  /** Runs of one slab are distinguished by their lot and tins. */
  const labels = $derived(
    new Map(
      followers.map(({ id, plan: { name, lot } }) => {
        const isAlone = followers.filter((other) => other.plan.name === name).length === 1;
        const { slab } = runs.find((own) => own.id === id)!;
        return [id, isAlone ? name : `${name}, ${lot}, ${tinsInWords(slab)}`] as const;
      }),
    ),
  );
  const byItself = $derived(of('byItself').sort((a, b) => a.step.to - b.step.to));
  const next = $derived(of('next').sort((a, b) => a.step.from - b.step.from));

  let sheet: 'note' | 'skip' | 'late' | null = $state(null);
  /** The step being postponed: it stays the same if another becomes current meanwhile. */
  let postponing: StepNow | null = $state.raw(null);
  let weighing: LineNow | null = $state.raw(null);

  let caller: Caller | null = null;
  onMount(() => {
    const close = followRuns(
      followers,
      untrack(() => lastKnown),
    );
    void keepPage();
    const letSleep = holdAwake();
    return () => {
      close();
      letSleep();
      caller?.close();
    };
  });

  /** Browsers allow sound after the first touch. */
  function happened(...happenings: readonly Happening[]) {
    caller ??= openCaller();
    follower.happened(...happenings);
  }

  function end(id: number, step: string) {
    caller ??= openCaller();
    const whose = followers.find((followed) => followed.id === id)!;
    whose.happened({ kind: 'step-done', step });
    const follows = beginsWith(whose.state, step);
    if (follows.length > 0) whose.happened(...follows.map((step) => ({ kind: 'step-begun', step: step.id }) as const));
  }

  /** Announces each overdue step once. */
  const overdue = $derived(
    followers.flatMap((followed) =>
      followed.state.steps
        .filter(({ status, to }) => status === 'under way' && to <= followed.nowMs)
        .map(({ step }) => ({ key: `${followed.id} ${step.id}`, text: step.text })),
    ),
  );
  let called: readonly string[] = [];
  $effect(() => {
    const fresh = overdue.filter(({ key }) => !called.includes(key));
    called = overdue.map(({ key }) => key);
    if (fresh.length === 0) return;
    caller?.call(3);
    void callOnDevice(fresh.map(({ text }) => text));
  });

  const last = $derived(lastDone(follower.events));
  const underHand = $derived(run.now?.status === 'under way' ? run.now : null);
  const title = $derived(
    overdue[0]
      ? `Overdue: ${overdue[0].text}`
      : underHand
        ? `${countdown(underHand.to - nowMs)} ${underHand.step.text}`
        : plan.name,
  );
  const left = (stepNow: StepNow) =>
    stepNow.begunAt === null ? null : stepNow.begunAt + stepNow.step.minutes * 60_000 - nowMs;
</script>

<svelte:head><title>{title} - Knife Tray</title></svelte:head>

<div class="bench">
  <BenchHead
    {plan}
    {run}
    canUndo={last !== null}
    onlate={() => (sheet = 'late')}
    onnote={() => (sheet = 'note')}
    onundo={() => last && happened({ kind: 'taken-back', event: last.id })}
  />
  {#if isSeveral}
    <RunFilter
      runs={followers.map(({ id }) => ({ id, text: labels.get(id)! }))}
      {chosen}
      onchoose={(id) => (chosen = id)}
    />
  {/if}
  <div class="both">
    {#if !isComplete}
      <section class="panel over"><InlineLoading description="Loading all entries…" /></section>
    {:else if run.status !== 'open'}
      <section class="panel over">
        <h2>{run.status === 'finished' ? 'Run finished' : 'Run stopped'}</h2>
        <p class="links">
          <Button href="/runs/{follower.id}/result">Result</Button>
          <Button href="/runs" kind="tertiary">All runs</Button>
        </p>
      </section>
    {:else if run.now}
      <CurrentStep
        now={run.now}
        unsent={isReached ? null : waiting}
        cannotWait={run.dangers.length + (isStored ? 0 : 1)}
        left={left(run.now)}
        {nowMs}
        lines={run.lines}
        isEndangered={run.dangers.some(({ step }) => step === run.now?.step.id)}
        isHeld={run.heldUntil !== null}
        boil={plan.boils.find(({ step }) => step === run.now?.step.id) ?? null}
        onbegin={(step) => happened({ kind: 'step-begun', step })}
        onend={(step) => end(follower.id, step)}
        onputoff={() => (postponing = run.now)}
        onskip={() => (sheet = 'skip')}
        onnote={happened}
        onamount={(line) => (weighing = line)}
      />
    {:else if run.next.length === 0 && run.byItself.length === 0}
      <Finish {plan} onnote={happened} />
    {:else}
      <section class="panel over">
        <h2>Nothing to do right now</h2>
        {#if run.next[0]}
          <p class="figures">Next at {dates.weekTime(run.next[0].from)}: {stepInShort(run.next[0].step.text)}.</p>
        {/if}
      </section>
    {/if}
    <!-- Beside or below the current step: what appears there moves no button that is about to be pressed. -->
    <div>
      <div id="cannot-wait"><UrgentNotice {run} {nowMs} {isStored} /></div>
      <BenchNotices {followers} {isReached} {waiting} {follower} {begun} />
      <NextSteps
        {byItself}
        {next}
        {isSeveral}
        {nowMs}
        {left}
        onbegin={(id, step) => {
          caller ??= openCaller();
          followers.find((followed) => followed.id === id)?.happened({ kind: 'step-begun', step });
          if (chosen !== null) chosen = id;
        }}
        onend={end}
        onsoft={(id, step, reading) =>
          followers.find((followed) => followed.id === id)?.happened({ kind: 'set-reading', step, reading })}
      />
    </div>
  </div>
</div>

{#if sheet === 'note'}
  <NoteSheet
    {plan}
    lines={run.lines}
    {ingredientOf}
    {rack}
    onnote={happened}
    onphoto={(id, jpeg) => follower.photographed(id, jpeg, '')}
    onclose={() => (sheet = null)}
  />
{:else if sheet === 'late'}
  <LateSheet
    {followers}
    {follower}
    onlate={(late) => {
      caller ??= openCaller();
      for (const [of, happening] of late) of.happened(happening);
      sheet = null;
    }}
    onclose={() => (sheet = null)}
  />
{:else if sheet === 'skip' && run.now}
  {@const step = run.now.step}
  <Sheet title="Skip step: {step.text}" onclose={() => (sheet = null)}>
    <Choices
      label="Reason for skipping"
      choices={WHY_SKIPPED.map((id) => ({ id, text: id }))}
      onchoose={(why) => {
        happened({ kind: 'step-skipped', step: step.id, why });
        sheet = null;
      }}
    />
  </Sheet>
{/if}
{#if postponing}
  <PostponeSheet
    {plan}
    events={follower.events}
    {run}
    step={postponing}
    {nowMs}
    onpostpone={(happening) => {
      happened(happening);
      postponing = null;
    }}
    onclose={() => (postponing = null)}
  />
{/if}
{#if weighing}
  {@const line = weighing}
  <WeighSheet
    {line}
    ingredient={ingredientOf(line.ingredient)}
    lots={lots.filter(({ ingredient }) => ingredient === line.ingredient).map(({ lot }) => lot)}
    onnote={happened}
    onclose={() => (weighing = null)}
  />
{/if}

<style>
  .bench {
    display: flex;
    flex-direction: column;
    min-height: calc(100dvh - 48px);
    padding: 0.6rem 1rem 1rem;
    gap: 0.6rem;
  }

  .both {
    flex: 1;
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
    gap: 0.8rem;
    align-items: start;
  }

  #cannot-wait {
    scroll-margin-top: 60px;
  }

  .over {
    display: grid;
    gap: 1rem;
    padding: 2rem;
    font-size: 1.2rem;
  }

  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
  }

  @media (max-width: 759px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
