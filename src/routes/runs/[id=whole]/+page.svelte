<!-- The bench: one thing at a time, at arm's length; what runs by itself, and what comes next. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import { beginsWith, type StepNow } from '../../../core/run';
  import { openCaller, type Caller } from '$lib/callOut';
  import { RunFollower } from '$lib/runFollower.svelte';
  import type { Happening } from '$lib/waitingEvents';
  import { shopDates } from '$lib/shopDates';
  import Notice from '$lib/ui/Notice.svelte';
  import AtHand from './AtHand.svelte';
  import { countdown } from './clock';
  import ToCome from './ToCome.svelte';

  let { data } = $props();

  const follower = untrack(() => new RunFollower(data.run.id, data.run.plan, data.events, data.last));
  const { plan } = follower;
  const run = $derived(follower.state);
  const dates = $derived(shopDates());

  let caller: Caller | null = null;
  onMount(() => {
    follower.start();
    // A screen that goes dark in the middle of a boil helps nobody; where it cannot be held, nothing is lost.
    let lock: WakeLockSentinel | null = null;
    void navigator.wakeLock?.request('screen').then(
      (held) => (lock = held),
      () => undefined,
    );
    return () => {
      follower.close();
      caller?.close();
      void lock?.release();
    };
  });

  /** Sound is allowed once something was touched. */
  function happened(happening: Happening) {
    caller ??= openCaller();
    follower.happened(happening);
  }

  function end(step: string) {
    happened({ kind: 'step-done', step });
    for (const follows of beginsWith(follower.state, step)) happened({ kind: 'step-begun', step: follows.id });
  }

  /** What is over and waits to be ended is called out, once. */
  const overdue = $derived(
    run.steps.filter(({ status, to }) => status === 'under way' && to <= follower.nowMs).map(({ step }) => step.id),
  );
  let called: readonly string[] = [];
  $effect(() => {
    const fresh = overdue.filter((id) => !called.includes(id));
    called = overdue;
    if (fresh.length > 0) caller?.call(3);
  });

  const nameOf = (id: string) => plan.steps.find((step) => step.id === id)?.text ?? id;
  /** The last thing that was done here, to be taken back. */
  const last = $derived(
    follower.events
      .filter(({ kind }) => kind !== 'taken-back')
      .filter(({ id }) => !follower.events.some((one) => one.kind === 'taken-back' && one.event === id))
      .sort((a, b) => (a.at < b.at ? 1 : -1))[0],
  );
  const underHand = $derived(run.now?.status === 'under way' ? run.now : null);
  const title = $derived(underHand ? `${countdown(underHand.to - follower.nowMs)} ${underHand.step.text}` : plan.name);
  const left = (one: StepNow) =>
    one.begunAt === null ? null : one.begunAt + one.step.minutes * 60_000 - follower.nowMs;
</script>

<svelte:head><title>{title} - Knife Tray</title></svelte:head>

<div class="bench">
  <header>
    <h1>{plan.name}</h1>
    <p class="figures quiet">
      {plan.lot}, version {plan.version}. {run.status === 'open'
        ? `Done at about ${dates.weekTime(run.endsAt)}`
        : run.status === 'finished'
          ? 'Finished'
          : 'Stopped'}{#if run.status === 'open' && Math.abs(run.lateMinutes) >= 2}, {Math.abs(
          Math.round(run.lateMinutes),
        )} min {run.lateMinutes > 0 ? 'later' : 'sooner'} than planned{/if}
    </p>
    <div class="acts">
      <Button
        size="field"
        kind="ghost"
        disabled={!last}
        on:click={() => last && happened({ kind: 'taken-back', event: last.id })}>Take back the last</Button
      >
    </div>
  </header>
  {#if !follower.isReached}
    <Notice>
      The server does not answer. Go on: {follower.waiting}
      {follower.waiting === 1 ? 'thing waits' : 'things wait'} on this device and go up when it does.
    </Notice>
  {/if}
  {#if !follower.isStored}
    <Notice harm>The storage of this device is full: leave this page open until the server has what happened.</Notice>
  {/if}
  {#if follower.problems.length > 0}<Notice harm problems={follower.problems} />{/if}
  {#each run.dangers as { step, waitsMinutes, mostMinutes, behind } (`${step} ${behind}`)}
    <Notice harm>
      "{nameOf(step)}" would come {Math.round(waitsMinutes)} min after "{nameOf(behind)}", and may wait {Math.round(
        mostMinutes,
      )}: do it first.
    </Notice>
  {/each}
  <div class="both">
    {#if run.status !== 'open'}
      <section class="panel over">
        <h2>{run.status === 'finished' ? 'It is done.' : 'It was stopped.'}</h2>
        <p><Button href="/runs" kind="tertiary">All runs</Button></p>
      </section>
    {:else if run.now}
      <AtHand
        now={run.now}
        left={left(run.now)}
        nowMs={follower.nowMs}
        lines={run.lines}
        onbegin={(step) => happened({ kind: 'step-begun', step })}
        onend={end}
        onputoff={(step) => happened({ kind: 'step-put-off', step })}
        onskip={(step) => happened({ kind: 'step-skipped', step })}
        onweigh={(line) =>
          happened({
            kind: 'weighed',
            preparation: line.preparation,
            line: line.line,
            massG: line.massG ?? 0,
          })}
      />
    {:else if run.next.length === 0 && run.byItself.length === 0}
      <section class="panel over">
        <h2>All steps are over.</h2>
        <p>{plan.pieces} pieces were planned.</p>
        <Button on:click={() => happened({ kind: 'finished' })}>Finish the run</Button>
      </section>
    {:else}
      <section class="panel over"><h2>Nothing to do for the hands just now.</h2></section>
    {/if}
    <ToCome
      byItself={run.byItself}
      next={run.next}
      nowMs={follower.nowMs}
      {left}
      onend={end}
      onsoft={(step) => happened({ kind: 'set-reading', step, reading: 'still soft' })}
    />
  </div>
</div>

<style>
  .bench {
    display: flex;
    flex-direction: column;
    min-height: calc(100dvh - 48px);
    padding: 0.6rem 1rem 1rem;
    gap: 0.6rem;
  }

  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.2rem;
    align-items: baseline;
  }

  h1 {
    font-size: 1.4rem;
  }

  .acts {
    margin-left: auto;
  }

  .both {
    flex: 1;
    display: grid;
    grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
    gap: 0.8rem;
    align-items: start;
  }

  .over {
    display: grid;
    gap: 1rem;
    padding: 2rem;
    font-size: 1.2rem;
  }

  @media (max-width: 759px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
