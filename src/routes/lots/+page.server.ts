import { lotsInUse, runsInList } from '$lib/server/logbook';
import { database } from '$lib/server/db';
import { pageOf } from '$lib/forms/pages';
import { eventsOf, runById } from '$lib/server/runs';

const MAX_LOTS = 200;
const MAX_RUNS = 200;

/** Loads a lot of an ingredient with the runs that used it, or a run's own lot with its ingredients; without a lot, the lots last used. */
export function load({ url }) {
  const { sought } = pageOf(url, 1);
  const lot = sought.trim();
  const db = database();
  const into = lot === '' ? [] : runsInList(db, { lot }, 0, MAX_RUNS).runs;
  const own = lot === '' ? [] : runsInList(db, { words: lot }, 0, MAX_RUNS).runs.filter((run) => run.lot === lot);
  const madeOf = own.flatMap(({ id }) => {
    const run = runById(db, id);
    const lots = new Map(
      eventsOf(db, id).flatMap((event) => (event.kind === 'lot' ? [[event.ingredient, event.lot] as const] : [])),
    );
    const names = [...new Set(run?.plan.lines.map(({ ingredient }) => ingredient))];
    return [{ id, lines: names.map((ingredient) => ({ ingredient, lot: lots.get(ingredient) ?? null })) }];
  });
  return { lot, into, own, madeOf, lots: lotsInUse(db, null, MAX_LOTS) };
}
