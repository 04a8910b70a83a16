import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal, refused } from '$lib/server/http';
import { readStarts } from '$lib/server/requests/weekPlan';
import { savePlaces, weekRevision } from '$lib/server/week';
import { placesOf, plannedWeek, weekContext } from '$lib/server/weekPlan';

/**
 * Saves where the steps of the week go. They are placed here again, step by step, so that only a plan that holds is saved: what does not
 * fit any more is moved, and the answer says where everything is.
 */
export async function PUT({ request }) {
  const body = await readBody(request, readStarts);
  if (!body.ok) return body.response;
  const db = database();
  const { revision, starts } = body.value;
  if (weekRevision(db) !== revision) return refusal('week-changed');
  const { asked, ...context } = weekContext(db, new Date());
  const before = starts.map(({ batch, step, start }) => ({ batch: String(batch), step, start: new Date(start) }));
  const done = await plannedWeek({ ...context, asked: { ...asked, before } }, 0);
  if (!done.ok) return done.response;
  if (!done.value.ok) return refused(done.value.problems);
  const saved = savePlaces(db, revision, placesOf(done.value.value, asked.batches));
  return saved === null ? refusal('week-changed') : json({ revision: saved, plan: done.value.value });
}
