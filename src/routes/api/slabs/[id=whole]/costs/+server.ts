import { json } from '@sveltejs/kit';
import { larderOf } from '../../../../../core/larder';
import { costOverTime, plan } from '../../../../../core/usecases';
import { database } from '$lib/server/db';
import { problem, refused } from '$lib/server/http';
import { ingredientsFor, priceHistory, type StoredIngredient } from '$lib/server/larder';
import { readVersion } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { slabVersion } from '$lib/server/slabs';

/** What a piece of a kept slab's ingredients would have cost at the prices of other days: `?version=` of an older one. */
export function GET({ params, url }) {
  const read = readVersion(url.searchParams);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const kept = slabVersion(db, Number(params.id), read.value.version ?? null);
  if (!kept) return problem('There is no such version of this slab in the shop', '', 404);
  const ingredients = ingredientsFor(db, [kept.slab]);
  const planned = plan(kept.slab, larderOf(ingredients), wholeShop(db));
  const costs = costOverTime(planned, ingredients, (ingredient) =>
    priceHistory(db, (ingredient as StoredIngredient).id),
  );
  return json({ version: kept.version, currency: planned.cost.currency, now: planned.cost.perPiece, costs });
}
