import type { Happening, RunEvent } from '../core/run';
import { shopClock } from './shopClock';
import { uuid } from './uuid';

/** An event that happens now. */
export const eventNow = (happening: Happening): RunEvent =>
  ({ ...happening, id: uuid(), at: new Date(shopClock.now()).toISOString() }) as RunEvent;

/** Those of some events that are not among others. */
export function unknownAmong(events: readonly RunEvent[], others: readonly RunEvent[]): RunEvent[] {
  const known = new Set(others.map(({ id }) => id));
  return events.filter(({ id }) => !known.has(id));
}
