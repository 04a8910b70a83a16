/** Entry of a worker thread: runs one task by name, and reports which thread does it. */
import { readlinkSync } from 'node:fs';
import { constants, setPriority } from 'node:os';
import * as tasks from './tasks';

/** Message to a thread. */
export interface Order {
  readonly name: keyof typeof tasks;
  readonly given: never;
  /** One number: 0 until the thread has started, then the system's id of the thread, or -1. */
  readonly thread: SharedArrayBuffer;
  /** Whether everything else on this computer goes first. */
  readonly isBackground: boolean;
}

/** Writes the system's id of this thread, for reading its processor time; -1 if unknown. */
function announce({ thread, isBackground }: Order): void {
  const started = new Int32Array(thread);
  try {
    const id = Number(readlinkSync('/proc/thread-self').split('/').at(-1));
    if (isBackground) setPriority(id, constants.priority.PRIORITY_LOW);
    Atomics.store(started, 0, id);
  } catch {
    // Not Linux: only wall-clock time is known.
    Atomics.store(started, 0, -1);
  }
}

export default function work(order: Order): unknown {
  announce(order);
  return tasks[order.name](order.given);
}
