<!-- History of a slab: noted and suggested changes, each applied to the draft with one touch, and trends. -->
<script lang="ts">
  import { writtenSteps } from '$wording/steps';
  import { changeText, RUN_FIGURE_NAMES } from '$wording/history';
  import { Button, Table } from 'carbon-components-svelte';
  import { changedSlab, RUN_FIGURES, type Proposal, type Trend } from '$core/logbook';
  import type { SlabChange } from '$core/run';
  import { type TitledStep, type Place } from '$core/slab';
  import type { ProblemMessage } from '$wording/problems';
  import { keepPlace } from '$lib/forms/keepPlace';
  import { isSameSlab } from '$lib/draft/slabJson';
  import { formatDuration, percent } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import HowLink from '$lib/ui/HowLink.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import TrendLine from './TrendLine.svelte';

  let { data } = $props();

  const work = slabWork();
  const { draft } = work;
  const figures = $derived(shopFigures());
  const dates = $derived(shopDates());
  const { log } = $derived(data);

  const SAY = {
    minutes: (value: number) => formatDuration(value),
    share: (value: number) => percent(value),
    g: (value: number) => figures.mass.say(value),
    degrees: (value: number) => `${value < 0 ? '−' : '+'}${figures.degrees.say(Math.abs(value), 1)}`,
    count: (value: number) => value.toFixed(0),
    money: (value: number) => money(value, work.shop.currency),
  } as const;
  const say = ({ figure }: Pick<Trend, 'figure'>, value: number) => SAY[RUN_FIGURES[figure].unit](value);

  const PROPOSED = {
    'step minutes': 'Typical minutes',
    'pot speed': 'Boiling time',
    'set minutes': 'Time to set',
    loss: 'Loss',
    density: 'Density',
  } as const;
  function found({ what, planned, found: { median, spread } }: Proposal): string {
    if (what === 'loss') return `${median.toFixed(1)} % ± ${spread.toFixed(1)}, planned ${planned.toFixed(1)} %`;
    if (what === 'density')
      return `${figures.density.say(median)} ± ${figures.density.figure(spread)}, calculated ${figures.density.say(planned)}`;
    return `${formatDuration(median)} ± ${Math.max(1, Math.round(spread))} min, planned ${formatDuration(planned)}`;
  }

  const write = (steps: readonly TitledStep[]) => writtenSteps(steps, figures);
  const isIn = (change: SlabChange) => isSameSlab(changedSlab(draft.slab, change, write), draft.slab);
  let wrongs: readonly ProblemMessage[] = $state.raw([]);
  async function makeOwn(place: Place, h: number) {
    const answer = await keepPlace(work.shop, place, h);
    wrongs = answer.ok ? [] : answer.problems;
  }
  /** Changes applied here, so that they are not applied twice. */
  let taken: readonly string[] = $state.raw([]);
  function take(key: string, change: SlabChange, runs: readonly number[]) {
    taken = [...taken, key];
    draft.learn(runs);
    draft.change(changedSlab(draft.slab, change, write));
  }
</script>

{#snippet take_(key: string, change: SlabChange, runs: readonly number[], name: string)}
  {#if taken.includes(key)}
    <span class="good">applied</span>
  {:else}
    <Button size="small" kind="tertiary" disabled={isIn(change)} on:click={() => take(key, change, runs)}
      >Apply to the draft<span class="unseen"> {name}</span></Button
    >
  {/if}
{/snippet}

{#if wrongs.length > 0}<Notice harm problems={wrongs} />{/if}
{#if data.isBusy}
  <WaitFor />
{:else if !log}
  <Notice harm problems={data.problems} />
{:else if log.runs.length === 0}
  <EmptyState title="Not made yet">
    <p>Choose Start run in Schedule. Knife Tray then records each run here and suggests changes.</p>
    <Button size="small" kind="tertiary" href="/slabs/{draft.id}/schedule">Go to Schedule</Button>
  </EmptyState>
{:else}
  <div class="two">
    <section class="panel" aria-labelledby="lessons">
      <h2 id="lessons">Noted for next time</h2>
      <ul>
        {#each data.lessons as { event, change, why, run, lot } (event)}
          {@const words = changeText(change, draft.slab, figures)}
          <li class:from={run === data.from}>
            <div>
              <b>{words}</b>
              <p class="quiet">{why} (<a href="/runs/{run}/result">{lot}</a>)</p>
            </div>
            {@render take_(event, change, [run], words)}
          </li>
        {:else}
          <li class="quiet">No changes noted yet. Note them at the end of a run, or on its result page.</li>
        {/each}
      </ul>
    </section>
    <section class="panel" aria-labelledby="proposals">
      <div class="title">
        <h2 id="proposals">Suggested changes</h2>
        <HowLink to="bench-and-history" />
      </div>
      <ul>
        {#each log.proposals as proposal, i (i)}
          {@const words = changeText(proposal.change, draft.slab, figures)}
          <li>
            <div>
              <b>{PROPOSED[proposal.what]}: {words}</b>
              <p class="quiet figures">{found(proposal)}, from {proposal.runs.length} runs</p>
            </div>
            {@render take_(`proposal ${i}`, proposal.change, proposal.runs, words)}
          </li>
        {/each}
        {#each log.places as { place, layer, found: took, plannedMinutes, h, runs } (layer)}
          <li>
            <div>
              <b>The {place}: {h.toFixed(1)} W/m²K</b>
              <p class="quiet figures">
                {draft.slab.layers.find(({ id }) => id === layer)?.name ?? layer} took {formatDuration(took.median)} instead
                of {formatDuration(plannedMinutes)}, from {runs.length} runs
              </p>
            </div>
            <Button size="small" kind="tertiary" on:click={() => void makeOwn(place, h)}>Use this for my {place}</Button
            >
          </li>
        {/each}
        {#if log.proposals.length + log.places.length === 0}
          <li class="quiet">No suggestions: the runs match the plan, or there are fewer than three.</li>
        {/if}
      </ul>
    </section>
  </div>
  {#if log.trends.length > 0}
    <section class="panel" aria-labelledby="trends">
      <h2 id="trends">Trends</h2>
      <ul class="trends">
        {#each log.trends as trend (trend.figure)}
          <li>
            <p>
              <span class="quiet">{RUN_FIGURE_NAMES[trend.figure]}</span>
              <b class="figures">{say(trend, trend.middle.median)}</b>
              {#if trend.drift.way}<span class="drift">{trend.drift.way}</span>{/if}
            </p>
            <TrendLine {trend} say={(value) => say(trend, value)} />
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <section class="panel" aria-labelledby="runs">
    <h2 id="runs">Runs</h2>
    <Table size="compact" class="table">
      <thead>
        <tr>
          <th>Lot</th><th>Made</th><th class="num beside">Version</th><th class="num">Time</th><th class="num"
            >Good pieces</th
          >
          <th class="num beside">Piece weight</th><th class="num beside">Ingredients per piece</th>
        </tr>
      </thead>
      <tbody>
        {#each [...log.runs].reverse() as { id, lot, version, begunAt, figures: of } (id)}
          <tr>
            <td><a href="/runs/{id}/result">{lot}</a></td>
            <td class="figures">{dates.moment(begunAt)}</td>
            <td class="num beside">{version}</td>
            <td class="num">{of.minutes === null ? 'in progress' : formatDuration(of.minutes)}</td>
            <td class="num">{of.yield === null ? '' : percent(of.yield)}</td>
            <td class="num beside">{of.pieceG === null ? '' : figures.mass.say(of.pieceG)}</td>
            <td class="num beside">{of.costEach === null ? '' : money(of.costEach, work.shop.currency)}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
  </section>
{/if}

<style>
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 0.8rem;
    align-items: start;
  }

  .panel {
    padding: 0.6rem 0.9rem;
    margin-bottom: 0.8rem;
  }

  h2 {
    font-size: 1.05rem;
    font-weight: 650;
    margin-bottom: 0.2rem;
  }

  li {
    display: flex;
    gap: 0.8rem;
    align-items: center;
    justify-content: space-between;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
  }

  .title {
    display: flex;
    align-items: center;
  }

  .from {
    border-left: 4px solid var(--primary);
    padding-left: 0.6rem;
  }

  .good {
    color: var(--good);
    font-weight: 650;
    white-space: nowrap;
  }

  .trends {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
    gap: 0.4rem 1.4rem;
  }

  .trends li {
    display: block;
  }

  .trends p {
    display: flex;
    gap: 0.5rem;
    justify-content: space-between;
  }

  .drift {
    color: var(--hot);
  }

  @media (max-width: 599px) {
    li {
      flex-wrap: wrap;
    }
  }

  @media (max-width: 900px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
