import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import type { PricedSlab } from './priceList';
import { wholeShop } from './shop';
import { slabById, slabNames } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';

/** So many slabs are priced for one page: each takes the work of its day to be laid out. */
export const PRICES_AT_ONCE = 20;

/** A page of the shop's slabs with their prices, the last kept first, and how many slabs there are. */
export async function pricedPage(
  db: Db,
  from: number,
): Promise<{ readonly done: TaskDone<PricedSlab[]>; readonly count: number }> {
  const names = slabNames(db);
  const slabs = names.slice(from, from + PRICES_AT_ONCE).flatMap(({ id }) => {
    const kept = slabById(db, id);
    return kept ? [{ id, slab: kept.slab }] : [];
  });
  const ingredients = ingredientsFor(
    db,
    slabs.map(({ slab }) => slab),
  );
  return { done: await runTask('prices', { slabs, ingredients, shop: wholeShop(db) }), count: names.length };
}
