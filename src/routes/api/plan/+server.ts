import { database } from '$lib/server/db';
import { jsonOf, readBody } from '$lib/server/http';
import { allergensOfSlab } from '$lib/server/labels';
import { ingredientsFor } from '$lib/server/larder';
import { plannedAsAsked } from '$lib/server/planned';
import { planAnswer } from '$lib/server/planAnswer';
import { readPlanRequest } from '$lib/server/requests/plan';
import { wholeShop } from '$lib/server/shop';

/** Computes a plan with the shop's larder; the slab's own entries win. */
export async function POST({ request }) {
  const body = await readBody(request, readPlanRequest);
  if (!body.ok) return body.response;
  const { slab, shop: overrides, ...asked } = body.value;
  const db = database();
  const ingredients = ingredientsFor(db, [slab], asked.scale);
  const shop = { ...wholeShop(db), ...overrides };
  const done = await plannedAsAsked(slab, ingredients, shop, asked);
  if (!done.ok) return done.response;
  const allergens = allergensOfSlab(slab, ingredients);
  return jsonOf(planAnswer(done.value, slab, shop, allergens));
}
