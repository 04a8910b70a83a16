import { json } from '@sveltejs/kit';
import { priceAnswer } from '$lib/server/priceAnswer';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readPriceRequest } from '$lib/server/requests/selling';
import { wholeShop } from '$lib/server/shop';
import { cachedTask } from '$lib/server/tasks/cached';

/** Returns the cost of a run, the prices of its pieces and what it earns, with labour and energy from its schedule. */
export async function POST({ request }) {
  const body = await readBody(request, readPriceRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const done = await cachedTask(db, 'price', { slab, ingredients, shop: { ...wholeShop(db), ...overrides }, asked });
  if (!done.ok) return done.response;
  return done.value.ok ? json(priceAnswer(done.value.value)) : refused(done.value.problems);
}
