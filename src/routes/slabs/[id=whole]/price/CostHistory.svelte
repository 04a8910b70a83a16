<!-- Ingredient cost of a piece over time, for a version of the slab. -->
<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { ask } from '$lib/api';
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import { slabWork } from '$lib/draft/slabContext';
  import Chart from '$lib/ui/Chart.svelte';
  import type { DatedCost } from '$core/usecases';

  interface Costs {
    readonly version: number;
    readonly currency: string;
    readonly now: number;
    readonly costs: readonly DatedCost[];
  }
  const work = slabWork();
  const dates = $derived(shopDates());
  let version = $state(work.draft.baseVersion);
  let found = $state.raw<Costs | null>(null);
  let wrong = $state('');

  $effect(() => {
    void load(version);
  });
  async function load(asked: number) {
    const answer = await ask<Costs>('GET', `/api/slabs/${work.draft.id}/costs?version=${asked}`);
    if (asked !== version) return;
    found = answer.ok ? answer.value : null;
    wrong = answer.ok ? '' : (answer.problems[0]?.message ?? '');
  }
  const say = (amount: number) => (found ? money(amount, found.currency) : '');
  /** Each price holds until the next: steps, with today at the end. */
  const points = $derived(
    found
      ? [
          ...found.costs.map(({ day, perPiece }) => ({ x: Date.parse(day), y: Number(perPiece.toFixed(5)) })),
          { x: Date.parse(new Date().toISOString().slice(0, 10)), y: Number(found.now.toFixed(5)) },
        ]
      : [],
  );
  const moved = $derived(found ? found.costs.filter((cost) => cost.moved.length > 0).reverse() : []);
</script>

<div class="head">
  <p class="figures">
    {#if wrong !== ''}{wrong}{:else if found && found.costs.length > 1}
      Ingredients per piece cost {say(found.costs[0]!.perPiece)} on {dates.day(found.costs[0]!.day)} and {say(
        found.now,
      )} today.
    {:else if found}No ingredient price has changed yet.{/if}
  </p>
  <Select
    size="sm"
    labelText="Version"
    selected={String(version)}
    on:change={(event) => (version = Number((event.target as HTMLSelectElement).value))}
  >
    {#each Array.from({ length: work.draft.baseVersion }, (_, i) => work.draft.baseVersion - i).slice(0, 100) as version (version)}
      <SelectItem value={String(version)} text="saved version {version}" />
    {/each}
  </Select>
</div>
{#if found && found.costs.length > 1}
  <Chart
    type="line"
    height={190}
    series={[{ name: 'A piece', data: points }]}
    colours={['--primary']}
    options={{
      stroke: { curve: 'stepline', width: 3 },
      markers: { size: 4 },
      xaxis: { type: 'datetime' },
      yaxis: { labels: { formatter: (value) => say(Number(value)) }, min: 0, tickAmount: 4, forceNiceScale: true },
    }}
  />
  <ul>
    {#each moved as { day, perPiece, moved: names } (day)}
      <li class="figures"><b>{dates.day(day)}</b> {say(perPiece)} <span class="quiet">{names.join(', ')}</span></li>
    {/each}
  </ul>
{/if}

<style>
  .head {
    display: grid;
    grid-template-columns: 1fr 12rem;
    gap: 1rem;
    align-items: end;
  }

  p,
  li {
    font-size: 0.92rem;
  }

  li b {
    display: inline-block;
    min-width: 6.5rem;
    font-weight: 650;
  }
</style>
