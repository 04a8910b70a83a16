<!-- What the slab costs: by layer, by ingredient and per piece. -->
<script lang="ts">
  import { inCoins } from '../../../../core/cost';
  import { coinDigits, money } from '$lib/money';
  import { grams, percent } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import CostChart from './CostChart.svelte';

  const work = slabWork();
  const slab = $derived(work.draft.slab);
  const cost = $derived(work.plan.cost);
  const digits = $derived(coinDigits(cost.currency));
  const coin = $derived(10 ** digits);
  const show = (coins: number) => money(coins / coin, cost.currency);

  const layerCoins = $derived(inCoins([...cost.byLayer.map((layer) => layer.cost), cost.leftover], digits));
  const byLayer = $derived([
    ...slab.layers.map(({ id, name }, i) => ({ id, name, coins: layerCoins[i]! })).reverse(),
    ...(cost.leftover > 1e-9 ? [{ id: 'left', name: 'Left over', coins: layerCoins.at(-1)! }] : []),
  ]);
  const totalCoins = $derived(layerCoins.reduce((sum, coins) => sum + coins, 0));
  const ingredientCoins = $derived(
    inCoins(
      cost.byIngredient.map((ingredient) => ingredient.cost ?? 0),
      digits,
    ),
  );
  const byIngredient = $derived(
    cost.byIngredient
      .map((ingredient, i) => ({ ...ingredient, coins: ingredientCoins[i]! }))
      .sort((a, b) => b.coins - a.coins),
  );
  const count = $derived(work.plan.cut.pieces.reduce((sum, kind) => sum + kind.count, 0));
</script>

<dl class="totals">
  <div class="panel">
    <dt>Cost of what is used</dt>
    <dd>{show(totalCoins)}</dd>
  </div>
  <div class="panel">
    <dt>Each of {count} pieces</dt>
    <dd>{count > 0 ? money(cost.perPiece, cost.currency) : '-'}</dd>
  </div>
  <div class="panel">
    <dt>Whole packs to buy today</dt>
    <dd>{money(cost.toBuy, cost.currency)}</dd>
  </div>
</dl>
<p class="quiet note">
  Ingredients only, at the price of the pack usually bought. Trims and losses are paid for by the pieces.
</p>

<h2>By layer</h2>
<table class="table">
  <thead
    ><tr
      ><th>Layer, from the top</th><th class="num">Cost</th><th class="num">Share</th><th class="num">In each piece</th
      ></tr
    ></thead
  >
  <tbody>
    {#each byLayer as { id, name, coins } (id)}
      <tr
        ><td>{name}</td><td class="num">{show(coins)}</td><td class="num quiet"
          >{totalCoins > 0 ? percent(coins / totalCoins) : '-'}</td
        ><td class="num quiet">{count > 0 ? (coins / coin / count).toFixed(digits + 1) : '-'}</td></tr
      >
    {/each}
  </tbody>
  <tfoot
    ><tr
      ><td>All</td><td class="num">{show(totalCoins)}</td><td></td><td class="num"
        >{count > 0 ? (totalCoins / coin / count).toFixed(digits + 1) : '-'}</td
      ></tr
    ></tfoot
  >
</table>

<h2>By ingredient</h2>
{#if byIngredient.length > 0}
  <CostChart
    names={byIngredient.map(({ name }) => name)}
    costs={byIngredient.map(({ coins }) => coins / coin)}
    currency={cost.currency}
  />
{/if}
<table class="table">
  <thead
    ><tr><th>Ingredient</th><th class="num">Used, g</th><th class="num">Cost</th><th class="num">Share</th></tr></thead
  >
  <tbody>
    {#each byIngredient as { name, massG, cost: known, coins } (name)}
      <tr
        ><td>{name}</td><td class="num">{grams(massG)}</td><td class="num"
          >{known === null ? 'no price' : show(coins)}</td
        ><td class="num quiet">{totalCoins > 0 ? percent(coins / totalCoins) : '-'}</td></tr
      >
    {/each}
  </tbody>
  <tfoot><tr><td>All</td><td></td><td class="num">{show(totalCoins)}</td><td></td></tr></tfoot>
</table>

<style>
  .totals {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.6rem;
  }

  .totals > div {
    padding: 0.6rem 0.8rem;
  }

  .totals dt {
    color: var(--quiet);
    font-size: 0.85rem;
  }

  .totals dd {
    font-size: 1.5rem;
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }

  .note {
    font-size: 0.88rem;
    margin-top: 0.4rem;
  }

  h2 {
    margin: 0.9rem 0 0.4rem;
  }
</style>
