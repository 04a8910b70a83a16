import { coinDigits } from '$core/cost';
import { database } from '$lib/server/db';
import { marketDays } from '$lib/server/marketDays';
import { priceOfSlab } from '$lib/server/pricesOf';
import { wholeShop } from '$lib/server/shop';
import { slabNames } from '$lib/server/slabs';

/** Loads the markets of one slab, `?slab=`, with the price and the cost of its pieces. */
export async function load({ url }) {
  const db = database();
  const slabs = slabNames(db).map(({ id, name }) => ({ id, name }));
  const given = Number(url.searchParams.get('slab'));
  const [last] = marketDays(db);
  const slab = slabs.find(({ id }) => id === given)?.id ?? last?.slab ?? slabs[0]?.id ?? null;
  const days = slab === null ? [] : marketDays(db, slab);
  const price = slab === null ? null : await priceOfSlab(db, slab);
  const coin = 10 ** coinDigits(wholeShop(db).currency);
  const [kind] = price?.kinds ?? [];
  return { slabs, slab, days, piece: kind ? { price: kind.price / coin, cost: kind.cost / coin } : null };
}
