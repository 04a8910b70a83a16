import type { RunEvent } from '../core/run';
import { shopClock } from './shopClock';
import { uuid } from './uuid';

/** What is said of an event besides its id and its moment. */
export type Happening = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'id' | 'at'> : never) : never;

/** An event that happens now. */
export const eventNow = (happening: Happening): RunEvent =>
  ({ ...happening, id: uuid(), at: new Date(shopClock.now()).toISOString() }) as RunEvent;

/** Those of some events that are not among others. */
export function unknownAmong(events: readonly RunEvent[], others: readonly RunEvent[]): RunEvent[] {
  const known = new Set(others.map(({ id }) => id));
  return events.filter(({ id }) => !known.has(id));
}
