import { figuresIn } from '$core/measure';
import { cutFitText } from '$wording/cut';
import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readCutsRequest } from '$lib/server/requests/cutting';
import { withEvenness } from '$lib/server/olderNames';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

/** Returns ways to cut a slab by count, size, mass or cost of a piece. */
export async function POST({ request }) {
  const body = await readBody(request, readCutsRequest);
  if (!body.ok) return body.response;
  const { slab, shop, ask, ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const done = await runTask('cuts', { slab, ingredients, shop: { ...wholeShop(db), ...shop }, asked, ask });
  if (!done.ok) return done.response;
  const { shownIn, measures } = { ...wholeShop(db), ...shop };
  const say = figuresIn(shownIn, slab.measures ?? measures);
  const cuts = done.value.map((cut) => ({ ...withEvenness(cut), why: cutFitText(cut.fit, say) }));
  return json({ cuts });
}
