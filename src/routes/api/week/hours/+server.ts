import { json } from '@sveltejs/kit';
import { peopleOf } from '$core/week';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readExtraHours } from '$lib/server/requests/weekPlan';
import { wholeShop } from '$lib/server/shop';
import { addExtraHours } from '$lib/server/week';

/** Adds hours that somebody works besides the usual ones. */
export async function POST({ request }) {
  const db = database();
  const names = peopleOf(wholeShop(db)).map(({ name }) => name);
  const body = await readBody(request, (found) => readExtraHours(found, names));
  return body.ok ? json({ id: addExtraHours(db, body.value) }, { status: 201 }) : body.response;
}
