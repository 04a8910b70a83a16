import type { Happening, RunEvent } from '$core/run';
import { shopClock } from './shopClock';
import { uuid } from '$lib/devices/uuid';

/** Returns an event for now. Without the server's time it includes the device's own, so that it can be corrected. */
export function eventNow(happening: Happening): RunEvent {
  const at = new Date(shopClock.now()).toISOString();
  return { ...happening, id: uuid(), at, ...(shopClock.isSynced ? {} : { deviceAt: at }) } as RunEvent;
}

/** Returns the events that are not in another list. */
export function unknownAmong(events: readonly RunEvent[], others: readonly RunEvent[]): RunEvent[] {
  const known = new Set(others.map(({ id }) => id));
  return events.filter(({ id }) => !known.has(id));
}
