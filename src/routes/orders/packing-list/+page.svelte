<!-- The packing list: what to pack for whom, day by day, with the lots each order gets; to be printed. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { neededFor, type OrderLine } from '$core/orders';
  import { shopDates } from '$lib/format/shopDates';
  import DayRange from '$lib/ui/DayRange.svelte';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import { orderLineText } from '$wording/orders';

  let { data } = $props();
  const dates = $derived(shopDates());

  type Packed = (typeof data.orders)[number];
  const slabNames = $derived(new Map(data.slabs.map(({ id, name }) => [id, name])));
  const assortments = $derived(new Map(data.assortments.map((own) => [own.id, own])));
  const slabName = (id: number) => slabNames.get(id) ?? 'a deleted slab';

  const lineText = (line: OrderLine) =>
    orderLineText(
      line,
      (line.slab === undefined ? assortments.get(line.assortment ?? -1)?.name : slabNames.get(line.slab)) ?? null,
    );
  const partText = (slab: number, kind: string | null | undefined) => slabName(slab) + (kind ? `, ${kind}` : '');
  /** What goes into one pack of an assortment. */
  function packText({ assortment }: OrderLine): string {
    const parts = assortments.get(assortment ?? -1)?.parts ?? [];
    return parts.map(({ slab, kind, count }) => `${count} ${partText(slab, kind)}`).join('; ');
  }
  const lotsText = ({ lots }: Packed) =>
    lots.map(({ slab, lot, pieces }) => `${pieces} ${slabName(slab)} from ${lot || 'stock without a lot'}`).join('; ');
  const missing = ({ lots, wanted }: Packed) => wanted - lots.reduce((sum, { pieces }) => sum + pieces, 0);

  const totals = $derived(
    neededFor(
      data.orders.flatMap(({ lines }) => lines),
      assortments,
    ),
  );
  const days = $derived.by(() => {
    const list: { day: string; orders: Packed[] }[] = [];
    for (const order of data.orders) {
      const day = order.isLate ? 'Late' : dates.shortDay(Date.parse(order.due));
      const known = list.find((own) => own.day === day);
      if (known) known.orders.push(order);
      else list.push({ day, orders: [order] });
    }
    return list;
  });
  const show = (from: string, to: string) => goto(`?from=${from}&to=${to}`, { keepFocus: true, noScroll: true });
</script>

<svelte:head><title>Packing list - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Packing list</h1>
    <div class="acts no-print">
      <DayRange firstDay={data.firstDay} lastDay={data.lastDay} onrange={(from, to) => void show(from, to)} />
      <Button size="small" kind="tertiary" href="/orders">Orders</Button>
      <Button size="small" disabled={data.orders.length === 0} on:click={() => print()}>Print</Button>
    </div>
  </div>
  {#if !data.isRange}
    <Notice harm title="These days are not valid. Today and tomorrow are shown." problems={[]} />
  {/if}
  {#if data.isCutOff}
    <Notice harm title="There are too many orders for one list. Choose fewer days." problems={[]} />
  {/if}
  {#if data.orders.length === 0}
    <div class="panel">
      <EmptyState title="Nothing to pack">
        <p>No open order is due on these days.</p>
      </EmptyState>
    </div>
  {:else}
    <section class="panel totals" aria-label="Total">
      <h2>Total</h2>
      <ul class="figures">
        {#each totals as { slab, kind, pieces, grams } (`${slab} ${kind}`)}
          <li>
            <b>{[pieces > 0 ? `${pieces}` : '', grams > 0 ? `${grams} g` : ''].filter(Boolean).join(' and ')}</b>
            {partText(slab, kind)}
          </li>
        {/each}
      </ul>
    </section>
    {#each days as { day, orders } (day)}
      <section class="panel" aria-label={day}>
        <h2 class:harm={orders[0]!.isLate}>{day}</h2>
        <ul class="orders">
          {#each orders as order (`${order.id} ${order.occurrence ?? ''}`)}
            <li>
              <span class="box" aria-hidden="true"></span>
              <span class="figures due"
                >{order.isLate ? dates.moment(Date.parse(order.due)) : dates.clock(Date.parse(order.due))}</span
              >
              <div>
                <p>
                  <b>{order.name}</b>{#if order.channel}<span class="quiet">, {order.channel}</span
                    >{/if}{#if order.status === 'packed'}<span class="quiet">, already packed</span>{/if}
                </p>
                <ul class="lines">
                  {#each order.lines as line, i (i)}
                    <li>
                      {lineText(line)}
                      {#if packText(line)}<span class="quiet">each with {packText(line)}</span>{/if}
                    </li>
                  {/each}
                </ul>
                {#if order.lots.length > 0}<p class="quiet figures">In stock: {lotsText(order)}</p>{/if}
                {#if missing(order) > 0}<p class="figures harm">
                    {missing(order) === order.wanted
                      ? 'Not in stock yet'
                      : `${missing(order)} of ${order.wanted} pieces are not in stock yet`}
                  </p>{/if}
                {#if order.uncountedG > 0}<p class="figures harm">
                    Check the stock of {order.uncountedG} g by weight: no piece has been weighed yet
                  </p>{/if}
                {#if order.note}<p>{order.note}</p>{/if}
              </div>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
  {/if}
</div>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
  }

  .panel {
    padding: 0.7rem 1rem;
    margin-bottom: 0.8rem;
  }

  h2 {
    margin-bottom: 0.4rem;
    font-size: 1.05rem;
  }

  .totals ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.6rem;
  }

  .orders > li {
    display: grid;
    grid-template-columns: 1.1rem auto minmax(0, 1fr);
    gap: 0 0.8rem;
    padding: 0.45rem 0;
    border-top: 1px solid var(--rule);
    break-inside: avoid;
  }

  .box {
    width: 1rem;
    height: 1rem;
    margin-top: 0.2rem;
    border: 1.5px solid var(--ink);
  }

  .due {
    min-width: 4rem;
    font-weight: 650;
  }

  .lines {
    display: grid;
    gap: 0.1rem;
  }

  .harm {
    color: var(--harm);
  }

  @media print {
    .no-print {
      display: none;
    }
  }
</style>
