import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';
import { codeOfAddress } from '$lib/server/addresses';
import { eventsOf, lastSequence, openRuns } from '$lib/server/runs';

const MOST_PAST = 5;

/** What is on the bench or planned, what was made last, and where another device finds it. */
export async function load() {
  const db = database();
  return {
    elsewhere: await codeOfAddress('/today'),
    last: lastSequence(db),
    runs: openRuns(db).map(({ id, plan }) => ({ id, plan, events: eventsOf(db, id) })),
    past: runsInList(db, {}, 0, MOST_PAST + 20)
      .runs.filter(({ isOpen }) => !isOpen)
      .slice(0, MOST_PAST),
  };
}
