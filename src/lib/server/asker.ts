import { AsyncLocalStorage } from 'node:async_hooks';

/** Who a request comes from, for taking turns, and the signal of its connection. */
export interface Asker {
  /** The session where there is one, else the address. */
  readonly client: string;
  readonly signal?: AbortSignal;
}

/** The asker of the request that is being answered; none where the server works for itself. */
export const asker = new AsyncLocalStorage<Asker>();
