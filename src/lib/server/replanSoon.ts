import { IS_CLOSED } from '$core/orders';
import { database } from './db';
import type { Db } from './db/open';
import { ordersDue, setStatus } from './orders';
import { finishedRuns } from './runs';
import { batchesDue } from './week';
import { replan } from './weekPlan';

/** Entries of a bench come in bursts: the week is planned when they pause, ms. */
const PAUSE_MS = 2500;
const DAY_MS = 86_400_000;
/** Time of the search where a delay leaves something late, s. */
const SECONDS = 2;

let waiting: ReturnType<typeof setTimeout> | null = null;

/** Plans the rest of the week anew soon, with the fewest moves: something happened at the bench. */
export function replanSoon(): void {
  if (waiting) clearTimeout(waiting);
  waiting = setTimeout(() => {
    waiting = null;
    const db = database();
    const now = new Date();
    markMade(db, now);
    // What cannot be planned now is planned when the week is opened.
    if (batchesDue(db, now.toISOString()).some(({ run }) => run === null))
      void replan(db, now, SECONDS).catch(() => {});
  }, PAUSE_MS);
  waiting.unref();
}

/** Marks planned orders as made when every batch that they wait for is finished. */
export function markMade(db: Db, now: Date): void {
  const from = new Date(now.getTime() - 14 * DAY_MS);
  const batches = batchesDue(db, from.toISOString());
  const finished = new Set(
    finishedRuns(
      db,
      batches.flatMap(({ run }) => run ?? []),
    ),
  );
  for (const { id, occurrence, status } of ordersDue(db, { from, to: new Date(now.getTime() + 28 * DAY_MS) }, now)) {
    if (IS_CLOSED[status] || status !== 'planned') continue;
    const own = batches.filter(({ orders = [] }) =>
      orders.some((order) => order.order === id && (order.occurrence ?? '') === (occurrence ?? '')),
    );
    if (own.length > 0 && own.every(({ run }) => run !== null && finished.has(run)))
      setStatus(db, id, occurrence, 'made');
  }
}
