import { json } from '@sveltejs/kit';
import { ORDER_STATUSES, type OrderStatus } from '$core/orders';
import { isMoment } from '$core/validation';
import { database } from '$lib/server/db';
import { readBody, refusal, refused } from '$lib/server/http';
import { addOrder, ordersDue } from '$lib/server/orders';
import { booksIfSold } from '$lib/server/profit/saleBooks';
import { tagged } from '$lib/server/tagged';
import { orderProblems, readOrderBody } from '$lib/server/requests/orders';

/** Lists the orders due in a range: `?from&to&status`, a standing order once for each occurrence. */
export function GET({ request, url }) {
  const momentIn = (name: string) => url.searchParams.get(name);
  for (const name of ['from', 'to']) {
    const given = momentIn(name);
    if (given !== null && !isMoment(given)) return refusal('not-a-range', name);
  }
  const status = url.searchParams.get('status');
  if (status !== null && !ORDER_STATUSES.includes(status as OrderStatus))
    return refusal('no-such-status', ORDER_STATUSES.join(', '));
  const [from, to] = ['from', 'to'].map((name) => momentIn(name)).map((text) => (text ? new Date(text) : undefined));
  const orders = ordersDue(database(), { from, to }, new Date());
  return tagged(request, { orders: status === null ? orders : orders.filter((order) => order.status === status) });
}

/** Adds an order. */
export async function POST({ request }) {
  const body = await readBody(request, readOrderBody);
  if (!body.ok) return body.response;
  const db = database();
  const problems = orderProblems(db, body.value, new Date());
  if (problems.length > 0) return refused(problems);
  return json(addOrder(db, body.value, await booksIfSold(db, null, body.value)), { status: 201 });
}
