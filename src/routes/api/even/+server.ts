import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readEvenRequest } from '$lib/server/requests/cutting';
import { withEvenness } from '$lib/server/olderNames';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

/** Cuts an uneven slab three ways: equal sizes, straight cuts of equal weight, and each strip separately. */
export async function POST({ request }) {
  const body = await readBody(request, readEvenRequest);
  if (!body.ok) return body.response;
  const { slab, shop, readings, ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const done = await runTask('even', { slab, ingredients, shop: { ...wholeShop(db), ...shop }, asked, readings });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const { surface, ways } = done.value.value;
  const { size, through, strips } = ways;
  return json({
    surface,
    ways: { size: withEvenness(size), through: withEvenness(through), strips: withEvenness(strips) },
  });
}
