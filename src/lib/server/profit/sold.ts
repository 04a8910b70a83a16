import { fromThousandths, type StockUnit } from '$core/stock';
import type { Db } from '../db/open';

/** Pieces of one lot that were sold with one order, came back, or were lost, in the hours of a range. */
export interface SoldRow {
  readonly slab: number;
  readonly kind: string;
  readonly lot: string;
  readonly unit: StockUnit;
  readonly why: 'sale' | 'returned' | 'waste' | 'count';
  readonly order: string | null;
  /** Last moment in the hour, ISO 8601. */
  readonly at: string;
  /** Pieces or grams that went; negative for what came. */
  readonly amount: number;
  /** What was paid, where it was entered by hand with a price, in the currency. */
  readonly price: number | null;
}

/** Rows that are read at most; a range with more is refused by its caller. */
export const MAX_ROWS = 50_000;

/** Returns what was sold, came back, was thrown away or was missing in a range of time, by order and lot. */
export function soldRows(db: Db, from: string, to: string): SoldRow[] {
  return db
    .prepare<unknown[], Omit<SoldRow, 'amount'> & { thousandths: number }>(
      `SELECT slab_id AS slab, kind, lot, unit, why, order_key AS "order", max(at) AS at, -sum(change_thousandths) AS thousandths,
         sum(json_extract(facts, '$.price')) AS price
       FROM stock_entry AS entry WHERE slab_id IS NOT NULL AND at >= ? AND at < ? AND why IN ('sale', 'returned', 'waste', 'count')
         AND undoes IS NULL AND NOT EXISTS (SELECT 1 FROM stock_entry AS back WHERE back.undoes = entry.id)
       GROUP BY slab_id, kind, lot, unit, why, order_key, substr(at, 1, 13), json_extract(facts, '$.price') IS NULL HAVING sum(change_thousandths) <> 0
       ORDER BY at LIMIT ?`,
    )
    .all(from, to, MAX_ROWS + 1)
    .map(({ thousandths, ...row }) => ({ ...row, amount: fromThousandths(thousandths) }));
}

/** Returns the last order that took pieces of a lot before a moment: what comes back comes from it. */
export const lastOrderOf = (db: Db, { slab, kind, lot, unit, at }: SoldRow): string | null =>
  db
    .prepare<unknown[], string>(
      `SELECT order_key FROM stock_entry WHERE slab_id = ? AND kind = ? AND lot = ? AND unit = ? AND why = 'sale'
       AND order_key IS NOT NULL AND change_thousandths < 0 AND at <= ? ORDER BY at DESC LIMIT 1`,
    )
    .pluck()
    .get(slab, kind, lot, unit, at) ?? null;

/** Returns the runs that made lots, by slab and lot. */
export function runsOfLots(
  db: Db,
  lots: readonly { readonly slab: number; readonly lot: string }[],
): Map<string, number> {
  const find = db.prepare<[number, string], number>('SELECT id FROM run WHERE slab_id = ? AND lot = ?').pluck();
  const found = new Map<string, number>();
  for (const { slab, lot } of lots) {
    const key = lotKey(slab, lot);
    if (lot === '' || found.has(key)) continue;
    const run = find.get(slab, lot);
    if (run !== undefined) found.set(key, run);
  }
  return found;
}
export const lotKey = (slab: number, lot: string): string => `${slab} ${lot}`;

/** Returns the last finished runs of slabs, some of each. */
export function lastRunsOf(
  db: Db,
  slabs: readonly number[],
  most: number,
): { readonly slab: number; readonly run: number }[] {
  const find = db
    .prepare<[number, number], number>(
      `SELECT run.id FROM run WHERE slab_id = ? AND EXISTS (SELECT 1 FROM run_event WHERE run_id = run.id
       AND json_extract(body, '$.kind') = 'finished') ORDER BY begun_at DESC LIMIT ?`,
    )
    .pluck();
  return slabs.flatMap((slab) => find.all(slab, most).map((run) => ({ slab, run })));
}
