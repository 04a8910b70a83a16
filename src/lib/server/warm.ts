import type { Db } from './db/open';
import { warmRun } from './planRun';
import { warmPrice } from './pricesOf';

/** Computes price and schedule of a saved slab in idle time. An error shows when the result is requested. */
export function warm(db: Db, slabId: number): void {
  setImmediate(() => void Promise.allSettled([warmPrice(db, slabId), warmRun(db, slabId)]));
}
