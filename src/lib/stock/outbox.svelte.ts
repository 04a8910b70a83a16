import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { StockEntry } from '$core/stock';
import { ask } from '$lib/api';
import { DEVICE_CLOCK } from '$lib/devices/deviceClock';
import type { ProblemMessage } from '$wording/problems';

interface Kept {
  readonly order?: number;
  readonly entry: StockEntry;
  /** Why the server refused it: the entry stays on the device and is shown. */
  readonly refused?: string;
}

interface Schema extends DBSchema {
  entries: { key: number; value: Kept };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;
/** Database of this device, shared by all windows. */
const database = () =>
  (opened ??= openDB<Schema>('knife-tray-stock', 1, {
    upgrade: (made) => void made.createObjectStore('entries', { keyPath: 'order', autoIncrement: true }),
  }));

const AT_ONCE = 100;
const AGAIN_MS = 10_000;

/**
 * Entries of the ledger that are made on this device: kept until the server has confirmed them, sent again until it does, counted once by their
 * ids. What the server refuses stays and is shown.
 */
export class StockOutbox {
  #sending = false;
  readonly #onsent: () => void;
  waiting: readonly StockEntry[] = $state.raw([]);
  refused: readonly { readonly entry: StockEntry; readonly why: string }[] = $state.raw([]);
  /** Whether the device could not keep an entry: then the page has to stay open until it is sent. */
  isUnkept = $state(false);
  #unkept: readonly Kept[] = [];

  /** @param onsent called when the server has taken entries */
  constructor(onsent: () => void) {
    this.#onsent = onsent;
  }

  /** Sends what is waiting, now and whenever the network comes back. @returns a function that ends it */
  start(): () => void {
    const again = () => void this.#send();
    again();
    const timer = setInterval(again, AGAIN_MS);
    addEventListener('online', again);
    return () => {
      clearInterval(timer);
      removeEventListener('online', again);
    };
  }

  /** Keeps entries on the device and sends them. */
  async add(entries: readonly StockEntry[]): Promise<void> {
    try {
      const writing = (await database()).transaction('entries', 'readwrite', { durability: 'strict' });
      await Promise.all(entries.map((entry) => writing.store.add({ entry })));
      await writing.done;
    } catch {
      this.#unkept = [...this.#unkept, ...entries.map((entry) => ({ entry }))];
      this.isUnkept = true;
    }
    await this.#send();
  }

  /** Removes a refused entry from the device. */
  async discard(id: string): Promise<void> {
    await this.#change((kept) => (kept.entry.id === id ? null : kept));
    await this.#look();
  }

  async #all(): Promise<Kept[]> {
    try {
      return [...(await (await database()).getAll('entries')), ...this.#unkept];
    } catch {
      return [...this.#unkept];
    }
  }

  async #change(to: (kept: Kept) => Kept | null): Promise<void> {
    this.#unkept = this.#unkept.flatMap((kept) => to(kept) ?? []);
    this.isUnkept = this.#unkept.length > 0;
    try {
      const writing = (await database()).transaction('entries', 'readwrite', { durability: 'strict' });
      for (const kept of await writing.store.getAll()) {
        const next = to(kept);
        if (next === null) await writing.store.delete(kept.order!);
        else if (next !== kept) await writing.store.put(next);
      }
      await writing.done;
    } catch {
      // The device keeps nothing: what is in memory has been changed.
    }
  }

  async #look(): Promise<void> {
    const all = await this.#all();
    this.waiting = all.flatMap(({ entry, refused }) => (refused === undefined ? [entry] : []));
    this.refused = all.flatMap(({ entry, refused }) => (refused === undefined ? [] : [{ entry, why: refused }]));
  }

  async #send(): Promise<void> {
    await this.#look();
    const { length: before } = this.waiting;
    if (this.#sending || before === 0) return;
    this.#sending = true;
    try {
      const sent = this.waiting.slice(0, AT_ONCE);
      const headers = { [DEVICE_CLOCK]: String(Date.now()) };
      const answer = await ask<{ problems: readonly ProblemMessage[] }>('POST', '/api/stock', sent, headers);
      // Without an answer, or while the server is busy or wants the passphrase, everything waits.
      if (!answer.ok && answer.status !== 422) return;
      const problems = answer.ok ? answer.value.problems : answer.problems;
      const idOf = (path: string) => sent[Number(path.split('/')[1])]?.id;
      // A request that is refused as a whole names no entry.
      const isWhole = !answer.ok && problems.every(({ path }) => idOf(path) === undefined);
      await this.#change((kept) => {
        const { id } = kept.entry;
        if (!sent.some((entry) => entry.id === id)) return kept;
        const refused = problems.find(({ path }) => isWhole || idOf(path) === id)?.message;
        return refused === undefined ? null : { ...kept, refused };
      });
      await this.#look();
      this.#onsent();
    } finally {
      this.#sending = false;
    }
    // Where the device cannot delete what was sent, the next turn comes with the timer.
    if (this.waiting.length > 0 && this.waiting.length < before) await this.#send();
  }
}
