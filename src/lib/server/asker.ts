import { AsyncLocalStorage } from 'node:async_hooks';

/** Who sent a request, for fair queues, and the signal of its connection. */
export interface Asker {
  /** The session, otherwise the address. */
  readonly client: string;
  readonly signal?: AbortSignal;
}

/** Returns the sender of the current request; none for work of the server itself. */
export const asker = new AsyncLocalStorage<Asker>();
