import { database } from './db';
import { markMade } from './ordersMade';
import { batchesDue } from './week';
import { replan } from './weekPlan';

/** Entries of a bench come in bursts: the week is planned when they pause, ms. */
const PAUSE_MS = 2500;
/** Time of the search where a delay leaves something late, s. */
const SECONDS = 2;

let waiting: ReturnType<typeof setTimeout> | null = null;

/** Replans the rest of the week shortly after an entry at the bench, with the fewest moves. */
export function replanSoon(): void {
  if (waiting) clearTimeout(waiting);
  waiting = setTimeout(() => {
    waiting = null;
    void planRest().catch((error: unknown) => console.error('The week could not be replanned', error));
  }, PAUSE_MS);
  waiting.unref();
}

async function planRest(): Promise<void> {
  const db = database();
  const now = new Date();
  markMade(db, now);
  // What cannot be planned now, since the server is busy, is planned when the week is opened.
  if (batchesDue(db, now.toISOString()).some(({ run }) => run === null)) await replan(db, now, SECONDS);
}
