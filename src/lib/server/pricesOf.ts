import { changeStamp, type Db } from './db/open';
import { ingredientsFor } from './larder';
import type { PricedSlab } from './priceList';
import { wholeShop } from './shop';
import { slabById, slabNames } from './slabs';
import { runTask } from './tasks/pool';

/** So many slabs are priced for one page: each takes the work of its day to be laid out. */
export const PRICES_AT_ONCE = 20;

/** Prices that have been worked out, until anything in the database changes. */
let worked = { stamp: '', prices: new Map<number, PricedSlab>() };

/** A page of the price list, as far as it has been worked out. */
export interface PricedPage {
  readonly list: readonly PricedSlab[];
  /** So many of the page are still to come: whoever asks again gets more of them. */
  readonly toCome: number;
  /** How many slabs there are in all. */
  readonly count: number;
}

/**
 * A page of the shop's slabs with their prices, the last kept first.
 *
 * @param from how many to pass over
 * @param patienceMs after so long no further slab is begun
 */
export async function pricedPage(db: Db, from: number, patienceMs: number): Promise<PricedPage> {
  const names = slabNames(db);
  const page = names.slice(from, from + PRICES_AT_ONCE);
  const stamp = changeStamp(db);
  if (stamp !== worked.stamp) worked = { stamp, prices: new Map() };
  const { prices } = worked;
  const shop = wholeShop(db);
  const until = performance.now() + patienceMs;
  for (const { id, name } of page) {
    if (prices.has(id)) continue;
    if (performance.now() > until) break;
    const kept = slabById(db, id);
    if (!kept) continue;
    const done = await runTask('listed', {
      slab: { id, slab: kept.slab },
      ingredients: ingredientsFor(db, [kept.slab]),
      shop,
    });
    // One that takes too long has no price; where others wait before it, it is asked for again.
    if (done.ok) prices.set(id, done.value);
    else if (done.response.status === 422) prices.set(id, { id, name, price: null });
    else break;
  }
  const list = page.flatMap(({ id }) => prices.get(id) ?? []);
  return { list, toCome: page.length - list.length, count: names.length };
}
