import { error } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { runOutcomeOf } from '$lib/server/runLog';
import { eventsOf, lastSequence, runById, runContext, versionsFromRun } from '$lib/server/runs';
import { allTins } from '$lib/server/tins';

/** Loads a run with its events and, when calculated, its cost and layer thicknesses beside the plan. */
export async function load({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) error(404, 'This run does not exist');
  const { slab } = runContext(db, run.id)!;
  return {
    run,
    slab,
    events: eventsOf(db, run.id),
    last: lastSequence(db),
    outcome: await runOutcomeOf(db, run),
    versions: versionsFromRun(db, run.id),
    rack: allTins(db),
  };
}
