import { json } from '@sveltejs/kit';
import { peopleOf, workroomOf } from '$core/week';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readBlocked } from '$lib/server/requests/weekPlan';
import { wholeShop } from '$lib/server/shop';
import { addBlockedTime } from '$lib/server/week';

/** Adds a time at which something is not there: an oven out of order, somebody away, a closed day. */
export async function POST({ request }) {
  const db = database();
  const shop = wholeShop(db);
  const names = [...peopleOf(shop), ...workroomOf(shop, new Date(), 1).ovens].map(({ name }) => name);
  const body = await readBody(request, (found) => readBlocked(found, names));
  return body.ok ? json({ id: addBlockedTime(db, body.value) }, { status: 201 }) : body.response;
}
