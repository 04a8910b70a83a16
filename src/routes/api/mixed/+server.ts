import { mixedRefusalText } from '$wording/cut';
import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readMixedRequest } from '$lib/server/requests/cutting';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

/** Finds the best two-stage cut of a slab, or of a sheet of some size, into several piece types. */
export async function POST({ request }) {
  const body = await readBody(request, readMixedRequest);
  if (!body.ok) return body.response;
  const { slab, shop, tins, scale, cut, ...question } = body.value;
  const db = database();
  const of = slab && {
    slab,
    ingredients: ingredientsFor(db, [slab], scale),
    shop: { ...wholeShop(db), ...shop },
    asked: { tins, scale, cut },
  };
  const done = await runTask('mixed', { question, of });
  if (!done.ok) return done.response;
  const { refusal } = done.value;
  return json(refusal ? { ...done.value, why: mixedRefusalText(refusal) } : done.value);
}
