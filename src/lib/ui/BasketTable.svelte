<!-- Whole packs to buy beyond the stock. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { WeighOutItem } from '$core/weighOut';

  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';

  let { items, basket, currency }: { items: readonly WeighOutItem[]; basket: number; currency: string } = $props();

  const figures = $derived(shopFigures());

  const toBuy = $derived(items.filter(({ toBuy: buy }) => (buy?.packs ?? 0) > 0));
</script>

<section aria-labelledby="buy">
  <h3 id="buy">In stock, and to buy</h3>
  {#if toBuy.length === 0}
    <p class="quiet">Everything is in stock.</p>
  {:else}
    <Table size="compact" class="table">
      <thead
        ><tr
          ><th>Ingredient</th><th class="num">In stock, {figures.mass.unit}</th><th>Packs</th><th class="num">Cost</th
          ></tr
        ></thead
      >
      <tbody>
        {#each toBuy as { key, name, heldG, toBuy: buy } (key)}
          <tr>
            <td>{name}</td>
            <td class="num">{heldG === null ? '-' : figures.mass.figure(heldG)}</td>
            <td>{buy!.packs} x {buy!.pack}</td>
            <td class="num">{buy!.cash === null ? 'no price' : money(buy!.cash, currency)}</td>
          </tr>
        {/each}
      </tbody>
      <tfoot><tr><td colspan="3">Total, in whole packs</td><td class="num">{money(basket, currency)}</td></tr></tfoot>
    </Table>
  {/if}
</section>

<style>
  h3 {
    font-size: 1rem;
    font-weight: 650;
    margin-bottom: 0.4rem;
  }

  @media print {
    section {
      break-inside: avoid;
    }
  }
</style>
