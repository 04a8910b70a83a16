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
  { channel, currency, net, selling }: SaleBooks,
): void {
  forgetSalePrices(db, order);
  const parts = saleOf(lines, net, selling);
  const insert = db.prepare(
    `INSERT INTO sale_price (order_key, slab_id, kind, unit, channel, currency, net_each, selling_each)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  for (const { slab, kind, pieces, grams } of taken) {
    const own = parts.filter((part) => part.slab === slab && part.kind === kind);
    for (const unit of ['piece', 'g'] as const) {
      const amount = unit === 'piece' ? pieces : grams;
      // What was ordered by weight is sold as pieces where it is booked as pieces.
      const sold = own.filter(({ isByWeight }) => (grams > 0 ? isByWeight === (unit === 'g') : unit === 'piece'));
      if (amount === 0 || sold.length === 0) continue;
      const each = (of: (part: (typeof sold)[number]) => number | null) => {
        const coins = sold.map(of);
        return coins.includes(null) ? null : coins.reduce<number>((sum, one) => sum + one!, 0) / amount;
      };
      insert.run(
        ...[order, slab, kind ?? '', unit, channel, currency],
        ...[each(({ netCoins }) => netCoins), each(({ sellingCoins }) => sellingCoins)],
      );
    }
  }
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
