import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';
import { codeOfAddress } from '$lib/server/addresses';
import { firstEvents, openRuns } from '$lib/server/runs';

const MAX_PAST = 5;

/** Loads runs in progress and planned, recent runs, and the address for other devices. */
export async function load() {
  const db = database();
  const open = openRuns(db);
  const { byRun, last, isComplete } = firstEvents(
    db,
    open.map(({ id }) => id),
  );
  return {
    elsewhere: await codeOfAddress('/today'),
    last,
    isComplete,
    runs: open.map(({ id, plan }) => ({ id, plan, events: byRun.get(id)! })),
    past: runsInList(db, {}, 0, MAX_PAST + 20)
      .runs.filter(({ isOpen }) => !isOpen)
      .slice(0, MAX_PAST),
  };
}
