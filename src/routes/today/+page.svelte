<!-- Today: runs in progress, what sets where, what is due, and what to weigh next. -->
<script lang="ts">
  import { Button, InlineLoading } from 'carbon-components-svelte';
  import { onMount, untrack } from 'svelte';
  import type { LineNow } from '$core/run';
  import { PLACES } from '$core/slab';
  import { stepInShort } from '$core/time';
  import { countdown } from '$lib/bench/clock';
  import { RunFollower } from '$lib/run/runFollower.svelte';
  import { followRuns } from '$lib/run/runStream';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import OtherDevice from './OtherDevice.svelte';
  import PlannedToday from './PlannedToday.svelte';
  import RunCard from './RunCard.svelte';

  let { data } = $props();

  /** A run in a list, by when it begins or began. */
  interface Listed {
    readonly id: number;
    readonly name: string;
    readonly lot: string;
    readonly begunAt: string;
  }

  const followers = untrack(() =>
    data.runs.map(({ id, plan, events }) => new RunFollower(id, plan, events, data.isComplete)),
  );
  const isComplete = $derived(followers.every((run) => run.isComplete || !run.isReached));
  onMount(() =>
    followRuns(
      followers,
      untrack(() => data.last),
    ),
  );
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const MAX_DUE = 10;
  const MAX_WEIGHED = 14;
  const STANDS_IN = [...PLACES.filter((place) => place !== 'room'), 'oven'];

  const open = $derived(followers.filter(({ state }) => state.status === 'open'));
  const byItself = $derived(
    open.flatMap((run) => run.state.byItself.map((step) => ({ run, step }))).sort((a, b) => a.step.to - b.step.to),
  );
  const due = $derived(
    open
      .flatMap((run) => [...(run.state.now ? [run.state.now] : []), ...run.state.next].map((step) => ({ run, step })))
      .sort((a, b) => a.step.from - b.step.from)
      .slice(0, MAX_DUE),
  );
  /** Of the first run that has to be weighed. */
  const unweighed = $derived.by(() => {
    for (const run of open) {
      const lines = run.state.lines.filter(({ weighedG, massG }) => weighedG === null && massG !== null);
      const isOver = run.state.steps.some(
        ({ step, endedAt }) => step.after.length === 0 && step.of === 'all' && endedAt !== null,
      );
      if (lines.length > 0 && !isOver) return { run, lines };
    }
    return null;
  });
  const placeOf = (occupies: readonly string[]) => STANDS_IN.find((place) => occupies.includes(place)) ?? 'room';
  const keyOf = ({ preparation, line }: LineNow) => `${preparation} ${line}`;
</script>

<svelte:head><title>Today - Knife Tray</title></svelte:head>

{#snippet runs(id: string, title: string, list: readonly Listed[])}
  {#if list.length > 0}
    <section class="panel" aria-labelledby={id}>
      <h2 {id}>{title}</h2>
      <ul>
        {#each list as run (run.id)}
          <li>
            <span class="figures quiet">{dates.moment(Date.parse(run.begunAt))}</span>
            <a href="/runs/{run.id}">{run.name}</a>
            <span class="quiet figures">{run.lot}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
{/snippet}

<div class="page">
  <div class="page-head">
    <h1>Today</h1>
    <div class="acts">
      <Button size="field" kind="ghost" href="/weigh-out">Weigh out</Button>
      {#if open.length > 0}<Button size="field" href="/bench">Go to bench</Button>{/if}
    </div>
  </div>
  {#if !isComplete}
    <div class="panel"><InlineLoading description="Loading all entries…" /></div>
  {:else if open.length === 0 && data.today.batches.length === 0}
    <div class="panel">
      <EmptyState title="Nothing in progress">
        <p>Plan orders in the Week, or open a slab, go to its Schedule and choose Start run.</p>
        <Button size="small" kind="tertiary" href="/slabs">Go to slabs</Button>
      </EmptyState>
    </div>
  {:else if open.length > 0}
    <div class="cards">
      {#each open as run (run.id)}
        <RunCard {run} />
      {/each}
      {#if data.elsewhere}<OtherDevice {...data.elsewhere} />{/if}
    </div>
    <div class="three">
      <section class="panel" aria-labelledby="due">
        <h2 id="due">Due</h2>
        <ol>
          {#each due as { run, step } (`${run.id} ${step.step.id}`)}
            <li>
              <span class="figures quiet">{step.from <= run.nowMs ? 'now' : dates.weekTime(step.from)}</span>
              <span>{stepInShort(step.step.text)} <span class="quiet">{run.plan.name}</span></span>
            </li>
          {/each}
        </ol>
      </section>
      <section class="panel" aria-labelledby="sets">
        <h2 id="sets">Unattended</h2>
        <ul>
          {#each byItself as { run, step } (`${run.id} ${step.step.id}`)}
            <li>
              <span class="place">{placeOf(step.step.occupies)}</span>
              <span>{stepInShort(step.step.text)} <span class="quiet">{run.plan.name}</span></span>
              <b class="figures left" class:harm={step.to <= run.nowMs}
                >{countdown((step.begunAt ?? 0) + step.step.minutes * 60_000 - run.nowMs)}</b
              >
            </li>
          {:else}
            <li class="quiet">Nothing is setting or baking</li>
          {/each}
        </ul>
      </section>
      <section class="panel" aria-labelledby="weigh">
        <h2 id="weigh">Weigh next</h2>
        {#if unweighed}
          <p class="quiet">{unweighed.run.plan.name}</p>
          <ul>
            {#each unweighed.lines.slice(0, MAX_WEIGHED) as line (keyOf(line))}
              <li>
                <b class="figures mass">{line.massG === null ? line.measured : figures.mass.say(line.massG)}</b>
                {line.ingredient}
              </li>
            {/each}
          </ul>
          {#if unweighed.lines.length > MAX_WEIGHED}<p class="quiet">
              and {unweighed.lines.length - MAX_WEIGHED} more ingredients
            </p>{/if}
        {:else}
          <p class="quiet">All ingredients weighed</p>
        {/if}
      </section>
    </div>
  {/if}
  <PlannedToday today={data.today} />
  <div class="below">
    {@render runs('later', 'Planned', data.later)}
    {@render runs('past', 'Recent runs', data.past)}
    {#if open.length === 0 && data.elsewhere}<OtherDevice {...data.elsewhere} />{/if}
  </div>
</div>

<style>
  .cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(20rem, 1fr));
    gap: 0.8rem;
  }

  .panel {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .three {
    display: grid;
    grid-template-columns: 1.2fr 1fr 1fr;
    gap: 0.8rem;
    margin-top: 0.8rem;
    align-items: start;
  }

  li {
    display: flex;
    gap: 0.8rem;
    align-items: baseline;
    padding: 0.35rem 0;
    border-bottom: 1px solid var(--rule);
  }

  li > .figures:first-child {
    flex: 0 0 5.4rem;
  }

  li > .left {
    margin-left: auto;
  }

  li > .mass:first-child {
    flex: 0 0 4.4rem;
    text-align: right;
  }

  .place {
    flex: 0 0 3.6rem;
    font-weight: 650;
  }

  .harm {
    color: var(--harm);
  }

  .below {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(20rem, 1fr));
    gap: 0.8rem;
    margin-top: 0.8rem;
    align-items: start;
  }

  .below a {
    padding: 0.15rem 0;
    display: inline-block;
  }

  .below li > .figures:first-child {
    flex: 0 0 11rem;
  }

  @media (max-width: 599px) {
    .below li {
      flex-wrap: wrap;
      column-gap: 0.8rem;
      row-gap: 0;
    }

    .below li > .figures:first-child {
      flex-basis: 100%;
    }
  }

  @media (max-width: 900px) {
    .three {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
