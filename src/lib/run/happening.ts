import type { Happening, RunEvent } from '$core/run';
import { shopClock } from './shopClock';
import { uuid } from '$lib/devices/uuid';

/** An event that happens now. Where the server has not said the time, it names the device's own, so that it can be corrected. */
export function eventNow(happening: Happening): RunEvent {
  const at = new Date(shopClock.now()).toISOString();
  return { ...happening, id: uuid(), at, ...(shopClock.isSynced ? {} : { deviceAt: at }) } as RunEvent;
}

/** Those of some events that are not among others. */
export function unknownAmong(events: readonly RunEvent[], others: readonly RunEvent[]): RunEvent[] {
  const known = new Set(others.map(({ id }) => id));
  return events.filter(({ id }) => !known.has(id));
}
