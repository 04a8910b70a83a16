import type { OrderLine } from '$core/orders';
import { saleOf } from '$core/profit';
import type { StockUnit } from '$core/stock';
import type { Db } from '../db/open';
import type { SaleBooks } from './saleBooks';

/** What one piece or gram brought when it was handed over, coins; `null` if it was unknown. */
export interface SalePrice {
  readonly order: string;
  readonly slab: number;
  /** Empty for any. */
  readonly kind: string;
  readonly unit: StockUnit;
  readonly channel: string;
  readonly currency: string;
  readonly netEach: number | null;
  readonly sellingEach: number | null;
}

/** Pieces and grams that an order takes, as they are booked. */
export interface Taken {
  readonly slab: number;
  readonly kind: string | null;
  /** Ordered by the piece, and by weight as pieces that reach it. */
  readonly pieces: number;
  /** Ordered by weight of which nobody knows what a piece weighs. */
  readonly grams: number;
}

/** Stores what an order brings in place of what was stored. Call it in the transaction that hands it over. */
export function storeSalePrices(
  db: Db,
  order: string,
  lines: readonly OrderLine[],
  taken: readonly Taken[],
  books: SaleBooks,
): void {
  forgetSalePrices(db, order);
  const insert = db.prepare(
    `INSERT INTO sale_price (net_each, selling_each, order_key, slab_id, kind, unit, channel, currency)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  for (const { netEach, sellingEach, slab, kind, unit } of eachOf(lines, taken, books))
    insert.run(netEach, sellingEach, order, slab, kind, unit, books.channel, books.currency);
  if (books.later)
    void books
      .later()
      .then((all) => fillIn(db, order, lines, taken, all))
      .catch((error: unknown) => console.error('The prices of an order could not be stored', error));
}

/** Stores prices that took too long, unless the order was reopened or priced again meanwhile. */
function fillIn(db: Db, order: string, lines: readonly OrderLine[], taken: readonly Taken[], books: SaleBooks): void {
  if (!db.open) return;
  const update = db.prepare(
    `UPDATE sale_price SET net_each = ?, selling_each = ? WHERE order_key = ? AND slab_id = ? AND kind = ? AND unit = ?
     AND net_each IS NULL AND channel = ? AND currency = ?`,
  );
  db.transaction(() => {
    for (const { netEach, sellingEach, slab, kind, unit } of eachOf(lines, taken, books))
      update.run(netEach, sellingEach, order, slab, kind, unit, books.channel, books.currency);
  })();
}

/** Returns what one piece or gram of each taken part brings. */
function eachOf(
  lines: readonly OrderLine[],
  taken: readonly Taken[],
  { net, selling }: SaleBooks,
): Pick<SalePrice, 'slab' | 'kind' | 'unit' | 'netEach' | 'sellingEach'>[] {
  const parts = saleOf(lines, net, selling);
  return taken.flatMap(({ slab, kind, pieces, grams }) => {
    const own = parts.filter((part) => part.slab === slab && part.kind === kind);
    return (['piece', 'g'] as const).flatMap((unit) => {
      const amount = unit === 'piece' ? pieces : grams;
      // What was ordered by weight is sold as pieces where it is booked as pieces.
      const sold = own.filter(({ isByWeight }) => (grams > 0 ? isByWeight === (unit === 'g') : unit === 'piece'));
      if (amount === 0 || sold.length === 0) return [];
      const each = (of: (part: (typeof sold)[number]) => number | null) => {
        const coins = sold.map(of);
        return coins.includes(null) ? null : coins.reduce<number>((sum, one) => sum + one!, 0) / amount;
      };
      const [netEach, sellingEach] = [each(({ netCoins }) => netCoins), each(({ sellingCoins }) => sellingCoins)];
      return [{ slab, kind: kind ?? '', unit, netEach, sellingEach }];
    });
  });
}

/** Forgets what an order brought: it is not handed over any more. */
export function forgetSalePrices(db: Db, order: string): void {
  db.prepare('DELETE FROM sale_price WHERE order_key = ?').run(order);
}

/** Returns what orders brought. */
export function salePrices(db: Db, orders: readonly string[]): SalePrice[] {
  return db
    .prepare<[string], SalePrice>(
      `SELECT order_key AS "order", slab_id AS slab, kind, unit, channel, currency, net_each AS netEach, selling_each AS sellingEach
       FROM sale_price WHERE order_key IN (SELECT value FROM json_each(?))`,
    )
    .all(JSON.stringify(orders));
}
