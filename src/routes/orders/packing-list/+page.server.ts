import { IS_CLOSED } from '$core/orders';
import { allAssortments } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { MAX_ORDERS, ordersDue } from '$lib/server/orders';
import { readDayRange, type UsualDays } from '$lib/server/requests/dayRange';
import { wholeShop } from '$lib/server/shop';
import { slabNames } from '$lib/server/slabs';
import { allocatedPieces } from '$lib/server/stock/forOrders';

const TODAY_AND_TOMORROW: UsualDays = { first: 0, last: 1 };
/** How far back late orders are listed, and orders with an earlier claim on the stock are counted, days. */
const BACK_DAYS = 30;
const DAY_MS = 86_400_000;

/** Loads the orders to pack in a range of days, and those that are late, with the lots they get. */
export async function load({ url }) {
  const db = database();
  const now = new Date();
  const zone = wholeShop(db).zone ?? 'UTC';
  const given = readDayRange(url, zone, now, TODAY_AND_TOMORROW);
  const range = given ?? readDayRange(new URL(url.pathname, url), zone, now, TODAY_AND_TOMORROW)!;
  const from = new Date(Math.min(Date.parse(range.from), now.getTime()) - BACK_DAYS * DAY_MS);
  const orders = ordersDue(db, { from, to: new Date(range.to) }, now);
  const allocated = allocatedPieces(db, orders, now).sort((a, b) => Date.parse(a.order.due) - Date.parse(b.order.due));
  return {
    ...{ firstDay: range.firstDay, lastDay: range.lastDay, isRange: given !== null },
    isCutOff: orders.length === MAX_ORDERS,
    orders: allocated.flatMap(({ order, lots: own, wanted, uncountedG }) => {
      const isLate = Date.parse(order.due) < now.getTime();
      const isShown = !IS_CLOSED[order.status] && (isLate || order.due >= range.from);
      return isShown
        ? [
            {
              ...order,
              isLate,
              wanted,
              uncountedG,
              lots: own.map(({ slab, lot = '', pieces }) => ({ slab, lot, pieces })),
            },
          ]
        : [];
    }),
    slabs: slabNames(db).map(({ id, name }) => ({ id, name })),
    assortments: allAssortments(db),
  };
}
