import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';
import { codeOfAddress } from '$lib/server/addresses';
import { firstEvents, openRuns, runsOnBench } from '$lib/server/runs';
import { endOfShopDay } from '$lib/server/shopDay';
import { weekToday } from '$lib/server/weekToday';

const MAX_PAST = 5;

/** Loads runs of today, runs planned for later, recent runs, and the address for other devices. */
export async function load() {
  const db = database();
  const open = runsOnBench(db, endOfShopDay(db, new Date()));
  const isToday = new Set(open.map(({ id }) => id));
  const { byRun, last, isComplete } = firstEvents(
    db,
    open.map(({ id }) => id),
  );
  return {
    elsewhere: await codeOfAddress('/today'),
    last,
    today: weekToday(db, new Date()),
    isComplete,
    runs: open.map(({ id, plan }) => ({ id, plan, events: byRun.get(id)! })),
    later: openRuns(db)
      .filter(({ id }) => !isToday.has(id))
      .map(({ id, plan: { name, lot, begin } }) => ({ id, name, lot, begunAt: begin })),
    past: runsInList(db, {}, 0, MAX_PAST + 20)
      .runs.filter(({ status }) => status === 'finished' || status === 'stopped')
      .slice(0, MAX_PAST),
  };
}
