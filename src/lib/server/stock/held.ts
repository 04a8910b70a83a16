import type { HeldLot, StockUnit } from '$core/stock';
import type { Db } from '../db/open';

/** What is held of ingredients, by ingredient and lot. */
export interface HeldIngredient {
  readonly ingredient: number;
  readonly thousandths: number;
  readonly lots: readonly HeldLot[];
}

interface LotRow extends HeldLot {
  readonly ingredient: number;
}

/** Lots of ingredients that hold something, now or at a moment. */
const LOTS_NOW = `SELECT ingredient_id AS ingredient, lot, thousandths, keeps_until AS keepsUntil FROM stock_held
  WHERE ingredient_id > 0 AND thousandths <> 0`;
const LOTS_THEN = `SELECT ingredient_id AS ingredient, lot, sum(change_thousandths) AS thousandths, max(keeps_until) AS keepsUntil
  FROM stock_entry WHERE ingredient_id IS NOT NULL AND at <= ? GROUP BY ingredient_id, lot HAVING sum(change_thousandths) <> 0`;

/**
 * Returns what is held of ingredients, by lot. Ingredients that nobody has ever delivered or counted are left out: what is held of them is
 * unknown, though runs have used some.
 *
 * @param ids all where left out
 * @param until ISO 8601 in UTC; entries after it do not count
 */
export function heldIngredients(db: Db, ids?: readonly number[], until?: string): Map<number, HeldIngredient> {
  const among = ids ? 'AND ingredient_id IN (SELECT value FROM json_each(?))' : '';
  const values = ids ? [JSON.stringify(ids)] : [];
  const rows =
    until === undefined
      ? db.prepare<unknown[], LotRow>(`${LOTS_NOW} ${among}`).all(...values)
      : db.prepare<unknown[], LotRow>(LOTS_THEN).all(until);
  const known = db
    .prepare<unknown[], number>(`SELECT ingredient_id FROM stock_known WHERE 1 ${among}`)
    .pluck()
    .all(...values);
  const held = new Map(known.map((ingredient) => [ingredient, { ingredient, thousandths: 0, lots: [] as HeldLot[] }]));
  for (const { ingredient, ...lot } of rows) {
    const own = held.get(ingredient);
    if (!own) continue;
    own.thousandths += lot.thousandths;
    own.lots.push(lot);
  }
  return held;
}

/** Pieces of one lot that are made and not handed over. */
export interface HeldPieces extends HeldLot {
  readonly slab: number;
  readonly kind: string;
  readonly unit: StockUnit;
}

const PIECES_NOW = `SELECT slab_id AS slab, kind, lot, unit, thousandths, keeps_until AS keepsUntil FROM stock_held
  WHERE ingredient_id = 0 AND thousandths <> 0`;
const PIECES_THEN = `SELECT slab_id AS slab, kind, lot, unit, sum(change_thousandths) AS thousandths, max(keeps_until) AS keepsUntil
  FROM stock_entry WHERE slab_id IS NOT NULL AND at <= ? GROUP BY slab_id, kind, lot, unit HAVING sum(change_thousandths) <> 0`;

/**
 * Returns the pieces that are held, by slab, piece type and lot. Lots of nothing are left out; less than nothing is shown.
 *
 * @param until ISO 8601 in UTC; entries after it do not count
 */
export function heldPieces(db: Db, until?: string, slab?: number): HeldPieces[] {
  const order = 'ORDER BY slab_id, keepsUntil, lot';
  if (until !== undefined) return db.prepare<[string], HeldPieces>(`${PIECES_THEN} ${order}`).all(until);
  return slab === undefined
    ? db.prepare<[], HeldPieces>(`${PIECES_NOW} ${order}`).all()
    : db.prepare<[number], HeldPieces>(`${PIECES_NOW} AND slab_id = ? ${order}`).all(slab);
}

/** Returns the mean mass of a piece of the last batch of a slab that was made, g; `null` if it is not known. */
export const lastPieceG = (db: Db, slab: number): number | null =>
  db
    .prepare<[number], number>(
      `SELECT json_extract(facts, '$.pieceG') FROM stock_entry WHERE slab_id = ? AND why = 'made'
       AND json_extract(facts, '$.pieceG') > 0 ORDER BY at DESC LIMIT 1`,
    )
    .pluck()
    .get(slab) ?? null;
