import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';
import { eventsOf, lastSequence, openRuns } from '$lib/server/runs';

const MOST_PAST = 5;

/** What is on the bench or planned, and what was made last. */
export function load() {
  const db = database();
  return {
    last: lastSequence(db),
    runs: openRuns(db).map(({ id, plan }) => ({ id, plan, events: eventsOf(db, id) })),
    past: runsInList(db, {}, 0, MOST_PAST + 20)
      .runs.filter(({ isOpen }) => !isOpen)
      .slice(0, MOST_PAST),
  };
}
