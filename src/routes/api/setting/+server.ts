import { figuresIn } from '$core/measure';
import { setReasonText } from '$wording/setting';
import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readSettingRequest } from '$lib/server/requests/services';
import { wholeShop } from '$lib/server/shop';
import { cachedTask, withoutPrices } from '$lib/server/tasks/cached';
import { runTask } from '$lib/server/tasks/pool';

/** Simulates heat through given layers, or returns how the layers of a slab set in their places. */
export async function POST({ request }) {
  const body = await readBody(request, readSettingRequest);
  if (!body.ok) return body.response;
  if ('raw' in body.value) {
    const done = await runTask('heat', body.value.raw);
    return done.ok ? json(done.value) : done.response;
  }
  const { slab, shop, stays = [], ...asked } = body.value.slab;
  const db = database();
  const ingredients = withoutPrices(ingredientsFor(db, [slab], asked.scale));
  const used = { ...wholeShop(db), ...shop };
  const done = await cachedTask(db, 'setting', { slab, ingredients, shop: used, asked, stays });
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const say = figuresIn(used.shownIn, slab.measures ?? used.measures);
  const layers = done.value.value.layers.map((layer) => ({ ...layer, why: setReasonText(layer.reason, say) }));
  return json({ ...done.value.value, layers });
}
