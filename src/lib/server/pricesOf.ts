import { changeStamp, type Db } from './db/open';
import { ingredientsFor } from './larder';
import type { PricedSlab } from './priceList';
import { wholeShop } from './shop';
import { slabById, slabNames } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';

/** So many slabs are priced for one page: each takes the work of its day to be laid out. */
export const PRICES_AT_ONCE = 20;

/** Prices that have been worked out, until anything in the database changes. */
let worked = { stamp: '', prices: new Map<number, PricedSlab>() };

/**
 * A page of the shop's slabs with their prices, the last kept first.
 *
 * @param from how many to pass over
 * @returns the page, and how many slabs there are in all
 */
export async function pricedPage(
  db: Db,
  from: number,
): Promise<{ readonly done: TaskDone<PricedSlab[]>; readonly count: number }> {
  const names = slabNames(db);
  const page = names.slice(from, from + PRICES_AT_ONCE);
  const stamp = changeStamp(db);
  if (stamp !== worked.stamp) worked = { stamp, prices: new Map() };
  const { prices } = worked;
  const missing = page.flatMap(({ id }) => {
    const kept = prices.has(id) ? null : slabById(db, id);
    return kept ? [{ id, slab: kept.slab }] : [];
  });
  if (missing.length > 0) {
    const ingredients = ingredientsFor(
      db,
      missing.map(({ slab }) => slab),
    );
    const done = await runTask('prices', { slabs: missing, ingredients, shop: wholeShop(db) });
    if (!done.ok) return { done, count: names.length };
    for (const price of done.value) prices.set(price.id, price);
  }
  const value = page.flatMap(({ id }) => prices.get(id) ?? []);
  return { done: { ok: true, value }, count: names.length };
}
