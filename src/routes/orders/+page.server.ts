import { IS_CLOSED, type DueOrder } from '$core/orders';
import { pageOf } from '$lib/forms/pages';
import { allAssortments } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { ordersDue } from '$lib/server/orders';
import { pricedPage } from '$lib/server/pricesOf';
import { slabNames } from '$lib/server/slabs';
import { allocatedPieces } from '$lib/server/stock/forOrders';

/** Time after which the page comes without the prices that are still being calculated, ms. */
const PATIENCE_MS = 600;
const DAY_MS = 86_400_000;
/** Orders on a page. */
const MOST = 20;
/** How far back open orders are looked for, and how far ahead all of them, days. */
const BACK_DAYS = 30;
const AHEAD_DAYS = 28;

/** Loads the orders that are due, what can be ordered, and prices as far as they are known. */
export async function load({ url }) {
  const db = database();
  const now = Date.now();
  const isAll = url.searchParams.get('all') === 'yes';
  const from = new Date(now - BACK_DAYS * DAY_MS);
  const to = new Date(now + AHEAD_DAYS * DAY_MS);
  const orders = ordersDue(db, { from, to }, new Date(now));
  const shown = isAll ? orders : orders.filter(({ status }) => !IS_CLOSED[status]);
  // What is late stands first; the rest by its due time.
  const isLate = ({ due, status }: DueOrder) => !IS_CLOSED[status] && Date.parse(due) < now;
  const sorted = [...shown.filter(isLate), ...shown.filter((order) => !isLate(order))];
  const { from: start } = pageOf(url, MOST);
  const page = sorted.slice(start, start + MOST);
  const { list } = await pricedPage(db, 0, PATIENCE_MS);
  return {
    ...{ orders: page, start, most: MOST, count: shown.length },
    isAll,
    allocated: allocatedPieces(db, orders, new Date(now)).flatMap(({ order, lots, wanted }) =>
      lots.length > 0 && page.includes(order)
        ? [
            {
              id: order.id,
              occurrence: order.occurrence,
              wanted,
              lots: lots.map(({ lot = '', pieces }) => ({ lot, pieces })),
            },
          ]
        : [],
    ),
    closed: orders.filter(({ status }) => IS_CLOSED[status]).length,
    slabs: slabNames(db).map(({ id, name }) => ({ id, name })),
    assortments: allAssortments(db),
    prices: list.flatMap(({ id, price, allergens }) =>
      price ? [{ id, pieces: price.pieces, kinds: price.kinds, channels: price.channels, allergens }] : [],
    ),
  };
}
