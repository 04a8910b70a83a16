<!-- Effect of a price rise by any percentage, of one ingredient or of all, the largest first: as a chart and as a list. -->
<script lang="ts">
  import type { SlabPrice } from '$core/usecases';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import Chart from '$lib/ui/Chart.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { money } from '$lib/format/money';

  let { price }: { price: SlabPrice } = $props();

  const MOST = 8;
  /** The rise that the figures are calculated for, %. */
  const BASE_PERCENT = 10;
  const LIMITS = { min: -99, max: 1000 };
  let risePercent = $state(BASE_PERCENT);
  /** The ingredient that gets dearer; empty for all of them. */
  let which = $state('');
  const typed: Record<string, string> = $state({});
  const rises = $derived(
    price.rises.map(({ ingredient, costMore, costMoreEach }) => ({
      ingredient,
      costMore: (costMore * risePercent) / BASE_PERCENT,
      costMoreEach: (costMoreEach * risePercent) / BASE_PERCENT,
    })),
  );
  const meant = $derived(which === '' ? rises : rises.filter(({ ingredient }) => ingredient === which));
  const costMore = $derived(meant.reduce((sum, rise) => sum + rise.costMore, 0));
  const costMoreEach = $derived(meant.reduce((sum, rise) => sum + rise.costMoreEach, 0));
  const top = $derived(rises.slice(0, MOST));
  const rest = $derived(rises.slice(MOST));
  const restMore = $derived(rest.reduce((sum, { costMore }) => sum + costMore, 0));
  const say = (amount: number) => money(amount, price.currency);
  const left = $derived(price.earned.margin / 10 ** price.digits);
</script>

{#if top.length === 0}
  <p class="quiet">No prices yet.</p>
{:else}
  <div class="asked">
    <NumberField
      label="Price rise, %"
      value={risePercent}
      limits={LIMITS}
      name="price rise"
      {typed}
      onvalue={(value) => value !== null && (risePercent = value)}
    />
    <Select
      size="sm"
      labelText="Of"
      selected={which}
      on:change={(event) => (which = (event.target as HTMLSelectElement).value)}
    >
      <SelectItem value="" text="all ingredients" />
      {#each price.rises as { ingredient } (ingredient)}<SelectItem value={ingredient} text={ingredient} />{/each}
    </Select>
  </div>
  <p class="figures" role="status">
    {costMore < 0 ? 'Saves' : 'Costs'} <b>{say(Math.abs(costMore))}</b>
    {costMore < 0 ? '' : 'more '}per batch, {say(Math.abs(costMoreEach))} per piece{#if left > 0}. Profit at the same
      price goes from {say(left)} to <b class:harm={left < costMore}>{say(left - costMore)}</b>{/if}.
  </p>
  <Chart
    type="bar"
    height={Math.max(140, 30 * top.length + 40)}
    series={[{ name: 'Extra cost', data: top.map(({ costMore }) => Number(costMore.toFixed(4))) }]}
    colours={['--smooth']}
    options={{
      plotOptions: { bar: { horizontal: true, barHeight: '62%' } },
      dataLabels: { enabled: false },
      xaxis: {
        categories: top.map(({ ingredient }) => ingredient),
        labels: { formatter: (value) => say(Number(value)) },
        tickAmount: 4,
      },
      yaxis: { labels: { maxWidth: 220 } },
    }}
  />
  <ul class="unseen">
    {#each top as { ingredient, costMore, costMoreEach } (ingredient)}
      <li>{ingredient}: {say(costMore)} more per batch, {say(costMoreEach)} per piece</li>
    {/each}
  </ul>
  {#if restMore > 0.005}
    <p class="quiet figures">
      The other {rest.length} together: {say(restMore)}.
    </p>
  {/if}
{/if}

<style>
  .asked {
    display: grid;
    grid-template-columns: 8rem minmax(10rem, 18rem);
    gap: 0.6rem;
    align-items: end;
    margin-bottom: 0.4rem;
  }

  .harm {
    color: var(--harm);
  }

  p {
    font-size: 0.92rem;
  }
</style>
