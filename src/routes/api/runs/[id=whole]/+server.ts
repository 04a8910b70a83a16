import { json } from '@sveltejs/kit';
import { runState } from '../../../../core/run';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { eventsAfter, runById, runSlab } from '$lib/server/runs';

/** A run: what it was begun with, its events, and what they have made of it by now. */
export function GET({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return problem('There is no such run', '', 404);
  const events = eventsAfter(db, run.id, 0).map(({ event }) => event);
  return json({ plan: run.plan, slab: runSlab(db, run.id), events, state: runState(run.plan, events, Date.now()) });
}
