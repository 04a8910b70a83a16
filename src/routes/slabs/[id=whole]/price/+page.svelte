<!-- What the slab costs: by layer, by ingredient and per piece. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { inCoins } from '../../../../core/cost';
  import { coinDigits } from '../../../../core/cost';
  import { money } from '$lib/money';
  import { percent } from '$lib/figures';
  import { slabWork } from '$lib/slabContext';
  import { expandDividedLines } from '../../../../core/slab';
  import { lookOf } from '../../../../core/classify';
  import Board from '$lib/ui/Board.svelte';
  import Nothing from '$lib/ui/Nothing.svelte';
  import MoneyBar from './MoneyBar.svelte';
  import PackPrice from './PackPrice.svelte';
  import { shopFigures } from '$lib/shopFigures';

  const figures = $derived(shopFigures());

  const work = slabWork();
  const slab = $derived(work.draft.slab);
  const cost = $derived(work.plan.cost);
  const digits = $derived(coinDigits(cost.currency));
  const coin = $derived(10 ** digits);
  const show = (coins: number) => money(coins / coin, cost.currency);

  const layerCoins = $derived(inCoins([...cost.byLayer.map((layer) => layer.cost), cost.leftover], digits));
  const count = $derived(work.plan.cut.pieces.reduce((sum, kind) => sum + kind.count, 0));
  /** What each layer is of one piece, in coins that add up to what the piece costs. */
  const pieceCoins = $derived(
    inCoins(
      [...cost.byLayer.map((layer) => layer.cost), cost.leftover].map((part) => part / Math.max(1, count)),
      digits,
    ),
  );
  const byLayer = $derived([
    ...slab.layers.map(({ id, name }, i) => ({ id, name, coins: layerCoins[i]!, each: pieceCoins[i]! })).reverse(),
    ...(cost.leftover > 1e-9
      ? [{ id: 'left', name: 'Left over', coins: layerCoins.at(-1)!, each: pieceCoins.at(-1)! }]
      : []),
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
      // What has no price yet stands first: it is to be written.
      .sort((a, b) => Number(b.cost === null) - Number(a.cost === null) || b.coins - a.coins),
  );
  /** One piece's money, by layer from the bottom, and what is left over of the pots. */
  const expanded = $derived(expandDividedLines(slab));
  const parts = $derived.by(() => {
    const pieces = Math.max(1, count);
    const linesOf = (from: readonly { readonly preparation: string; readonly share: number }[]) =>
      from.flatMap(({ preparation, share }) => {
        const at = expanded.preparations.findIndex(({ id }) => id === preparation);
        return (work.plan.preparations[at]?.lines ?? []).map(({ ingredient, cost: whole }) => ({
          name: ingredient,
          cost: whole === null ? null : (whole * share) / pieces,
        }));
      });
    const layers = slab.layers.map((layer, i) => ({
      id: layer.id,
      name: layer.name,
      look: lookOf(layer, slab.preparations),
      cost: (cost.byLayer[i]?.cost ?? 0) / pieces,
      lines: linesOf(layer.from),
    }));
    const left = { id: 'left', name: 'Left over', look: null, cost: cost.leftover / pieces, lines: [] };
    return cost.leftover > 1e-9 ? [...layers, left] : layers;
  });
</script>

<Board label="Price" title="One piece in money" note="To scale. Touch a part to open it.">
  {#snippet stage()}
    {#if slab.preparations.length === 0}
      <Nothing title="Nothing to pay for yet">
        <p>What goes into each pot or bowl is written in Build; what a pack of it costs is asked for here.</p>
        <Button size="small" kind="tertiary" href="/slabs/{work.draft.id}/build">To Build</Button>
      </Nothing>
    {:else}
      <MoneyBar {parts} each={count > 0 ? cost.perPiece : 0} currency={cost.currency} pieces={count} />
    {/if}
  {/snippet}
  {#snippet hand()}
    <dl class="totals panel">
      <div>
        <dt>Cost of what is used</dt>
        <dd>{show(totalCoins)}</dd>
      </div>
      <div>
        <dt>Each of {count} pieces</dt>
        <dd>{count > 0 ? money(cost.perPiece, cost.currency) : '-'}</dd>
      </div>
      <div>
        <dt>Whole packs to buy</dt>
        <dd>{money(cost.toBuy, cost.currency)}</dd>
      </div>
    </dl>
    <p class="quiet note">
      Ingredients only, at the price of the pack usually bought. Trims and losses are paid for by the pieces.
    </p>
    <section class="panel" aria-label="By layer">
      <Table size="compact" class="table">
        <thead
          ><tr
            ><th>Layer, from the top</th><th class="num">Cost</th><th class="num">Share</th><th class="num"
              >In each piece</th
            ></tr
          ></thead
        >
        <tbody>
          {#each byLayer as { id, name, coins, each } (id)}
            <tr
              ><td>{name}</td><td class="num">{show(coins)}</td><td class="num quiet"
                >{totalCoins > 0 ? percent(coins / totalCoins) : '-'}</td
              ><td class="num quiet">{count > 0 ? show(each) : '-'}</td></tr
            >
          {/each}
        </tbody>
        <tfoot
          ><tr
            ><td>All</td><td class="num">{show(totalCoins)}</td><td></td><td class="num"
              >{count > 0 ? show(pieceCoins.reduce((sum, coins) => sum + coins, 0)) : '-'}</td
            ></tr
          ></tfoot
        >
      </Table>
    </section>
    <section class="panel" aria-label="By ingredient">
      <Table size="compact" class="table">
        <thead
          ><tr
            ><th>Ingredient</th><th class="num">Used, {figures.mass.unit}</th><th class="num">Cost</th><th class="num"
              >Share</th
            ></tr
          ></thead
        >
        <tbody>
          {#each byIngredient as { name, massG, cost: known, coins } (name)}
            {@const stored = known === null ? work.shelf.stored(name) : null}
            <tr>
              <td>{name}</td>
              <td class="num">{figures.mass.figure(massG)}</td>
              {#if stored}
                <td colspan="2"><PackPrice ingredient={stored} /></td>
              {:else}
                <td class="num">{known === null ? 'not in the larder' : show(coins)}</td>
                <td class="num quiet">{totalCoins > 0 ? percent(coins / totalCoins) : '-'}</td>
              {/if}
            </tr>
          {/each}
        </tbody>
        <tfoot><tr><td>All</td><td></td><td class="num">{show(totalCoins)}</td><td></td></tr></tfoot>
      </Table>
    </section>
  {/snippet}
</Board>

<style>
  .totals {
    display: grid;
    grid-template-columns: repeat(3, auto);
    gap: 0.6rem;
    padding: 0.5rem 0.8rem;
  }

  .totals dt {
    color: var(--quiet);
    font-size: 0.8rem;
  }

  .totals dd {
    font-size: 1.25rem;
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }

  .note {
    font-size: 0.85rem;
  }
</style>
