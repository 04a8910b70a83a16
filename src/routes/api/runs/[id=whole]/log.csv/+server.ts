import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { eventsTable } from '$lib/server/logOut';
import { eventsOf, runById } from '$lib/server/runs';

/** Returns the events of a run as CSV. */
export function GET({ params }) {
  const db = database();
  const run = runById(db, Number(params.id));
  if (!run) return refusal('no-run');
  return new Response(eventsTable(run.plan, eventsOf(db, run.id)), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename="${run.plan.lot}.csv"`,
    },
  });
}
