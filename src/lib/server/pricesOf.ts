import { setTimeout } from 'node:timers/promises';
import type { Shop } from '$core/shop';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import type { PricedSlab } from './priceList';
import { shopSettings } from './shop';
import { resultKey, resultOf } from './results';
import { slabById, slabNamesFound, type KeptSlab } from './slabs';
import { runTask, type Lane } from './tasks/pool';

/** So many slabs are priced for one page: each takes the work of its day to be laid out. */
export const PRICES_AT_ONCE = 20;

/** What each slab's price depends on: the slab, the ingredients that it names, and the shop. */
function priceInputs(db: Db, kept: KeptSlab, shop: Shop) {
  const ingredients = ingredientsFor(db, [kept.slab]);
  return { ingredients, key: resultKey('price', kept.slab, ingredients, shop) };
}

/** Finds or works out the price of a slab; null where the server is too busy for it now. */
function priceOf(db: Db, kept: KeptSlab, shop: Shop, lane: Lane): Promise<PricedSlab['price'] | undefined> {
  const { ingredients, key } = priceInputs(db, kept, shop);
  return resultOf<{ price: PricedSlab['price'] }>(db, key, async () => {
    const done = await runTask('listed', { slab: { id: kept.id, slab: kept.slab }, ingredients, shop }, lane);
    if (done.ok) return { price: done.value.price };
    // One that takes too long has no price; where others wait before it, it is asked for again.
    return done.response.status === 422 ? { price: null } : null;
  }).then((found) => found?.price);
}

/** A page of the price list, as far as it has been worked out. */
export interface PricedPage {
  readonly list: readonly PricedSlab[];
  /** So many of the page are still to come: whoever asks again gets more of them. */
  readonly toCome: number;
  /** How many slabs there are in all. */
  readonly count: number;
}

/**
 * A page of the shop's slabs with their prices, the last saved first.
 *
 * @param from how many to skip
 * @param patienceMs after this long the page is given as far as it is worked out; the work goes on
 */
export async function pricedPage(db: Db, from: number, patienceMs: number): Promise<PricedPage> {
  const { names, all } = slabNamesFound(db, '', from, PRICES_AT_ONCE);
  const shop = shopSettings(db);
  const prices = new Map<number, PricedSlab>();
  const working = names.map(async ({ id, name }) => {
    const kept = slabById(db, id);
    const price = kept ? await priceOf(db, kept, shop, 'general') : undefined;
    if (price !== undefined) prices.set(id, { id, name, price });
  });
  await Promise.race([Promise.all(working), setTimeout(patienceMs, null, { ref: false })]);
  const list = names.flatMap(({ id }) => prices.get(id) ?? []);
  return { list, toCome: names.length - list.length, count: all };
}

/** Works out what a slab that was just saved will be asked for, while nothing else waits. */
export async function warmPrice(db: Db, id: number): Promise<void> {
  const kept = slabById(db, id);
  if (kept) await priceOf(db, kept, shopSettings(db), 'background');
}
