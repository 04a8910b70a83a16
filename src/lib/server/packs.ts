import { coinDigits } from '$core/cost';
import type { Pack } from '$core/larder';
import type { Db } from './db/open';
import { shopSettings } from './shop';

/** Packs of ingredients, their prices in whole coins, and what their prices were before. */

interface PackRow {
  readonly ingredientId: number;
  readonly name: string;
  readonly massG: number;
  readonly priceMinor: number | null;
  readonly pricedOn: string | null;
  readonly currency: string | null;
  readonly supplier: string | null;
}

const PACKS =
  'SELECT ingredient_id AS ingredientId, name, mass_g AS massG, price_minor AS priceMinor, priced_on AS pricedOn, currency, supplier FROM pack';

/** Smallest coins per unit of a currency, cached. */
function coinsByCurrency(): (currency: string) => number {
  const known = new Map<string, number>();
  return (currency) => {
    const coins = known.get(currency) ?? 10 ** coinDigits(currency);
    known.set(currency, coins);
    return coins;
  };
}

/**
 * Returns the packs of ingredients, the usual one first.
 *
 * @param ids all where left out
 */
export function packsOf(db: Db, ids?: readonly number[]): ReadonlyMap<number, readonly Pack[]> {
  const among = ids ? 'WHERE ingredient_id IN (SELECT value FROM json_each(?))' : '';
  const rows = db
    .prepare<unknown[], PackRow>(`${PACKS} ${among} ORDER BY ingredient_id, position`)
    .all(...(ids ? [JSON.stringify(ids)] : []));
  const { currency: shops } = shopSettings(db);
  const coinsOf = coinsByCurrency();
  const packs = new Map<number, Pack[]>();
  for (const { ingredientId, name, massG, priceMinor, pricedOn, currency, supplier } of rows) {
    const list = packs.get(ingredientId) ?? [];
    const priced = priceMinor !== null && currency !== null;
    list.push({
      name,
      massG,
      ...(priced ? { price: priceMinor / coinsOf(currency) } : {}),
      ...(pricedOn === null ? {} : { pricedOn }),
      ...(priced && currency !== shops ? { currency } : {}),
      ...(supplier === null ? {} : { supplier }),
    });
    packs.set(ingredientId, list);
  }
  return packs;
}

/**
 * Replaces the packs of an ingredient. A price that differs from the last one of its pack goes into the history.
 *
 * @param today YYYY-MM-DD
 */
export function replacePacks(db: Db, ingredientId: number, packs: readonly Pack[], today: string): void {
  const shops = shopSettings(db).currency;
  const coinsOf = coinsByCurrency();
  db.prepare('DELETE FROM pack WHERE ingredient_id = ?').run(ingredientId);
  const insert = db.prepare(
    'INSERT INTO pack (ingredient_id, position, name, mass_g, price_minor, priced_on, currency, supplier) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
  );
  const last = db.prepare<
    [number, string],
    { priceMinor: number; massG: number; pricedOn: string; currency: string | null }
  >(
    `SELECT price_minor AS priceMinor, mass_g AS massG, priced_on AS pricedOn, currency FROM pack_price
     WHERE ingredient_id = ? AND pack_name = ? ORDER BY priced_on DESC, id DESC LIMIT 1`,
  );
  const note = db.prepare(
    `INSERT INTO pack_price (ingredient_id, pack_name, mass_g, price_minor, priced_on, currency) VALUES (?, ?, ?, ?, ?, ?)
     ON CONFLICT (ingredient_id, pack_name, priced_on, currency)
     DO UPDATE SET price_minor = excluded.price_minor, mass_g = excluded.mass_g`,
  );
  packs.forEach(({ name, massG, price, pricedOn, currency = shops, supplier }, position) => {
    const minor = price === undefined ? null : Math.round(price * coinsOf(currency));
    const before = last.get(ingredientId, name);
    const moved =
      minor !== null &&
      (before?.priceMinor !== minor || before.massG !== massG || (before.currency ?? currency) !== currency);
    // A new price under the day of the old one counts from today.
    const isNew = moved && (pricedOn === undefined || pricedOn === before?.pricedOn);
    const day = minor === null ? null : isNew ? today : (pricedOn ?? null);
    insert.run(ingredientId, position, name, massG, minor, day, minor === null ? null : currency, supplier || null);
    if (minor !== null && moved) note.run(ingredientId, name, massG, minor, day ?? today, currency);
  });
}

/** A past price of a pack, valid from a day. */
export interface PastPrice {
  readonly pack: string;
  readonly massG: number;
  readonly price: number;
  readonly currency: string;
  readonly pricedOn: string;
}

/** Returns all prices of an ingredient's packs, the oldest first. */
export function priceHistory(db: Db, ingredientId: number): PastPrice[] {
  const coinsOf = coinsByCurrency();
  return db
    .prepare<[number], Omit<PastPrice, 'price'> & { priceMinor: number }>(
      `SELECT pack_name AS pack, mass_g AS massG, price_minor AS priceMinor, priced_on AS pricedOn, currency
       FROM pack_price WHERE ingredient_id = ? ORDER BY priced_on, id`,
    )
    .all(ingredientId)
    .map(({ priceMinor, ...row }) => ({ ...row, price: priceMinor / coinsOf(row.currency) }));
}
