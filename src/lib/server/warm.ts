import type { Db } from './db/open';
import { warmRun } from './planRun';
import { warmPrice } from './pricesOf';

/**
 * Works out, while nothing else waits, what a slab that was just saved will be asked for: its price and its day. An error
 * shows up when the result is requested.
 */
export function warm(db: Db, slabId: number): void {
  setImmediate(() => void Promise.allSettled([warmPrice(db, slabId), warmRun(db, slabId)]));
}
