<!-- A sale over each of the shop's channels: price, fees and profit. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { SlabPrice } from '$core/usecases';
  import { percent } from '$lib/format/figures';

  interface Props {
    price: SlabPrice;
    show: (coins: number) => string;
  }
  let { price, show }: Props = $props();
</script>

{#if price.channels.length > 0}
  <section class="panel" aria-label="By channel">
    <Table size="compact" class="table">
      <thead
        ><tr
          ><th>Per sale</th><th class="num">Price</th><th class="num">Fee and packaging</th><th class="num">Profit</th
          ><th class="num">Margin</th></tr
        ></thead
      >
      <tbody>
        {#each price.channels as { channel, pieces, sale }, i (i)}
          <tr>
            <td>{channel.name}<span class="quiet">{pieces === 1 ? ', a piece' : `, ${pieces}`}</span></td>
            <td class="num">{show(sale.price)}</td>
            <td class="num quiet">{show(sale.fee + sale.packing)}</td>
            <td class="num" class:harm={sale.margin < 0}>{show(sale.margin)}</td>
            <td class="num quiet">{sale.marginShare === null ? '-' : percent(sale.marginShare)}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
  </section>
{/if}

<style>
  .harm {
    color: var(--harm);
    font-weight: 650;
  }
</style>
