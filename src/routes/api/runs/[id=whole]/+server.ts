import { json } from '@sveltejs/kit';
import { runState } from '$core/run';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { eventsOf, runById, runContext } from '$lib/server/runs';

/** Returns a run: its plan, its events, and its current state. */
export function GET({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return refusal('no-run');
  const events = eventsOf(db, run.id);
  return json({
    plan: run.plan,
    slab: runContext(db, run.id)?.slab,
    events,
    state: runState(run.plan, events, Date.now()),
  });
}
