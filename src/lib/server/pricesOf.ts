import { setTimeout } from 'node:timers/promises';
import type { Shop } from '$core/shop';
import type { Db } from './db/open';
import { allergensOfSlab } from './labels';
import { ingredientsFor } from './larder';
import type { PricedSlab, PriceRow } from './priceList';
import { shopSettings } from './shop';
import { resultKey, resultOf } from './results';
import { slabById, slabNamesFound, type KeptSlab } from './slabs';
import { runTask, type Lane } from './tasks/pool';

/** Slabs per page: each needs its schedule. */
export const PRICES_AT_ONCE = 20;

/** Returns what a slab's price depends on: the slab, its ingredients, and the shop. */
function priceInputs(db: Db, kept: KeptSlab, shop: Shop) {
  const ingredients = ingredientsFor(db, [kept.slab]);
  return { ingredients, key: resultKey('listed', kept.slab, ingredients, shop) };
}

/** Returns the cached or calculated price of a slab; `null` if the server is too busy. */
function priceOf(db: Db, kept: KeptSlab, shop: Shop, lane: Lane): Promise<PricedSlab['price'] | undefined> {
  const { ingredients, key } = priceInputs(db, kept, shop);
  return resultOf<{ price: PricedSlab['price'] }>(db, key, async () => {
    const done = await runTask('listed', { slab: { id: kept.id, slab: kept.slab }, ingredients, shop }, lane);
    if (done.ok) return { price: done.value.price };
    // A price that takes too long is empty; a busy server is asked again.
    return done.response.status === 422 ? { price: null } : null;
  }).then((found) => found?.price);
}

/** A page of the price list, as far as it is calculated. */
export interface PricedPage {
  readonly list: readonly PriceRow[];
  /** Number of prices still to come on this page. */
  readonly toCome: number;
  /** Total number of slabs. */
  readonly count: number;
}

/**
 * Returns a page of the shop's slabs with their prices, the last saved first.
 *
 * @param from how many to skip
 * @param patienceMs after this time the page comes with the prices so far; the calculation continues
 */
export async function pricedPage(db: Db, from: number, patienceMs: number): Promise<PricedPage> {
  const { names, all } = slabNamesFound(db, '', from, PRICES_AT_ONCE);
  const shop = shopSettings(db);
  const prices = new Map<number, PriceRow>();
  const working = names.map(async ({ id, name }) => {
    const kept = slabById(db, id);
    const price = kept ? await priceOf(db, kept, shop, 'general') : undefined;
    if (kept && price !== undefined) {
      const allergens = allergensOfSlab(kept.slab, ingredientsFor(db, [kept.slab]));
      prices.set(id, { id, name, price, allergens });
    }
  });
  await Promise.race([Promise.all(working), setTimeout(patienceMs, null, { ref: false })]);
  const list = names.flatMap(({ id }) => prices.get(id) ?? []);
  return { list, toCome: names.length - list.length, count: all };
}

/** Returns the price of a saved slab; `null` if it has none, or the server is too busy. */
export async function priceOfSlab(db: Db, id: number): Promise<PricedSlab['price']> {
  const kept = slabById(db, id);
  return kept ? ((await priceOf(db, kept, shopSettings(db), 'general')) ?? null) : null;
}

/**
 * Returns the prices of saved slabs; `null` for one that cannot be priced. One that is not there in time is left out.
 *
 * @param patienceMs after this time the rest is left out
 */
export async function pricesOfSlabs(
  db: Db,
  ids: readonly number[],
  patienceMs: number,
): Promise<ReadonlyMap<number, PricedSlab['price']>> {
  const shop = shopSettings(db);
  const prices = new Map<number, PricedSlab['price']>();
  const working = [...new Set(ids)].map(async (id) => {
    const kept = slabById(db, id);
    const price = kept ? await priceOf(db, kept, shop, 'general') : null;
    if (price !== undefined) prices.set(id, price);
  });
  await Promise.race([Promise.all(working), setTimeout(patienceMs, null, { ref: false })]);
  return new Map(prices);
}

/** Calculates the price of a saved slab in idle time. */
export async function warmPrice(db: Db, id: number): Promise<void> {
  const kept = slabById(db, id);
  if (kept) await priceOf(db, kept, shopSettings(db), 'background');
}
