<!-- Price list: every slab with its prices at the counter and over each channel. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import { coinDigits } from '$core/cost';
  import { money } from '$lib/format/money';
  import { percent } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { shopDates } from '$lib/format/shopDates';
  import { containsText, unknownForText } from '$wording/allergens';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import Pager from '$lib/ui/Pager.svelte';

  let { data } = $props();

  const figures = $derived(shopFigures());
  const dates = $derived(shopDates());
  const coin = $derived(10 ** coinDigits(data.shop.currency));
  const show = (coins: number) => money(coins / coin, data.shop.currency);
  const channels = $derived(data.shop.channels ?? []);
  const today = new Date().toISOString().slice(0, 10);
</script>

<svelte:head><title>Prices - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Prices</h1>
    <p class="quiet on-paper">{data.shop.name}, {dates.day(today)}</p>
    <div class="acts no-print">
      <Button size="field" kind="ghost" href="/settings#prices">Price settings</Button>
      <Button
        size="field"
        kind="tertiary"
        href="/api/prices{data.from > 0 ? `?page=${data.from / data.most + 1}` : ''}"
        download>Export (CSV)</Button
      >
      <Button size="field" on:click={() => print()}>Print</Button>
    </div>
  </div>
  {#if data.count === 0}
    <div class="panel">
      <EmptyState title="No slabs yet">
        <p>The prices of all slabs appear here.</p>
        <Button size="small" kind="tertiary" href="/slabs">Create a slab</Button>
      </EmptyState>
    </div>
  {:else}
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="panel scroll" role="region" aria-label="Price list" tabindex="0">
      <Table size="compact" class="table">
        <thead>
          <tr>
            <th>Slab</th><th class="num">Piece weight</th><th class="num no-print">Cost</th><th class="num">Price</th>
            {#each channels as { name }, i (i)}<th class="num">{name}</th>{/each}
            <th>Contains</th>
            <th class="num no-print">Margin</th><th class="num no-print">Profit per labour hour</th>
          </tr>
        </thead>
        <tbody>
          {#each data.list as { id, name, price, allergens } (id)}
            {#if price}
              {#each price.kinds as kind, at (at)}
                <tr>
                  <td
                    ><a href="/slabs/{id}/price">{name}</a>{#if kind.name}<span class="quiet">, {kind.name}</span
                      >{/if}</td
                  >
                  <td class="num">{figures.mass.say(kind.massG)}</td>
                  <td class="num quiet no-print">{show(kind.cost)}</td>
                  <td class="num"><b>{show(kind.price)}</b></td>
                  {#each channels as _, i (i)}
                    {@const sale = price.channels[i]}
                    <td class="num" class:harm={sale !== undefined && sale.margin < 0}
                      >{#if sale && at === 0}{show(sale.price)}<span class="quiet"
                          >{sale.pieces === 1 ? '' : ` for ${sale.pieces}`}</span
                        >{/if}</td
                    >
                  {/each}
                  <td class="allergens"
                    >{#if at === 0}{containsText(allergens)}{#if allergens.unknownFor.length > 0}<b class="harm"
                          >. {unknownForText(allergens)}</b
                        >{/if}{/if}</td
                  >
                  <td class="num no-print">{price.marginShare === null || at > 0 ? '' : percent(price.marginShare)}</td>
                  <td class="num no-print">{price.marginPerHour === null || at > 0 ? '' : show(price.marginPerHour)}</td
                  >
                </tr>
              {/each}
            {:else}
              <tr
                ><td><a href="/slabs/{id}/price">{name}</a></td><td colspan={6 + channels.length} class="quiet"
                  >No layers or no cut yet, or the calculation takes too long</td
                ></tr
              >
            {/if}
          {/each}
        </tbody>
      </Table>
      {#if data.toCome > 0}<WaitFor what="{data.toCome} more {data.toCome === 1 ? 'price' : 'prices'}" />{/if}
    </div>
    <div class="no-print">
      <Pager path="/prices" sought="" from={data.from} most={data.most} count={data.count} all={data.count} />
    </div>
    <p class="quiet note">
      {(data.shop.pricing?.taxIncluded ?? true) ? 'Prices include tax.' : 'Tax is added to these prices.'} Prices below cost
      are shown in red.
    </p>
  {/if}
</div>

<style>
  .scroll {
    position: relative;
    overflow-x: auto;
    margin-bottom: 0.6rem;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }

  .on-paper {
    display: none;
  }

  .harm {
    color: var(--harm);
    font-weight: 650;
  }

  .allergens {
    max-width: 16rem;
  }

  .note {
    font-size: 0.9rem;
  }

  @media print {
    .no-print,
    .page :global(.no-print) {
      display: none;
    }

    .on-paper {
      display: block;
    }
  }
</style>
