import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import { inThousandths, madeByRun } from '$core/stock';
import { shelfMsOf } from '$core/usecases';
import demo from '../../../demo/sales.json';
import stock from '../../../demo/stock.json';
import type { Db } from './db/open';
import { addOrder } from './orders';
import type { SaleBooks } from './profit/saleBooks';
import { eventsOf, runsOfSlab } from './runs';
import { wholeShop } from './shop';
import type { KeptSlab } from './slabs';
import { addEntry } from './stock/ledger';
import { bookOrder, orderKey } from './stock/ofOrders';

const DAY_MS = 86_400_000;
const RUNS_OF_SLAB = 40;

/** Brings in what the demo's runs of the last weeks made, and the orders that took it. What no order took is in stock still or was thrown away. */
export function bringInSales(db: Db, slabs: readonly KeptSlab[], now: string): void {
  const since = Date.parse(now) - demo.days * DAY_MS;
  const { zone = 'UTC', currency } = wholeShop(db);
  db.transaction(() => {
    for (const { slab: name, ...price } of demo.prices) {
      const kept = slabs.find(({ slab }) => slab.name === name);
      if (!kept) continue;
      const runs = runsOfSlab(db, kept.id, RUNS_OF_SLAB).filter(
        ({ plan }) => Date.parse(plan.begin) >= since && plan.begin < now,
      );
      for (const [i, { id, plan }] of runs.entries()) {
        const isLast = i === runs.length - 1;
        const inStock = isLast ? (stock.pieces.find(({ slab }) => slab === name)?.pieces ?? 0) : 0;
        for (const { kind, pieces, at } of madeByRun(plan, eventsOf(db, id))) {
          const of = { slab: kept.id, kind: kind ?? '', lot: plan.lot, unit: 'piece' as const };
          const keepsUntil = new Date(Date.parse(at) + shelfMsOf(kept.slab)).toISOString();
          addEntry(db, { of, name, why: 'made', at, change: inThousandths(pieces), keepsUntil });
          const keeps = keepsUntil >= now;
          let left = pieces - inStock;
          for (const [c, { share, atHour, discount, ...customer }] of demo.customers.entries()) {
            const isSoldOut = keeps && c === demo.customers.length - 1;
            const count = isSoldOut ? left : Math.min(left, Math.floor((pieces - inStock) * share));
            const due = addDays(new TZDate(at, zone), 1);
            due.setHours(atHour, 0, 0, 0);
            if (count <= 0 || due.getTime() > Date.parse(now)) continue;
            left -= count;
            const lines = [{ slab: kept.id, ...(kind ? { kind } : {}), count, unit: 'piece' as const }];
            const order = { ...customer, due: new Date(due.getTime()).toISOString(), lines };
            const added = addOrder(db, { ...order, status: 'open' });
            db.prepare('UPDATE customer_order SET status = ?, document = ? WHERE id = ?').run(
              ...['handed-over', JSON.stringify({ ...order, status: 'handed-over' }), added.id],
            );
            const books = booksOf(
              kept.id,
              customer.channel,
              currency,
              price.netCoins * (1 - discount),
              price.packCoins,
            );
            bookOrder(db, orderKey(added.id), { status: 'handed-over', lines }, order.due, books);
          }
          if (left > 0 && !keeps)
            addEntry(db, { of, name, why: 'waste', at: keepsUntil, change: -inThousandths(left) });
        }
      }
    }
  }).immediate();
}

/** Prices of one slab as they were: the same for every piece type. */
function booksOf(slab: number, channel: string, currency: string, net: number, pack: number): SaleBooks {
  const book = (price: number) => ({
    slabs: new Map([[slab, { kinds: [{ name: null, massG: 0, price }], channels: [] }]]),
    assortments: new Map(),
    channel: null,
    coin: 100,
  });
  return { channel, currency, net: book(net), selling: book(pack) };
}
