import { json } from '@sveltejs/kit';
import { larderOf } from '../../../core/larder';
import { plan } from '../../../core/usecases/plan';
import { readPlanRequest } from '../../../lib/server/requests/plan';
import { database } from '$lib/server/db';
import { bodyJson, refused } from '$lib/server/http';
import { allIngredients } from '$lib/server/larder';
import { withTinsForOrder } from '$lib/server/order';
import { wholeShop } from '$lib/server/shop';

/** The whole computation as a service. The larder is the shop's, and the slab's own entries win. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readPlanRequest(body.value);
  if (!read.ok) return refused(read.problems);
  const { slab, shop: said, ...asked } = read.value;
  const db = database();
  const larder = larderOf(allIngredients(db));
  const shop = { ...wholeShop(db), ...said };
  return json(plan(slab, larder, shop, await withTinsForOrder(slab, larder, shop, asked)));
}
