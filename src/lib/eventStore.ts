import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RunEvent } from '../core/run';

interface StoredEvent {
  /** The order in which they came to this device. */
  readonly order?: number;
  readonly run: number;
  readonly event: RunEvent;
  /** Whether the server has it. */
  readonly isSent: boolean;
}

interface StoredPhoto {
  readonly id: string;
  readonly run: number;
  readonly jpeg: Blob;
}

interface Schema extends DBSchema {
  events: { key: number; value: StoredEvent; indexes: { run: number } };
  photos: { key: string; value: StoredPhoto; indexes: { run: number } };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;
/** The device's own database; one for all windows. */
const database = () =>
  (opened ??= openDB<Schema>('knife-tray', 1, {
    upgrade(made) {
      made.createObjectStore('events', { keyPath: 'order', autoIncrement: true }).createIndex('run', 'run');
      made.createObjectStore('photos', { keyPath: 'id' }).createIndex('run', 'run');
    },
  }));

/**
 * What this device knows of a run: its own events until the server has them, and all that it has seen since the page was loaded, so that
 * it opens as it was where the server does not answer. What the device does not take stays in memory, and is said.
 */
export class EventStore {
  readonly #run: number;
  #unstored: readonly RunEvent[] = [];

  constructor(run: number) {
    this.#run = run;
  }

  /** Puts events by; false where the device did not take them. */
  async put(events: readonly RunEvent[], isSent: boolean): Promise<boolean> {
    try {
      const writing = (await database()).transaction('events', 'readwrite', { durability: 'strict' });
      await Promise.all(events.map((event) => writing.store.add({ run: this.#run, event, isSent })));
      await writing.done;
      return true;
    } catch {
      if (!isSent) this.#unstored = [...this.#unstored, ...events];
      return false;
    }
  }

  async #stored(): Promise<StoredEvent[]> {
    try {
      return await (await database()).getAllFromIndex('events', 'run', this.#run);
    } catch {
      return [];
    }
  }

  /** All that the device has of the run, in the order in which they came. */
  async all(): Promise<RunEvent[]> {
    return [...(await this.#stored()).map(({ event }) => event), ...this.#unstored];
  }

  /** Those that the server does not have, in their order. */
  async waiting(): Promise<RunEvent[]> {
    const stored = (await this.#stored()).filter(({ isSent }) => !isSent);
    return [...stored.map(({ event }) => event), ...this.#unstored];
  }

  /** The server has these now. */
  async sent(events: readonly RunEvent[]): Promise<void> {
    const ids = new Set(events.map(({ id }) => id));
    this.#unstored = this.#unstored.filter(({ id }) => !ids.has(id));
    await this.#change(ids, (event) => ({ ...event, isSent: true }));
  }

  /** Forgets what a page that was just loaded has from the server. */
  async forget(events: readonly RunEvent[]): Promise<void> {
    await this.#change(new Set(events.map(({ id }) => id)), () => null);
  }

  async #change(ids: ReadonlySet<string>, to: (event: StoredEvent) => StoredEvent | null): Promise<void> {
    try {
      const writing = (await database()).transaction('events', 'readwrite');
      for (
        let cursor = await writing.store.index('run').openCursor(this.#run);
        cursor;
        cursor = await cursor.continue()
      ) {
        if (!ids.has(cursor.value.event.id)) continue;
        const next = to(cursor.value);
        await (next ? cursor.update(next) : cursor.delete());
      }
      await writing.done;
    } catch {
      // What cannot be marked goes up once more, and is known there by its id.
    }
  }

  /** Puts a photo by until the server has it; false where the device did not take it. */
  async putPhoto(id: string, jpeg: Blob): Promise<boolean> {
    try {
      await (await database()).put('photos', { id, run: this.#run, jpeg });
      return true;
    } catch {
      return false;
    }
  }

  async photos(): Promise<StoredPhoto[]> {
    try {
      return await (await database()).getAllFromIndex('photos', 'run', this.#run);
    } catch {
      return [];
    }
  }

  async forgetPhoto(id: string): Promise<void> {
    await (await database()).delete('photos', id).catch(() => undefined);
  }
}
