/** The entry of a worker thread: runs one task by its name, and says which thread does it. */
import { readlinkSync } from 'node:fs';
import * as tasks from './tasks';

/** What a thread is sent. */
export interface Order {
  readonly name: keyof typeof tasks;
  readonly given: never;
  /** One number: the system's id of the thread, once it has begun. */
  readonly thread: SharedArrayBuffer;
}

/** Writes the system's id of this thread, by which its processor time can be read; leaves 0 where there is none. */
function announce(thread: SharedArrayBuffer): void {
  try {
    Atomics.store(new Int32Array(thread), 0, Number(readlinkSync('/proc/thread-self').split('/').at(-1)));
  } catch {
    // Not Linux: only the time by the clock is known.
  }
}

export default function work({ name, given, thread }: Order): unknown {
  announce(thread);
  return tasks[name](given);
}
