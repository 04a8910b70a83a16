import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readBatches } from '$lib/server/requests/weekPlan';
import { addBatches, batchesDue, weekRevision } from '$lib/server/week';

/** Adds batches by hand: all or none. */
export async function POST({ request }) {
  const db = database();
  const body = await readBody(request, (found) => readBatches(found, db));
  return body.ok ? json({ ids: addBatches(db, body.value) }, { status: 201 }) : body.response;
}

const DAY_MS = 86_400_000;
/** How far back batches are listed, days. */
const BACK_DAYS = 14;

/** Lists the batches of the last two weeks and from now on, with where their steps are placed. */
export function GET() {
  const db = database();
  const from = new Date(Date.now() - BACK_DAYS * DAY_MS).toISOString();
  return json({ revision: weekRevision(db), batches: batchesDue(db, from) });
}
