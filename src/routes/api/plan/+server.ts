import { larderOf } from '../../../core/larder';
import { tinsOf, cutWork } from '../../../core/slab';
import { asksForTins, plan } from '../../../core/usecases';
import { database } from '$lib/server/db';
import { jsonOf, readBody } from '$lib/server/http';
import { ingredientsFor } from '$lib/server/larder';
import { readPlanRequest } from '$lib/server/requests/plan';
import { wholeShop } from '$lib/server/shop';
import { runTask } from '$lib/server/tasks/pool';

/** Up to this share of the most cutting a plan is worked out at once; beyond it, and for orders, in a thread of its own. */
const AT_ONCE = 0.1;

/** The whole computation as a service. The larder is the shop's, and the slab's own entries win. */
export async function POST({ request }) {
  const body = await readBody(request, readPlanRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const shop = { ...wholeShop(db), ...overrides };
  const { layers } = slab;
  const heavy = cutWork({ layers, tins: asked.tins ?? tinsOf(slab), cut: asked.cut ?? slab.cut }) > AT_ONCE;
  if (!heavy && !asksForTins(slab, asked)) return jsonOf(plan(slab, larderOf(ingredients), shop, asked));
  const done = await runTask('plan', { slab, ingredients, shop, asked });
  return done.ok ? jsonOf(done.value) : done.response;
}
