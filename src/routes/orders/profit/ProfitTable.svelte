<!-- Profit by slab, piece type or sales channel, the most profitable first. -->
<script lang="ts">
  import { Table } from 'carbon-components-svelte';
  import type { Profit } from '$core/profit';
  import { money } from '$lib/format/money';
  import type { ProfitReport } from '$lib/server/profit/report';

  let { report, by }: { report: ProfitReport; by: 'slab' | 'kind' | 'channel' } = $props();

  interface Row {
    readonly key: string;
    readonly name: string;
    readonly href: string | null;
    readonly profit: Profit;
    readonly inStock: number | null;
  }
  const rows = $derived.by((): Row[] => {
    if (by === 'channel')
      return report.channels.map((profit) => ({
        key: profit.channel ?? '-',
        name: profit.channel === null ? 'Not ordered' : profit.channel || 'Counter',
        ...{ href: null, profit, inStock: null },
      }));
    return (by === 'slab' ? report.slabs : report.kinds).map((profit) => ({
      key: `${profit.slab} ${profit.kind}`,
      name: `${profit.name || 'a deleted slab'}${profit.kind ? `, ${profit.kind}` : ''}`,
      href: profit.name ? `/slabs/${profit.slab}/price` : null,
      ...{ profit, inStock: profit.inStock },
    }));
  });
  const say = (coins: number | null) => (coins === null ? '-' : money(coins / 10 ** report.digits, report.currency));
  const margin = ({ profit, revenue }: Profit) =>
    profit === null || revenue <= 0 ? '-' : `${Math.round((100 * profit) / revenue)} %`;
  const sold = ({ pieces, grams }: Profit) =>
    [pieces || null, grams ? `${grams} g` : null].filter(Boolean).join(', ') || '0';
</script>

<div class="scroll">
  <Table size="compact" class="table">
    <thead>
      <tr>
        <th>{by === 'channel' ? 'Sales channel' : 'Slab'}</th>
        <th class="num">Sold</th>
        {#if by !== 'channel'}<th class="num">Lost</th>{/if}
        <th class="num">Revenue</th>
        <th class="num">Profit</th>
        <th class="num">Margin</th>
        <th class="num">Per labour hour</th>
        {#if by !== 'channel'}<th class="num">In stock</th>{/if}
      </tr>
    </thead>
    <tbody>
      {#each rows as { key, name, href, profit, inStock } (key)}
        <tr>
          <td
            >{#if href}<a {href}>{name}</a>{:else}{name}{/if}{#if profit.unknownPieces > 0}<span class="quiet note"
                >{profit.unknownPieces} of {profit.pieces} not counted</span
              >{/if}</td
          >
          <td class="num">{sold(profit)}</td>
          {#if by !== 'channel'}<td class="num">{profit.lostPieces || '-'}</td>{/if}
          <td class="num">{say(profit.revenue)}</td>
          <td class="num" class:harm={(profit.profit ?? 0) < 0}><b>{say(profit.profit)}</b></td>
          <td class="num">{margin(profit)}</td>
          <td class="num" class:harm={(profit.perHour ?? 0) < 0}>{say(profit.perHour)}</td>
          {#if inStock !== null}<td class="num">{inStock || '-'}</td>{/if}
        </tr>
      {/each}
    </tbody>
  </Table>
</div>
<p class="quiet">
  {#if by === 'channel'}
    Profit by sales channel leaves out what was thrown away, since it was not sold over any.
  {:else}
    Profit is what is left after ingredients, labour, energy, overheads, packaging, fees, and pieces that were thrown
    away or missing.
  {/if}
</p>

<style>
  .scroll {
    overflow-x: auto;
    position: relative;
  }

  .note {
    display: block;
    font-size: 0.8rem;
  }

  .harm {
    color: var(--harm);
  }
</style>
