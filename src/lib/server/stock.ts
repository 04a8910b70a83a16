import { randomUUID } from 'node:crypto';
import {
  fromThousandths,
  inThousandths,
  type EntryReason,
  type FromLot,
  type HeldLot,
  type StockUnit,
} from '$core/stock';
import { storedJson } from '$core/validation';
import type { Db } from './db/open';

/** What an entry is of: an ingredient by its number, or pieces of a slab by piece type. Both by lot, which may be empty. */
export type StockOf =
  | { readonly ingredient: number; readonly lot: string }
  | { readonly slab: number; readonly kind: string; readonly lot: string; readonly unit: StockUnit };

/** Details of an entry that are only shown. */
export interface EntryFacts {
  readonly counted?: number;
  readonly price?: number;
  readonly currency?: string;
  readonly pack?: string;
  readonly supplier?: string;
  readonly note?: string;
  /** Mean mass of a piece that was made, g. */
  readonly pieceG?: number;
  /** As planned, since nobody counted it. */
  readonly isEstimate?: true;
  /** The stocktake that had seen what came in later: this entry keeps what it counted. */
  readonly seenBy?: string;
}

export interface NewEntry {
  readonly id?: string;
  readonly of: StockOf;
  /** Name as it is called now. */
  readonly name: string;
  /** Change in thousandths, or what was counted. */
  readonly change: number | { readonly counted: number };
  readonly why: EntryReason;
  /** ISO 8601. */
  readonly at: string;
  readonly keepsUntil?: string | null;
  readonly facts?: EntryFacts;
  readonly run?: number;
  readonly order?: string;
  readonly undoes?: string;
}

const inUtc = (moment: string) => new Date(moment).toISOString();

/** Condition and values for one lot. */
function keyOf(of: StockOf): { readonly where: string; readonly values: readonly (string | number)[] } {
  return 'ingredient' in of
    ? { where: 'ingredient_id = ? AND lot = ?', values: [of.ingredient, of.lot] }
    : { where: 'slab_id = ? AND kind = ? AND lot = ? AND unit = ?', values: [of.slab, of.kind, of.lot, of.unit] };
}

const sumOf = (db: Db, of: StockOf, until: string): number => {
  const { where, values } = keyOf(of);
  return db
    .prepare<unknown[], number>(
      `SELECT coalesce(sum(change_thousandths), 0) FROM stock_entry WHERE ${where} AND at <= ?`,
    )
    .pluck()
    .get(...values, until)!;
};

/** Returns the first stocktake of a lot after a moment that nobody took back; `null` if there is none. */
function laterCount(db: Db, of: StockOf, at: string): { readonly id: string; readonly at: string } | null {
  const { where, values } = keyOf(of);
  return (
    db
      .prepare<unknown[], { id: string; at: string }>(
        `SELECT id, at FROM stock_entry AS counted WHERE ${where} AND why = 'count' AND at > ?
         AND json_extract(facts, '$.counted') IS NOT NULL
         AND NOT EXISTS (SELECT 1 FROM stock_entry AS back WHERE back.undoes = counted.id) ORDER BY at LIMIT 1`,
      )
      .get(...values, at) ?? null
  );
}

/**
 * Adds an entry, once by its id. A stocktake becomes the difference from what the ledger had at its moment. What comes in later than a
 * stocktake but happened before it was counted already: a second entry takes it out again, so that the order of arrival does not matter.
 *
 * Call it in a transaction.
 *
 * @returns whether it was added, or known already
 */
export function addEntry(db: Db, entry: NewEntry): boolean {
  const {
    id = randomUUID(),
    of,
    name,
    why,
    keepsUntil = null,
    facts = {},
    run = null,
    order = null,
    undoes = null,
  } = entry;
  const at = inUtc(entry.at);
  if (db.prepare('SELECT 1 FROM stock_entry WHERE id = ?').get(id)) return false;
  const isCount = typeof entry.change !== 'number';
  const change = typeof entry.change === 'number' ? entry.change : entry.change.counted - sumOf(db, of, at);
  const insert = db.prepare(
    `INSERT INTO stock_entry (id, at, why, ingredient_id, slab_id, name, kind, lot, unit, change_thousandths, keeps_until,
       facts, run_id, order_key, undoes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  const place =
    'ingredient' in of
      ? ([of.ingredient, null, name, '', of.lot, 'g'] as const)
      : ([null, of.slab, name, of.kind, of.lot, of.unit] as const);
  const known = isCount ? { ...facts, counted: fromThousandths((entry.change as { counted: number }).counted) } : facts;
  const until = keepsUntil === null ? null : inUtc(keepsUntil);
  insert.run(id, at, why, ...place, change, until, JSON.stringify(known), run, order, undoes);
  const seen = laterCount(db, of, at);
  if (seen) {
    const because = JSON.stringify({ seenBy: seen.id } satisfies EntryFacts);
    insert.run(`${id}/seen`, seen.at, 'count', ...place, -change, null, because, null, null, null);
  }
  return true;
}

interface EntryRow {
  readonly sequence: number;
  readonly id: string;
  readonly at: string;
  readonly why: EntryReason;
  readonly ingredientId: number | null;
  readonly slabId: number | null;
  readonly name: string;
  readonly kind: string;
  readonly lot: string;
  readonly unit: StockUnit;
  readonly thousandths: number;
  readonly keepsUntil: string | null;
  readonly facts: string;
  readonly run: number | null;
  readonly orderKey: string | null;
  readonly undoes: string | null;
  readonly isUndone: number;
}

/** An entry of the ledger as it is stored. */
export type StoredEntry = Omit<EntryRow, 'facts' | 'isUndone'> & {
  readonly facts: EntryFacts;
  readonly isUndone: boolean;
};

const ENTRY = `SELECT sequence, id, at, why, ingredient_id AS ingredientId, slab_id AS slabId, name, kind, lot, unit,
  change_thousandths AS thousandths, keeps_until AS keepsUntil, facts, run_id AS run, order_key AS orderKey, undoes,
  EXISTS (SELECT 1 FROM stock_entry AS back WHERE back.undoes = entry.id) AS isUndone FROM stock_entry AS entry`;
const entryIn = ({ facts, isUndone, ...row }: EntryRow): StoredEntry => ({
  ...row,
  facts: storedJson<EntryFacts>(facts),
  isUndone: isUndone === 1,
});

/** Returns an entry by its id, or `null`. */
export function entryById(db: Db, id: string): StoredEntry | null {
  const row = db.prepare<[string], EntryRow>(`${ENTRY} WHERE id = ?`).get(id);
  return row ? entryIn(row) : null;
}

/** Returns a page of entries, the newest first: those of an ingredient, of a slab, or all. */
export function entriesPage(
  db: Db,
  of: { readonly ingredient?: number; readonly slab?: number },
  from: number,
  most: number,
): StoredEntry[] {
  const [where, values] =
    of.ingredient !== undefined
      ? ['WHERE ingredient_id = ?', [of.ingredient]]
      : of.slab !== undefined
        ? ['WHERE slab_id = ?', [of.slab]]
        : ['', []];
  return db
    .prepare<unknown[], EntryRow>(`${ENTRY} ${where} ORDER BY at DESC, sequence DESC LIMIT ? OFFSET ?`)
    .all(...values, most, from)
    .map(entryIn);
}

const ofEntry = ({ ingredientId, slabId, kind, lot, unit }: StoredEntry): StockOf =>
  ingredientId !== null ? { ingredient: ingredientId, lot } : { slab: slabId!, kind, lot, unit };

/**
 * Takes an entry back by an entry of its own, at the moment of the first. Who takes a stocktake back also takes back what it had seen.
 * Call it in a transaction.
 *
 * @returns whether it was added; not if the entry is gone, was booked by a run or an order, or is taken back already
 */
export function undoEntry(db: Db, id: string, undoes: string): boolean {
  const entry = entryById(db, undoes);
  if (!entry || entry.isUndone || entry.undoes !== null || entry.run !== null || entry.orderKey !== null) return false;
  const { name, why, at, thousandths } = entry;
  const of = ofEntry(entry);
  const isAdded = addEntry(db, { id, of, name, why, at, change: -thousandths, undoes });
  if (!isAdded || entry.facts.counted === undefined) return isAdded;
  const seen = db
    .prepare<[string], EntryRow>(`${ENTRY} WHERE json_extract(facts, '$.seenBy') = ?`)
    .all(undoes)
    .map(entryIn);
  for (const one of seen)
    addEntry(db, { of, name, why: 'count', at: one.at, change: -one.thousandths, undoes: one.id });
  return true;
}

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

/** Returns what a run or an order has booked of something so far, by lot; what was taken is positive. */
export function bookedBy(
  db: Db,
  by: { readonly run: number } | { readonly order: string },
): { readonly of: StockOf; readonly thousandths: number; readonly why: EntryReason; readonly name: string }[] {
  const [where, value] = 'run' in by ? ['run_id = ?', by.run] : ['order_key = ?', by.order];
  return db
    .prepare<[string | number], EntryRow>(
      `SELECT ingredient_id AS ingredientId, slab_id AS slabId, kind, lot, unit, why, name, -sum(change_thousandths) AS thousandths,
         0 AS sequence, '' AS id, '' AS at, NULL AS keepsUntil, '{}' AS facts, NULL AS run, NULL AS orderKey, NULL AS undoes, 0 AS isUndone
       FROM stock_entry WHERE ${where} GROUP BY ingredient_id, slab_id, kind, lot, unit, why`,
    )
    .all(value)
    .map(entryIn)
    .map((row) => ({ of: ofEntry(row), thousandths: row.thousandths, why: row.why, name: row.name }));
}

/** Brings what is held of an ingredient to a total: less comes from the oldest lots, more goes to stock without a lot. Call it in a transaction. */
export function countWhole(
  db: Db,
  ingredient: { readonly id: number; readonly name: string },
  heldG: number,
  at: string,
): void {
  const now = heldIngredients(db, [ingredient.id]).get(ingredient.id);
  const wanted = inThousandths(heldG);
  if (now && now.thousandths === wanted) return;
  const lots = new Map((now?.lots ?? []).map((one) => [one.lot, one.thousandths]));
  const count = (lot: string, counted: number) =>
    addEntry(db, {
      of: { ingredient: ingredient.id, lot },
      name: ingredient.name,
      change: { counted },
      why: 'count',
      at,
    });
  let less = (now?.thousandths ?? 0) - wanted;
  if (less <= 0) return void count('', (lots.get('') ?? 0) - less);
  for (const { lot, thousandths } of now!.lots) {
    const part = Math.min(less, Math.max(0, thousandths));
    if (part > 0) count(lot, thousandths - part);
    less -= part;
  }
}

/** Returns a change in thousandths for lots, as entries to add. */
export const asEntries = (
  changes: readonly FromLot[],
  of: (lot: string) => StockOf,
  rest: Omit<NewEntry, 'of' | 'change'>,
): NewEntry[] => changes.map(({ lot, thousandths }) => ({ ...rest, of: of(lot), change: -thousandths }));
