import { json } from '@sveltejs/kit';
import { costOverTime } from '$core/usecases';
import { database } from '$lib/server/db';
import { refusal, refused } from '$lib/server/http';
import { ingredientsFor, type StoredIngredient } from '$lib/server/larder';
import { priceHistory } from '$lib/server/packs';
import { planned } from '$lib/server/planned';
import { readVersion } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { slabVersion } from '$lib/server/slabs';

/** Returns the ingredient cost per piece over time: `?version=` of an older version. */
export async function GET({ params, url }) {
  const read = readVersion(url.searchParams);
  if (!read.ok) return refused(read.problems);
  const db = database();
  const kept = slabVersion(db, Number(params.id), read.value.version ?? null);
  if (!kept) return refusal('no-version');
  const ingredients = ingredientsFor(db, [kept.slab]);
  const done = await planned(kept.slab, ingredients, wholeShop(db));
  if (!done.ok) return done.response;
  const { cost } = done.value;
  const costs = costOverTime(done.value, ingredients, (ingredient) =>
    priceHistory(db, (ingredient as StoredIngredient).id),
  );
  return json({ version: kept.version, currency: cost.currency, now: cost.perPiece, costs });
}
