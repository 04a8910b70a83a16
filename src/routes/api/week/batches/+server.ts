import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readBatches } from '$lib/server/requests/weekPlan';
import { addBatches } from '$lib/server/week';

/** Adds batches by hand: all or none. */
export async function POST({ request }) {
  const db = database();
  const body = await readBody(request, (found) => readBatches(found, db));
  return body.ok ? json({ ids: addBatches(db, body.value) }, { status: 201 }) : body.response;
}
