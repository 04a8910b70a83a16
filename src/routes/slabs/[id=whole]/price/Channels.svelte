<!-- A sale over each of the shop's channels: what is left at today's price, and the price to ask there for the same profit or margin. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { SlabPrice } from '$core/usecases';
  import { percent } from '$lib/format/figures';

  interface Props {
    price: SlabPrice;
    show: (coins: number) => string;
  }
  let { price, show }: Props = $props();

  const showAsk = (coins: number | null) => (coins === null ? 'none' : show(coins));
  /** Channels with a fee per day that is not shared out, since the sales of a day are not known. */
  const unshared = $derived(
    price.channels.filter(({ channel }) => (channel.feePerDay ?? 0) > 0 && channel.salesPerDay === undefined),
  );
</script>

{#if price.channels.length > 0}
  <section class="panel" aria-label="By channel">
    <Table size="compact" class="table">
      <thead
        ><tr
          ><th>Per sale</th><th class="num">Price</th><th class="num">Costs of the sale</th><th class="num">Profit</th
          ><th class="num">Margin</th></tr
        ></thead
      >
      <tbody>
        {#each price.channels as { channel, pieces, sale, ask }, i (i)}
          <tr>
            <td rowspan="2">{channel.name}<span class="quiet">{pieces === 1 ? ', a piece' : `, ${pieces}`}</span></td>
            <td class="num">{show(sale.price)}</td>
            <td class="num quiet">{show(sale.fee + sale.packing + sale.saleCosts)}</td>
            <td class="num" class:harm={sale.margin < 0}>{show(sale.margin)}</td>
            <td class="num quiet">{sale.marginShare === null ? '-' : percent(sale.marginShare)}</td>
          </tr>
          <tr class="ask">
            <td colspan="4" class="figures quiet">
              Price to ask: <b>{showAsk(ask.sameProfit)}</b> for the same profit,
              <b>{showAsk(ask.sameMargin)}</b> for the same margin
            </td>
          </tr>
        {/each}
      </tbody>
    </Table>
    {#each unshared as { channel } (channel.name)}
      <p class="quiet note">
        The stall fee of {channel.name} is not counted. Enter its sales per day in the
        <a href="/settings#channels">settings</a>.
      </p>
    {/each}
  </section>
{/if}

<style>
  .harm {
    color: var(--harm);
    font-weight: 650;
  }

  .ask td {
    text-align: right;
    font-size: 0.85rem;
  }

  .note {
    padding: 0.4rem 0.6rem;
    font-size: 0.85rem;
  }
</style>
