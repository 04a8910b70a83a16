<!-- Cost of the batch, item by item, in total and per piece; both columns add up to the coin. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import { COST_ITEMS, inCoins } from '$core/cost';
  import type { SlabPrice } from '$core/usecases';
  import { PART_NAMES } from './pieceMoney';

  interface Props {
    price: SlabPrice;
    show: (coins: number) => string;
  }
  let { price, show }: Props = $props();

  const { bill, pieces } = $derived(price);
  const items = $derived(COST_ITEMS.filter((item) => bill.coins[item] !== 0));
  const each = $derived(
    inCoins(
      items.map((item) => (pieces > 0 ? bill.coins[item] / pieces : 0)),
      0,
    ),
  );
</script>

<section class="panel" aria-label="Cost of a batch">
  <Table size="compact" class="table">
    <thead><tr><th>Batch of {pieces} pieces</th><th class="num">Cost</th><th class="num">Per piece</th></tr></thead>
    <tbody>
      {#each items as item, i (item)}
        <tr
          ><td>{PART_NAMES[item]}</td><td class="num">{show(bill.coins[item])}</td><td class="num quiet"
            >{show(each[i]!)}</td
          ></tr
        >
      {/each}
    </tbody>
    <tfoot
      ><tr
        ><td>Total</td><td class="num">{show(bill.total)}</td><td class="num"
          >{show(each.reduce((sum, coins) => sum + coins, 0))}</td
        ></tr
      ></tfoot
    >
  </Table>
</section>
