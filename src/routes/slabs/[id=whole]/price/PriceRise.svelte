<!-- Effect of a 10 % rise of each ingredient's price, the largest first: as a chart and as a list. -->
<script lang="ts">
  import type { SlabPrice } from '$core/usecases';
  import Chart from '$lib/ui/Chart.svelte';
  import { money } from '$lib/format/money';

  let { price }: { price: SlabPrice } = $props();

  const MOST = 8;
  const top = $derived(price.rises.slice(0, MOST));
  const rest = $derived(price.rises.slice(MOST));
  const restMore = $derived(rest.reduce((sum, { costMore }) => sum + costMore, 0));
  const say = (amount: number) => money(amount, price.currency);
  const left = $derived(price.earned.margin / 10 ** price.digits);
</script>

{#if top.length === 0}
  <p class="quiet">No prices yet.</p>
{:else}
  <p class="figures">
    If <b>{top[0]!.ingredient}</b> costs 10 % more, a batch costs {say(top[0]!.costMore)} more{#if left > 0}, and profit
      at the same price falls from {say(left)} to {say(left - top[0]!.costMore)}{/if}.
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
  p {
    font-size: 0.92rem;
  }
</style>
