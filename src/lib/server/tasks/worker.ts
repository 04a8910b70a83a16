/** The entry of a worker thread: runs one task by its name, and says which thread does it. */
import { readlinkSync } from 'node:fs';
import { constants, setPriority } from 'node:os';
import * as tasks from './tasks';

/** What a thread is sent. */
export interface Order {
  readonly name: keyof typeof tasks;
  readonly given: never;
  /** One number: the system's id of the thread, once it has begun. */
  readonly thread: SharedArrayBuffer;
  /** Whether whatever else runs on this machine goes first. */
  readonly isBackground: boolean;
}

/** Writes the system's id of this thread, by which its processor time can be read; leaves 0 where there is none. */
function announce({ thread, isBackground }: Order): void {
  try {
    const id = Number(readlinkSync('/proc/thread-self').split('/').at(-1));
    if (isBackground) setPriority(id, constants.priority.PRIORITY_LOW);
    Atomics.store(new Int32Array(thread), 0, id);
  } catch {
    // Not Linux: only the time by the clock is known.
  }
}

export default function work(order: Order): unknown {
  announce(order);
  return tasks[order.name](order.given);
}
