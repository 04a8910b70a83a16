import { IS_CLOSED } from '$core/orders';
import type { Db } from './db/open';
import { ordersDue, setStatus } from './orders';
import { finishedRuns } from './runs';
import { batchesDue } from './week';

const DAY_MS = 86_400_000;

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
