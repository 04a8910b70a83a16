<!-- Orders by due time: what is late first, each with its status; a new order beside them. -->
<script lang="ts">
  import { Button, FileUploaderButton } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { IS_CLOSED, orderValue, type DueOrder, type Order, type OrderStatus, type PriceBook } from '$core/orders';
  import { ask, csv } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { money } from '$lib/format/money';
  import { calendarOfOrders } from '$lib/format/calendar';
  import { saveText } from '$lib/format/saveText';
  import { shopDates } from '$lib/format/shopDates';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import Pager from '$lib/ui/Pager.svelte';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import { orderLineText } from '$wording/orders';
  import type { ProblemMessage } from '$wording/problems';
  import { orderablesOf, priceBookOf } from './orderBook';
  import OrderCard from './OrderCard.svelte';
  import OrderEntry from './OrderEntry.svelte';

  let { data } = $props();

  const dates = $derived(shopDates());
  const all = $derived(orderablesOf(data));
  const now = Date.now();
  /** Orders that are late for longer are not put into a calendar. */
  const BACK_MS = 30 * 86_400_000;
  const isLate = ({ due, status }: DueOrder) => !IS_CLOSED[status] && Date.parse(due) < now;
  const orders = $derived(data.orders);
  const keyOf = ({ id, occurrence = '' }: DueOrder) => `${id} ${occurrence}`;

  let changing: DueOrder | null = $state.raw(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  /** Someone else's version of the order that is changed here. */
  let theirs: Order | null = $state.raw(null);
  let entries = $state(0);
  let imported = $state('');
  let wrongRows: readonly ProblemMessage[] = $state.raw([]);

  const linesText = ({ lines }: Pick<Order, 'lines'>) =>
    lines
      .map((line) => {
        const found = all.find(({ id, what }) =>
          line.slab !== undefined
            ? what === 'slab' && id === line.slab
            : what === 'assortment' && id === line.assortment,
        );
        return orderLineText(line, found?.name ?? null);
      })
      .join('; ');
  /** Pieces on the shelf that an order gets, by lot, with how many it needs. */
  function shelfText({ id, occurrence }: DueOrder): string {
    const own = data.allocated.find((one) => one.id === id && one.occurrence === occurrence);
    if (!own) return '';
    const pieces = own.lots.reduce((sum, lot) => sum + lot.pieces, 0);
    const lots = own.lots.map(({ lot, pieces }) => `${pieces} from ${lot || 'stock without a lot'}`).join(', ');
    return `In stock: ${pieces} of ${own.wanted}, ${lots}`;
  }
  /** Returns the prices of a channel, worked out once for all orders. */
  const bookOf = $derived.by(() => {
    const { shop } = data;
    const known: Record<string, PriceBook> = {};
    return (channel = '') => (known[channel] ??= priceBookOf(data, shop, channel === '' ? undefined : channel));
  });
  function valueText({ lines, channel }: DueOrder): string {
    const book = bookOf(channel);
    const { coins, unknown } = orderValue(lines, book);
    if (unknown === lines.length) return '-';
    const { coin } = book;
    return `${unknown > 0 ? 'over ' : ''}${money(coins / coin, data.shop.currency)}`;
  }

  const MINUTE_MS = 60_000;

  async function done(answer: Awaited<ReturnType<typeof ask>>) {
    problems = answer.ok ? [] : answer.problems;
    const value = answer.ok ? null : (answer.value as { order?: Order } | undefined);
    theirs = value?.order ?? null;
    if (answer.ok) {
      changing = null;
      entries += 1;
    }
    await invalidateAll();
  }
  const addressOf = ({ id, occurrence }: DueOrder) =>
    `/api/orders/${id}${occurrence ? `?occurrence=${encodeURIComponent(occurrence)}` : ''}`;
  const add = async (order: Order) => done(await ask('POST', '/api/orders', order));
  async function change(before: DueOrder, order: Order, forAllDates: boolean) {
    const revision = theirs ? (theirs as DueOrder).revision : before.revision;
    if (forAllDates) return changeAllDates(before, order, revision);
    const { lines, due, note, status } = order;
    const body = before.occurrence ? { lines, due, note, status } : order;
    await done(await ask('PUT', addressOf(before), { revision, ...body }));
  }
  /** Changes a standing order with all its dates: its first date moves by as much as the one that was changed. */
  async function changeAllDates(before: DueOrder, order: Order, revision: number) {
    const path = `/api/orders/${before.id}`;
    const first = await ask<Order>('GET', path);
    if (!first.ok) return done(first);
    // The form has whole minutes.
    const shownMs = Math.floor(Date.parse(before.due) / MINUTE_MS) * MINUTE_MS;
    const movedMs = Date.parse(order.due) - shownMs;
    const due = new Date(Date.parse(first.value.due) + movedMs).toISOString();
    const { status } = first.value;
    await done(await ask('PUT', path, { revision, ...order, due, status }));
  }
  async function setStatus(order: DueOrder, status: OrderStatus) {
    const { id: _id, revision, occurrence, ...rest } = order;
    await done(await ask('PUT', addressOf(order), { revision, ...(occurrence ? { status } : { ...rest, status }) }));
  }
  async function remove(order: DueOrder) {
    const what = order.repeat ? 'this standing order with all its dates' : 'this order';
    if (!(await confirmation.ask(`Delete ${what} for ${order.name}?`, 'Delete'))) return;
    await done(await ask('DELETE', `/api/orders/${order.id}?revision=${order.revision}`));
  }
  /** Adds the orders of a CSV file, all or none; what is wrong is named by its row and column. */
  async function importCsv(files: readonly File[]) {
    const [file] = files;
    if (!file) return;
    const answer = await ask<{ added: number }>('POST', '/api/orders/csv', csv(await file.text()));
    imported = answer.ok ? `${answer.value.added} orders added` : '';
    wrongRows = answer.ok ? [] : answer.problems;
    await invalidateAll();
  }
  /** Saves all open orders as a calendar, not only those of this page. */
  async function takeCalendar() {
    const answer = await ask<{ orders: DueOrder[] }>('GET', '/api/orders');
    problems = answer.ok ? [] : answer.problems;
    if (!answer.ok) return;
    const text = calendarOfOrders(
      answer.value.orders
        .filter(({ status, due }) => !IS_CLOSED[status] && Date.parse(due) > now - BACK_MS)
        .map((order) => ({
          title: `${order.name}: ${linesText(order)}`,
          due: new Date(order.due),
          note: order.note ?? '',
        })),
    );
    if (text) saveText(text, 'text/calendar', 'orders.ics');
  }
</script>

<svelte:head><title>Orders - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Orders</h1>
    <div class="acts">
      <Button size="small" kind="tertiary" href="/orders/packing-list">Packing list</Button>
      <Button size="small" kind="tertiary" href="/orders/market">Market days</Button>
      <Button size="small" kind="tertiary" href="/orders/profit">Profit</Button>
      <Button size="small" kind="tertiary" href="/orders/assortments">Assortments</Button>
      <Button size="small" kind="ghost" disabled={orders.length === 0} on:click={() => void takeCalendar()}
        >Add to calendar</Button
      >
      <FileUploaderButton
        size="small"
        kind="ghost"
        labelText="Import CSV"
        accept={['.csv', 'text/csv']}
        disableLabelChanges
        on:change={({ detail }) => void importCsv(detail)}
      />
      <Button size="small" kind="ghost" href="/api/orders/csv" download="orders.csv">Export CSV</Button>
    </div>
  </div>
  {#if imported}<p role="status">{imported}</p>{/if}
  {#if wrongRows.length > 0}
    <Notice
      harm
      title="Nothing was imported"
      problems={wrongRows}
      nameOf={(path) => `row ${path.slice(1).replace('/', ', ')}`}
    />
  {/if}
  {#if data.slabs.length === 0}
    <div class="panel">
      <EmptyState title="Nothing to order yet">
        <p>Orders name slabs. Create the first one, or load the demo shop.</p>
        <Button size="small" kind="tertiary" href="/slabs">Go to slabs</Button>
      </EmptyState>
    </div>
  {:else}
    <div class="both">
      <section aria-label="Orders by due time">
        {#if orders.length === 0}
          <div class="panel">
            <EmptyState title="No open orders">
              <p>Type one: "60 rye, Saturday 11". It is read beside the text before it is added.</p>
            </EmptyState>
          </div>
        {/if}
        <ul class="orders">
          {#each orders as order (keyOf(order))}
            <OrderCard
              {order}
              isLate={isLate(order)}
              lines={linesText(order)}
              value={valueText(order)}
              onShelf={shelfText(order)}
              onstatus={(status) => void setStatus(order, status)}
              onchange={() => ((changing = order), (problems = []), (theirs = null))}
              onremove={() => void remove(order)}
            />
          {/each}
        </ul>
        <Pager
          path={data.isAll ? '/orders?all=yes' : '/orders'}
          sought=""
          from={data.start}
          most={data.most}
          count={data.count}
          all={data.count}
        />
        <p>
          {#if data.isAll}<a href="/orders">Only open orders</a>
          {:else if data.closed > 0}<a href="/orders?all=yes"
              >Show {data.closed} more that {data.closed === 1 ? 'is' : 'are'} handed over or cancelled</a
            >{/if}
        </p>
      </section>
      <div>
        {#if theirs}
          <Notice harm>
            <p>
              Someone else saved this order meanwhile: <b>{theirs.name}</b>, {dates.moment(Date.parse(theirs.due))}, {linesText(
                theirs,
              )}. Saving again replaces their version by yours.
            </p>
          </Notice>
        {/if}
        {#key changing ? keyOf(changing) : `new ${entries}`}
          <OrderEntry
            {data}
            order={changing}
            text={entries === 0 && !changing ? (page.url.searchParams.get('text') ?? '') : ''}
            {problems}
            onsave={(order, forAllDates) => void (changing ? change(changing, order, forAllDates) : add(order))}
            oncancel={changing ? () => ((changing = null), (problems = []), (theirs = null)) : null}
          />
        {/key}
        {#if data.prices.length < data.slabs.length}<WaitFor />{/if}
      </div>
    </div>
  {/if}
</div>

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    gap: 1rem;
    align-items: start;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }

  .orders {
    display: grid;
    gap: 0.6rem;
  }

  @media (max-width: 900px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
