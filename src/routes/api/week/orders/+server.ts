import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { planOrders } from '$lib/server/fromOrders';
import { readBody, refused } from '$lib/server/http';
import { readRange } from '$lib/server/requests/weekPlan';
import { slabById } from '$lib/server/slabs';
import { noBatchText } from '$wording/week';

/** Adds the batches that the open orders of a range need. */
export async function POST({ request }) {
  const body = await readBody(request, readRange);
  if (!body.ok) return body.response;
  const db = database();
  const done = await planOrders(db, new Date(body.value.from), new Date(body.value.to), new Date());
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const { added, orders, answer } = done.value.value;
  return json({
    ...{ added, orders, leftOver: answer.leftOver, cost: answer.cost, proven: answer.proven },
    missing: answer.missing.map((one) => ({
      ...one,
      message: noBatchText(one, slabById(db, one.slab)?.slab.name ?? ''),
    })),
  });
}
