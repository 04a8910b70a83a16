import type { RunEvent } from '../core/run';
import { forgetText, storedKeys, storedText, storeText } from './deviceStore';
import { uuid } from './uuid';

/** What is said of an event besides its id and its moment. */
export type Happening = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'id' | 'at'> : never) : never;

/** An event that happens now. */
export const eventNow = (happening: Happening): RunEvent =>
  ({ ...happening, id: uuid(), at: new Date().toISOString() }) as RunEvent;

/** Those of some events that are not among others. */
export function unknownAmong(events: readonly RunEvent[], others: readonly RunEvent[]): RunEvent[] {
  const known = new Set(others.map(({ id }) => id));
  return events.filter(({ id }) => !known.has(id));
}

/**
 * Events of a run that the server does not have yet, on this device. Each lies under a key of its own, so that no window writes over
 * another's; what the device does not take waits in memory.
 */
export class WaitingEvents {
  readonly #prefix: string;
  #unstored: readonly RunEvent[] = [];

  constructor(run: number) {
    this.#prefix = `knife-tray run ${run} `;
  }

  /** Puts an event by; false where the device did not take it. */
  put(event: RunEvent): boolean {
    const isStored = storeText('device', this.#prefix + event.id, JSON.stringify(event));
    if (!isStored) this.#unstored = [...this.#unstored, event];
    return isStored;
  }

  /** All of them, in the order of their moments. */
  all(): RunEvent[] {
    const stored = storedKeys(this.#prefix).flatMap((key) => {
      try {
        return [JSON.parse(storedText('device', key) ?? '') as RunEvent];
      } catch {
        return [];
      }
    });
    return [...stored, ...this.#unstored].sort((a, b) => (a.at < b.at ? -1 : 1));
  }

  /** Forgets events that the server has. */
  remove(events: readonly RunEvent[]): void {
    for (const { id } of events) forgetText('device', this.#prefix + id);
    this.#unstored = unknownAmong(this.#unstored, events);
  }
}
