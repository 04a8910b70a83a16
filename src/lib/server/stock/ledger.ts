import { randomUUID } from 'node:crypto';
import {
  fromThousandths,
  inThousandths,
  oldestFirst,
  type EntryReason,
  type FromLot,
  type StockUnit,
} from '$core/stock';
import { storedJson } from '$core/validation';
import type { Db } from '../db/open';
import { heldIngredients } from './held';

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
  /** The stocktake that had counted this already: the entry corrects for it. */
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

/** Returns the first stocktake of a lot after a moment that is not undone; `null` if there is none. */
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
 * Adds an entry, once by its id. A stocktake is stored as its difference from the ledger at that moment. An entry that arrives after a stocktake
 * but happened before it was counted already, so a second entry corrects for it: the order of arrival does not matter.
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

/** Columns that say what an entry is of. */
interface PlaceRow {
  readonly ingredientId: number | null;
  readonly slabId: number | null;
  readonly kind: string;
  readonly lot: string;
  readonly unit: StockUnit;
}

interface EntryRow extends PlaceRow {
  readonly sequence: number;
  readonly id: string;
  readonly at: string;
  readonly why: EntryReason;
  readonly name: string;
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

const ofEntry = ({ ingredientId, slabId, kind, lot, unit }: PlaceRow): StockOf =>
  ingredientId !== null ? { ingredient: ingredientId, lot } : { slab: slabId!, kind, lot, unit };

/**
 * Undoes an entry by another one, at the same moment. Undoing a stocktake also undoes the corrections that were made because of it. Call it
 * in a transaction.
 *
 * @returns whether it was undone; not if the entry is gone, was booked by a run or an order, or is undone already
 */
export function undoEntry(db: Db, id: string, undoes: string): boolean {
  const entry = entryById(db, undoes);
  if (!entry || entry.isUndone || entry.undoes !== null || entry.run !== null || entry.orderKey !== null) return false;
  const { name, why, at, thousandths } = entry;
  const of = ofEntry(entry);
  const isAdded = addEntry(db, { id, of, name, why, at, change: -thousandths, undoes });
  if (!isAdded || entry.facts.counted === undefined) return isAdded;
  const { where, values } = keyOf(of);
  const corrections = db
    .prepare<unknown[], EntryRow>(`${ENTRY} WHERE ${where} AND json_extract(facts, '$.seenBy') = ?`)
    .all(...values, undoes);
  for (const one of corrections)
    addEntry(db, { of, name, why: 'count', at: one.at, change: -one.thousandths, undoes: one.id });
  return true;
}

/** What a run or an order has booked of one lot; what was taken is positive. */
export interface Booked {
  readonly of: StockOf;
  readonly name: string;
  readonly why: EntryReason;
  readonly thousandths: number;
}

/** Returns what a run or an order has booked so far. */
export function bookedBy(db: Db, by: { readonly run: number } | { readonly order: string }): Booked[] {
  const [where, value] = 'run' in by ? ['run_id = ?', by.run] : ['order_key = ?', by.order];
  return db
    .prepare<[string | number], PlaceRow & Omit<Booked, 'of'>>(
      `SELECT ingredient_id AS ingredientId, slab_id AS slabId, kind, lot, unit, why, name, -sum(change_thousandths) AS thousandths
       FROM stock_entry WHERE ${where} GROUP BY ingredient_id, slab_id, kind, lot, unit, why`,
    )
    .all(value)
    .map(({ name, why, thousandths, ...place }) => ({ of: ofEntry(place), name, why, thousandths }));
}

/**
 * Counts all of an ingredient: what is missing comes from the oldest lots, what is found goes to stock without a lot. Call it in a transaction.
 */
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
  for (const { lot, thousandths } of [...now!.lots].sort(oldestFirst)) {
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
