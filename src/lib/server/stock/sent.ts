import { coinDigits } from '$core/cost';
import { inThousandths, type StockEntry } from '$core/stock';
import { problem, type Problem } from '$core/validation';
import type { Db } from '../db/open';
import { forgetReads } from '../db/reads';
import { ingredientsNamed, saveIngredient, type StoredIngredient } from '../larder';
import type { SentEntry } from '../requests/stock';
import { shopSettings } from '../shop';
import { slabById } from '../slabs';
import { addEntry, entryById, undoEntry, type EntryFacts, type StockOf } from './ledger';

/** What came of entries: numbers of new and known ones, and what is wrong with the others. */
export interface EntriesAdded {
  readonly added: number;
  readonly known: number;
  readonly problems: readonly Problem[];
}

interface Resolved {
  readonly of: StockOf;
  readonly name: string;
  readonly ingredient: StoredIngredient | null;
}

/** Returns what an entry is of, or what is wrong with its names. */
function resolved(db: Db, { of, lot = of.lot ?? '', unit }: StockEntry, at: string): Resolved | Problem {
  if (of.ingredient !== undefined) {
    const [own] = ingredientsNamed(db, [of.ingredient], 0);
    if (!own) return problem(`${at}/of/ingredient`, 'no-such-ingredient');
    if (unit !== 'g') return problem(`${at}/unit`, 'unit-of-ingredient');
    return { of: { ingredient: own.id, lot }, name: own.name, ingredient: own };
  }
  const kept = slabById(db, of.slab!);
  if (!kept) return problem(`${at}/of/slab`, 'no-such-slab');
  return { of: { slab: of.slab!, kind: of.kind ?? '', lot, unit }, name: kept.slab.name, ingredient: null };
}

/**
 * Adds entries that devices and programs send, each once by its id. Entries that cannot be added are named and do not hold up the others, so
 * that a device that was offline is never stuck.
 */
export function addStockEntries(db: Db, entries: readonly SentEntry[]): EntriesAdded {
  return db
    .transaction((): EntriesAdded => {
      const answers = entries.map((sent) => addSent(db, sent));
      const added = answers.filter((answer) => answer === 'added').length;
      if (added > 0) forgetReads(db, 'larder');
      const problems = answers.flatMap((answer) => (typeof answer === 'string' ? [] : [answer]));
      return { added, known: answers.length - added - problems.length, problems };
    })
    .immediate();
}

function addSent(db: Db, { path, entry }: SentEntry): 'added' | 'known' | Problem {
  const { id, why, at, change, counted, keepsUntil = null, undoes } = entry;
  if (entryById(db, id)) return 'known';
  if (undoes !== undefined) return undoEntry(db, id, undoes) ? 'added' : problem(`${path}/undoes`, 'not-undoable');
  const place = resolved(db, entry, path);
  if ('code' in place) return place;
  const { of, name, ingredient } = place;
  if (ingredient && counted === undefined) openLedger(db, ingredient, at);
  addEntry(db, {
    ...{ id, of, name, why, at, keepsUntil, facts: factsOf(entry, shopSettings(db).currency) },
    change: counted === undefined ? inThousandths(change!) : { counted: inThousandths(counted) },
  });
  if (ingredient && why === 'delivery') takePrice(db, ingredient, entry);
  return 'added';
}

const factsOf = ({ price, pack, supplier, note }: StockEntry, currency: string): EntryFacts => ({
  ...(price === undefined ? {} : { price, currency }),
  ...(pack ? { pack } : {}),
  ...(supplier ? { supplier } : {}),
  ...(note ? { note } : {}),
});

/** Cancels what runs used before the first entry by hand: it came from a shelf that nobody had counted. */
function openLedger(db: Db, { id, name }: StoredIngredient, at: string): void {
  if (db.prepare('SELECT 1 FROM stock_known WHERE ingredient_id = ?').get(id)) return;
  const lots = db
    .prepare<[number], { lot: string; sum: number }>(
      'SELECT lot, thousandths AS sum FROM stock_held WHERE ingredient_id = ? AND thousandths <> 0',
    )
    .all(id);
  for (const { lot, sum } of lots) addEntry(db, { of: { ingredient: id, lot }, name, change: -sum, why: 'count', at });
}

/** Takes the price of a delivery as the new price of the pack that was delivered, with its history. */
function takePrice(db: Db, { id, revision, ...ingredient }: StoredIngredient, entry: StockEntry): void {
  const { pack: name, price, change = 0, at } = entry;
  const packs = ingredient.packs ?? [];
  const p = name === undefined ? -1 : packs.findIndex((own) => own.name === name);
  const pack = packs[p];
  if (!pack || price === undefined || change <= 0) return;
  const coins = 10 ** coinDigits(shopSettings(db).currency);
  const each = Math.round((price / (change / pack.massG)) * coins) / coins;
  const { currency: _currency, ...rest } = pack;
  const next = { ...rest, price: each, pricedOn: at.slice(0, 10) };
  saveIngredient(
    db,
    { ...ingredient, packs: packs.map((own, i) => (i === p ? next : own)) },
    { id, revision },
    at.slice(0, 10),
  );
}
