import type { Db } from './db/open';
import { lotsInUse } from './logbook';
import { runToLog } from './runLog';
import { firstEvents, type StoredRun } from './runs';
import { allTins } from './tins';

/** By ingredient. */
const MAX_LOTS = 4;

/** Returns runs with everything their bench needs without the server. */
export function benchData(db: Db, runs: readonly StoredRun[]) {
  const named = [...new Set(runs.flatMap(({ plan }) => plan.lines.map(({ ingredient }) => ingredient)))];
  const ids = runs.map(({ id }) => id);
  const { byRun, last, isComplete } = firstEvents(db, ids);
  return {
    last,
    isComplete,
    runs: runs.map((run) => runToLog(db, run, [...byRun.get(run.id)!])),
    rack: allTins(db),
    lots: named.flatMap((name) => lotsInUse(db, name, MAX_LOTS).map(({ ingredient, lot }) => ({ ingredient, lot }))),
  };
}
