import type { MarketDayEntry } from '$core/market';
import type { Db } from './db/open';

/** A market that was held. */
export type StoredMarketDay = MarketDayEntry & { readonly id: number };

interface Row {
  readonly id: number;
  readonly slab: number;
  readonly market: string;
  readonly day: string;
  readonly taken: number;
  readonly sold: number;
  readonly soldOutAt: string | null;
}

const MAX_DAYS = 200;

/** Returns the last markets of a slab, or of all, the newest first. */
export function marketDays(db: Db, slab?: number): StoredMarketDay[] {
  const [where, values] = slab === undefined ? ['', []] : ['AND slab_id = ?', [slab]];
  return db
    .prepare<unknown[], Row>(
      `SELECT id, slab_id AS slab, market, held_on AS day, taken, sold, sold_out_at AS soldOutAt FROM market_day
       WHERE deleted_at IS NULL ${where} ORDER BY held_on DESC, id DESC LIMIT ?`,
    )
    .all(...values, MAX_DAYS)
    .map(({ soldOutAt, ...row }) => ({ ...row, ...(soldOutAt === null ? {} : { soldOutAt }) }));
}

/** Adds a market that was held. */
export function addMarketDay(
  db: Db,
  { slab, market, day, taken, sold, soldOutAt = undefined }: MarketDayEntry,
): number {
  return Number(
    db
      .prepare('INSERT INTO market_day (slab_id, market, held_on, taken, sold, sold_out_at) VALUES (?, ?, ?, ?, ?, ?)')
      .run(slab, market, day, taken, sold, soldOutAt ?? null).lastInsertRowid,
  );
}

/** Marks a market as deleted; returns whether it was there. */
export const removeMarketDay = (db: Db, id: number, now: string): boolean =>
  db.prepare('UPDATE market_day SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL').run(now, id).changes === 1;
