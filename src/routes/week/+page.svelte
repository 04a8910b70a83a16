<!-- The week: every batch in one workroom, to scale in time, with what is at risk and what would help. -->
<script lang="ts">
  import { Button, ProgressBar } from 'carbon-components-svelte';
  import { onDestroy, onMount } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { canMerge, mergedBatch, splitBatch } from '$core/batches';
  import type { DueOrder } from '$core/orders';
  import type { Look } from '$core/classify';
  import { larderOf } from '$core/larder';
  import {
    potChoices,
    potsForSeveral,
    type PotChoice,
    type PotForSeveral,
    type WeekPlanStep,
    type WeekWayOut,
  } from '$core/usecases';
  import { BLOCKABLE } from '$core/time';
  import { workroomOf } from '$core/week';
  import { ask, type Answer } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { formatDuration } from '$lib/format/figures';
  import { calendarOfWeek } from '$lib/format/calendar';
  import { saveText } from '$lib/format/saveText';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import type { StoredBatch } from '$lib/server/week';
  import Calculating from '$lib/ui/Calculating.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import { ORDER_STATUS_NAMES } from '$wording/orders';
  import type { ProblemMessage } from '$wording/problems';
  import { BLOCKABLE_NAMES } from '$wording/schedule';
  import AtRisk from './AtRisk.svelte';
  import BatchCard from './BatchCard.svelte';
  import BlockTime from './BlockTime.svelte';
  import DayLists from './DayLists.svelte';
  import { applyChange, bodyOf, deleteBatch, pinStep, putBatch } from './weekChanges';
  import { placeOfStarted, type StartedBatch } from '$lib/run/startedBatch';
  import { runningSteps, storedSteps } from './weekSteps';
  import { WeekBoard } from './weekBoard.svelte';
  import WeekStage from './WeekStage.svelte';
  import { laterThan, midnights, type Space } from './weekView';

  let { data } = $props();
  const dates = $derived(shopDates());
  const figures = $derived(shopFigures());
  const zone = $derived(data.shopOfWeek.zone ?? 'UTC');
  const board = new WeekBoard(
    () => data,
    async () => invalidateAll(),
  );
  onDestroy(() => board.close());

  const planned = $derived(board.plan?.steps ?? storedSteps(data.batches));
  const oven = $derived(workroomOf(data.shopOfWeek, data.asked.from, 1).ovens[0]?.name ?? 'oven');
  const steps = $derived([
    ...runningSteps(data.asked.running ?? [], data.people, oven),
    ...(board.preview?.plan?.steps ?? planned),
  ]);
  const shownPlan = $derived(board.preview?.plan ?? board.plan);
  /** Batches that the previewed move makes late or later. */
  const laterThere = $derived(laterThan(board.preview?.plan ?? null, board.plan));

  onMount(() => {
    if (data.batches.some(({ run }) => run === null)) board.mend();
  });

  const DAYS = 7;
  let week = $state(0);
  let isChanging = $state(false);
  const now = Date.now();
  const days = $derived(midnights(data.asked.from.getTime() + week * DAYS * 86_400_000, DAYS, zone));
  const space: Space = $derived.by(() => {
    const room = workroomOf(data.shopOfWeek, data.asked.from, 1);
    return { ...room, people: data.people };
  });

  const byId = $derived(new Map(data.batches.map((batch) => [String(batch.id), batch])));
  const FALLBACK: readonly Look[] = ['smooth'];
  function batchOf(id: string) {
    const run = data.runs.find((own) => `run ${own.id}` === id);
    const slab = run?.slab ?? byId.get(id)?.slab ?? -1;
    return { name: run?.name ?? data.names.get(slab) ?? 'A deleted slab', looks: data.looks.get(slab) ?? FALLBACK };
  }

  const keyOf = ({ id, occurrence = '' }: Pick<DueOrder, 'id' | 'occurrence'>) => `${id} ${occurrence}`;
  const lateIds = $derived(new Set((shownPlan?.late ?? []).map(({ batch }) => batch)));
  /** Orders that a late batch is made for, or whose due time has passed. */
  const atRisk = $derived(
    new Set(
      data.batches
        .filter(({ id }) => lateIds.has(String(id)))
        .flatMap(({ orders = [] }) =>
          orders.map(({ order, occurrence }) => keyOf({ id: order, ...(occurrence ? { occurrence } : {}) })),
        ),
    ),
  );
  const isAtRisk = (order: DueOrder) => atRisk.has(keyOf(order)) || Date.parse(order.due) < now;
  const orders = $derived(
    data.orders.filter(({ due }) => Date.parse(due) >= days[0]! && Date.parse(due) < days.at(-1)!),
  );
  const flags = $derived(
    orders.map((order) => ({
      ...{ key: keyOf(order), text: order.name, at: Date.parse(order.due), isAtRisk: isAtRisk(order) },
    })),
  );
  const labour = $derived(
    planned.reduce(
      (sum, { start, end, attention }) => sum + ((end.getTime() - start.getTime()) / 60_000) * attention,
      0,
    ),
  );
  const toPlan = $derived(data.batches.filter(({ run }) => run === null));
  const missingPieces = $derived(data.missing.reduce((sum, { pieces }) => sum + pieces, 0));

  let chosenId: string | null = $state(null);
  const chosen = $derived(chosenId === null ? null : (byId.get(chosenId) ?? null));
  const stepsOfChosen = $derived(planned.filter(({ batch }) => batch === chosenId));
  const ordersOf = ({ orders: own = [] }: StoredBatch) => [
    ...new Set(own.flatMap(({ order }) => data.orders.find(({ id }) => id === order)?.name ?? [])),
  ];
  const larder = $derived(larderOf(data.ingredients));
  const pots = $derived(potsForSeveral(data.asked.batches, larder, data.shopOfWeek));
  const potsWith = ({ id }: StoredBatch) => pots.filter(({ parts }) => parts.some(({ batch }) => batch === String(id)));
  /** Cooked mixtures that the chosen batch and others due within a day could cook in one pot. */
  const potsToShare = $derived.by(() => {
    const own = data.asked.batches.find(({ id }) => id === chosenId);
    if (!own) return [];
    const near = data.asked.batches.filter(({ due }) => Math.abs(due.getTime() - own.due.getTime()) <= 86_400_000);
    return potChoices(own, near, larder, data.shopOfWeek);
  });
  const othersLike = (batch: StoredBatch) => toPlan.filter((other) => other.id !== batch.id && canMerge(batch, other));

  let problems: readonly ProblemMessage[] = $state.raw([]);
  /** Waits for requests, and reloads the week. */
  async function sent(answers: readonly Promise<Answer<unknown>>[]) {
    isChanging = true;
    const done = await Promise.all(answers);
    problems = done.flatMap((answer) => (answer.ok ? [] : answer.problems));
    await invalidateAll();
    isChanging = false;
  }
  /** Makes a change, and plans what it moves. */
  async function changed(...answers: Promise<Answer<unknown>>[]) {
    await sent(answers);
    board.mend();
  }
  /** Applies a change that helps. Only a new search makes use of it. */
  async function apply({ change }: WeekWayOut) {
    const { batches, orders, shopOfWeek } = data;
    await sent(applyChange(change, { batches, orders, rack: shopOfWeek.rack ?? [] }));
    board.search();
  }

  let said = $state('');
  async function planOrders() {
    isChanging = true;
    const answer = await ask<{ added: number[]; missing: { message: string }[] }>('POST', '/api/week/orders', {
      from: new Date().toISOString(),
      to: data.asked.to.toISOString(),
    });
    problems = answer.ok
      ? answer.value.missing.map(({ message }) => ({ path: '', message, code: 'missing' }))
      : answer.problems;
    said = answer.ok ? `${answer.value.added.length} batches added` : '';
    await invalidateAll();
    isChanging = false;
    board.search();
  }
  function pin(step: WeekPlanStep, at: Date) {
    const doesNotFit = board.preview?.fits === false;
    board.preview = null;
    const batch = byId.get(step.batch);
    said = batch && doesNotFit ? `${batchOf(step.batch).name} does not fit there and stays where it was.` : '';
    if (batch && !doesNotFit) void changed(pinStep(batch, step.step, at));
  }
  function onDays(batch: StoredBatch, by: number) {
    const first = planned.find((step) => step.batch === String(batch.id));
    if (first) pin(first, new Date(first.start.getTime() + by * 86_400_000));
  }
  function split(batch: StoredBatch) {
    const halves = splitBatch(bodyOf(batch));
    if (halves) void changed(putBatch(batch, halves[0]), ask('POST', '/api/week/batches', { batches: [halves[1]] }));
  }
  const merge = (batch: StoredBatch, other: StoredBatch) =>
    void changed(putBatch(batch, mergedBatch(bodyOf(batch), bodyOf(other))), deleteBatch(other));
  const share = ({ batch: id, preparation, from }: PotChoice) => {
    const batch = byId.get(id);
    if (batch) void changed(putBatch(batch, { takes: [...(batch.takes ?? []), { preparation, from: Number(from) }] }));
  };
  /** Lets a batch cook its own mixture again; if it cooks for others, all of them. */
  const apart = (batch: StoredBatch, { parts: [cook, ...takers] }: PotForSeveral) => {
    const own = takers.filter((part) => cook!.batch === String(batch.id) || part.batch === String(batch.id));
    void changed(
      ...own.flatMap((part) => {
        const taker = byId.get(part.batch);
        return taker
          ? [
              putBatch(taker, {
                takes: (taker.takes ?? []).filter(({ preparation }) => preparation !== part.preparation),
              }),
            ]
          : [];
      }),
    );
  };
  async function removeBatch(batch: StoredBatch) {
    if (!(await confirmation.ask(`Remove the batch of ${batchOf(String(batch.id)).name}?`, 'Remove'))) return;
    chosenId = null;
    await changed(deleteBatch(batch));
  }
  async function start(batch: StoredBatch) {
    isChanging = true;
    const answer = await ask<StartedBatch>('POST', `/api/week/batches/${batch.id}/run`);
    isChanging = false;
    if (answer.ok) await goto(placeOfStarted(answer.value));
    else problems = answer.problems;
  }

  const resources = $derived<[string, string][]>([
    ...BLOCKABLE.map((what): [string, string] => [what, BLOCKABLE_NAMES[what]]),
    ...(data.people.length > 1 ? data.people.map((name): [string, string] => [name, `${name} away`]) : []),
    ...(space.ovens.length > 1 ? space.ovens.map(({ name }): [string, string] => [name, name]) : []),
  ]);
  const opens = $derived(
    Math.max(now, ...data.hours.flatMap(({ hours }) => hours.find(({ to }) => to > now)?.from ?? [])),
  );
  function takeCalendar() {
    const text = calendarOfWeek(
      planned.filter(({ attended }) => attended),
      (id) => batchOf(id).name,
      figures,
    );
    if (text) saveText(text, 'text/calendar', 'week.ics');
  }
  const rangeText = $derived(
    `${dates.shortDay(days[0]! + 43_200_000)} to ${dates.shortDay(days.at(-1)! - 43_200_000)}`,
  );
</script>

<svelte:head><title>Week - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head no-print">
    <h1>Week</h1>
    <div class="acts">
      <Button size="small" kind="ghost" disabled={week === 0} on:click={() => week--}>Earlier</Button>
      <span class="figures range">{rangeText}</span>
      <Button size="small" kind="ghost" disabled={week >= 1} on:click={() => week++}>Later</Button>
      <Button size="small" kind="ghost" href="/weigh-out">Weigh out</Button>
      <Button size="small" kind="ghost" href="/stock/buying">Buying</Button>
      <Button size="small" kind="ghost" disabled={planned.length === 0} on:click={takeCalendar}>Add to calendar</Button>
      <Button size="small" kind="ghost" disabled={planned.length === 0} on:click={() => print()}>Print the days</Button>
      <Button
        size="small"
        disabled={toPlan.length === 0 || board.progress !== null || isChanging}
        on:click={() => board.search()}>Plan again</Button
      >
    </div>
  </div>
  <div class="state no-print" role="status">
    {#if board.hasFailed}<Calculating hasFailed />
    {:else if board.progress !== null}
      <div class="search">
        <ProgressBar labelText="Planning {toPlan.length} batches" value={Math.round(board.progress * 100)} />
        <Button size="small" kind="ghost" disabled={board.plan === null} on:click={() => board.stop()}>Stop</Button>
      </div>
    {:else if toPlan.length > 0}
      <p class="figures">
        {toPlan.length}
        {toPlan.length === 1 ? 'batch' : 'batches'}, {formatDuration(labour)} of labour.
        {#if board.plan && board.plan.late.length === 0}<b class="good">Nothing is late.</b>{/if}
        {#if board.plan?.proven}<span class="quiet">No plan is better.</span>{/if}
        {said}
      </p>
    {/if}
    {#if board.preview}
      <p class="figures moving">
        {batchOf(board.preview.step.batch).name} moved to <b>{dates.weekTime(board.preview.at)}</b>:
        {#if board.preview.plan === null || !board.preview.isCurrent}calculating…
        {:else if !board.preview.fits}<b class="harm">it does not fit there</b>
        {:else if laterThere.length > 0}
          <b class="harm">{laterThere.map(({ batch }) => batchOf(batch).name).join(', ')} late</b>
        {:else if board.preview.plan.late.length > 0}nothing else is late
        {:else}nothing is late{/if}
      </p>
    {/if}
  </div>
  {#if problems.length > 0 || board.problems.length > 0}
    <div class="no-print"><Notice harm problems={[...problems, ...board.problems]} /></div>
  {/if}
  {#if data.missing.length > 0}
    <div class="panel missing no-print">
      <p>
        <b>{missingPieces} ordered pieces are not planned yet</b>: {data.missing
          .map(({ slab }) => data.names.get(slab) ?? 'a deleted slab')
          .join(', ')}.
      </p>
      <Button size="small" disabled={isChanging} on:click={() => void planOrders()}>Plan orders</Button>
    </div>
  {/if}
  {#if toPlan.length === 0 && steps.length === 0 && data.missing.length === 0}
    <div class="panel no-print">
      <EmptyState title="Nothing to make">
        <p>Batches come from orders. Add an order, then plan it here.</p>
        <Button size="small" kind="tertiary" href="/orders">Go to orders</Button>
      </EmptyState>
    </div>
  {/if}
  <div class="both no-print">
    <div class="stage">
      <WeekStage
        {steps}
        {days}
        {space}
        hours={data.hours}
        blocked={data.blocked}
        {flags}
        batch={batchOf}
        chosen={chosenId}
        {now}
        onchoose={(id) => (chosenId = id)}
        onpreview={(step, at) => byId.has(step.batch) && board.show(step, at)}
        onmove={pin}
      />
      <p class="quiet hint">
        Choose a batch to see its steps. Drag it to another time or day, or move it with the arrow keys.
      </p>
    </div>
    <div class="lists">
      <DayLists {steps} {days} nameOf={(id) => batchOf(id).name} onchoose={(id) => (chosenId = id)} />
    </div>
    <aside>
      {#if board.plan && board.plan.late.length > 0}
        <AtRisk
          late={board.plan.late}
          waysOut={board.waysOut}
          nameOf={(id) => batchOf(id).name}
          busy={isChanging}
          onapply={(way) => void apply(way)}
        />
      {/if}
      {#if chosen}
        <BatchCard
          batch={chosen}
          name={batchOf(String(chosen.id)).name}
          steps={stepsOfChosen}
          orders={ordersOf(chosen)}
          others={othersLike(chosen)}
          busy={isChanging}
          ondays={(by) => onDays(chosen, by)}
          onunpin={() => void changed(putBatch(chosen, { pinned: [] }))}
          onsplit={() => split(chosen)}
          onmerge={(other) => merge(chosen, other)}
          onremove={() => void removeBatch(chosen)}
          pots={potsWith(chosen)}
          choices={potsToShare}
          batchNamed={(id) => {
            const first = planned.find((step) => step.batch === id);
            return `${batchOf(id).name}${first ? `, ${dates.weekTime(first.start)}` : ''}`;
          }}
          onshare={share}
          onapart={(pot) => apart(chosen, pot)}
          onstart={() => void start(chosen)}
        />
      {/if}
      {#if orders.length > 0}
        <section class="panel" aria-label="Orders this week">
          <h2>Orders</h2>
          <ul>
            {#each orders as order (keyOf(order))}
              <li class="order">
                <span><b class="figures">{dates.weekTime(Date.parse(order.due))}</b> {order.name}</span>
                <span class:hot={isAtRisk(order)}>{isAtRisk(order) ? 'At risk' : ORDER_STATUS_NAMES[order.status]}</span
                >
              </li>
            {/each}
          </ul>
        </section>
      {/if}
      <BlockTime
        {resources}
        blocked={data.blocked}
        extra={data.extra}
        {zone}
        {opens}
        onadd={(resource, from, to) => void changed(ask('POST', '/api/week/blocked', { resource, from, to }))}
        onremove={(id) => void changed(ask('DELETE', `/api/week/blocked/${id}`))}
        onremoveextra={(id) => void changed(ask('DELETE', `/api/week/hours/${id}`))}
      />
    </aside>
  </div>
  <div class="paper">
    <DayLists steps={planned} {days} nameOf={(id) => batchOf(id).name} people={data.people} />
  </div>
</div>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
  }

  .range {
    font-weight: 650;
  }

  .state {
    min-height: 2rem;
  }

  .search {
    display: flex;
    align-items: end;
    gap: 0.8rem;
    max-width: 30rem;
  }

  .search :global(.bx--progress-bar) {
    flex: 1;
  }

  .good {
    color: var(--good);
  }

  .harm {
    color: var(--harm);
  }

  .hot {
    color: var(--hot);
    font-weight: 650;
  }

  .missing {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.6rem;
    align-items: center;
    padding: 0.7rem 1rem;
    margin-bottom: 0.7rem;
    border-left: 4px solid var(--hot);
  }

  .both {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 21rem;
    gap: 0.8rem;
    align-items: start;
  }

  aside {
    display: grid;
    gap: 0.8rem;
  }

  aside .panel {
    padding: 0.8rem 1rem;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .order {
    display: flex;
    justify-content: space-between;
    gap: 0.6rem;
    align-items: center;
    border-top: 1px solid var(--rule);
    padding: 0.3rem 0;
  }

  .hint {
    font-size: 0.85rem;
    padding: 0.3rem 0;
  }

  .lists,
  .paper {
    display: none;
  }

  @media (max-width: 1055px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media (max-width: 671px) {
    .stage {
      display: none;
    }

    .lists {
      display: block;
    }
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
