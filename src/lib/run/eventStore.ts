import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RunEvent } from '$core/run';

interface StoredEvent {
  /** Order of arrival on this device. */
  readonly order?: number;
  readonly run: number;
  readonly event: RunEvent;
  /** Whether the server has confirmed it. */
  readonly isSent: boolean;
  /** Why the server refused it for good; it stays on the device and is shown. */
  readonly refused?: string;
}

export interface StoredPhoto {
  readonly id: string;
  readonly run: number;
  readonly jpeg: Blob;
  /** Why the server refused it for good; it stays on the device and is shown. */
  readonly refused?: string;
}

/** Refused entries with reasons. */
export interface Refused {
  readonly events: readonly { readonly event: RunEvent; readonly why: string }[];
  readonly photos: readonly { readonly id: string; readonly jpeg: Blob; readonly why: string }[];
}

interface Schema extends DBSchema {
  events: { key: number; value: StoredEvent; indexes: { run: number } };
  photos: { key: string; value: StoredPhoto; indexes: { run: number } };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;
/** Database of this device, shared by all windows. */
const database = () =>
  (opened ??= openDB<Schema>('knife-tray', 1, {
    upgrade(made) {
      made.createObjectStore('events', { keyPath: 'order', autoIncrement: true }).createIndex('run', 'run');
      made.createObjectStore('photos', { keyPath: 'id' }).createIndex('run', 'run');
    },
  }));

/**
 * Data of a run on this device: its own events and photos until the server has confirmed them, and everything seen since the page
 * was loaded, so that it opens without the server. What the device cannot store stays in memory.
 */
export class EventStore {
  readonly #run: number;
  #unstored: readonly StoredEvent[] = [];
  #unstoredPhotos: readonly StoredPhoto[] = [];

  constructor(run: number) {
    this.#run = run;
  }

  /** Stores events; returns whether the device stored them. */
  async put(events: readonly RunEvent[], isSent: boolean): Promise<boolean> {
    const rows = events.map((event): StoredEvent => ({ run: this.#run, event, isSent }));
    try {
      const writing = (await database()).transaction('events', 'readwrite', { durability: 'strict' });
      await Promise.all(rows.map((row) => writing.store.add(row)));
      await writing.done;
      return true;
    } catch {
      if (!isSent) this.#unstored = [...this.#unstored, ...rows];
      return false;
    }
  }

  async #stored(): Promise<StoredEvent[]> {
    try {
      return [...(await (await database()).getAllFromIndex('events', 'run', this.#run)), ...this.#unstored];
    } catch {
      return [...this.#unstored];
    }
  }

  /** Returns all events of the run on this device, in order of arrival. */
  async all(): Promise<RunEvent[]> {
    return (await this.#stored()).map(({ event }) => event);
  }

  /** Returns unconfirmed events that the server may still accept, in order. */
  async waiting(): Promise<RunEvent[]> {
    const stored = await this.#stored();
    return stored.filter(({ isSent, refused }) => !isSent && refused === undefined).map(({ event }) => event);
  }

  /** Marks events as confirmed by the server. */
  async sent(events: readonly RunEvent[]): Promise<void> {
    const ids = new Set(events.map(({ id }) => id));
    this.#unstored = this.#unstored.filter(({ event }) => !ids.has(event.id));
    await this.#change((row) => (ids.has(row.event.id) ? { ...row, isSent: true } : row));
  }

  /** Marks refused events with their reasons. */
  async refuse(why: Readonly<Record<string, string>>): Promise<void> {
    const marked = (row: StoredEvent): StoredEvent =>
      Object.hasOwn(why, row.event.id) ? { ...row, refused: why[row.event.id]! } : row;
    this.#unstored = this.#unstored.map(marked);
    await this.#change(marked);
  }

  /** Stores events as corrected by the server. */
  async replace(events: readonly RunEvent[]): Promise<void> {
    const byId = new Map(events.map((event) => [event.id, event]));
    await this.#change((row) => ({ ...row, event: byId.get(row.event.id) ?? row.event }));
  }

  /**
   * Removes what a page that was just loaded has from the server.
   *
   * @param isAll whether that is everything the server has: confirmed events that it lacks, as after a copy of its data was put
   *   back, then wait to be sent again
   */
  async forget(events: readonly RunEvent[], isAll: boolean): Promise<void> {
    const ids = new Set(events.map(({ id }) => id));
    await this.#change((row) => (ids.has(row.event.id) ? null : isAll && row.isSent ? { ...row, isSent: false } : row));
  }

  async #change(to: (event: StoredEvent) => StoredEvent | null): Promise<void> {
    try {
      const writing = (await database()).transaction('events', 'readwrite');
      const all = writing.store.index('run');
      for (let cursor = await all.openCursor(this.#run); cursor; cursor = await cursor.continue()) {
        const next = to(cursor.value);
        if (next === null) await cursor.delete();
        else if (next !== cursor.value) await cursor.update(next);
      }
      await writing.done;
    } catch {
      // Unmarked events are sent again, and the server recognises them by their ids.
    }
  }

  /** Stores a photo until the server has confirmed it; returns whether the device stored it. */
  async putPhoto(id: string, jpeg: Blob): Promise<boolean> {
    const photo: StoredPhoto = { id, run: this.#run, jpeg };
    try {
      await (await database()).put('photos', photo);
      return true;
    } catch {
      this.#unstoredPhotos = [...this.#unstoredPhotos, photo];
      return false;
    }
  }

  async #photos(): Promise<StoredPhoto[]> {
    try {
      return [...(await (await database()).getAllFromIndex('photos', 'run', this.#run)), ...this.#unstoredPhotos];
    } catch {
      return [...this.#unstoredPhotos];
    }
  }

  /** Returns unconfirmed photos that the server may still accept. */
  async waitingPhotos(): Promise<StoredPhoto[]> {
    return (await this.#photos()).filter(({ refused }) => refused === undefined);
  }

  /** Marks a refused photo. */
  async refusePhoto(photo: StoredPhoto, why: string): Promise<void> {
    const refused = { ...photo, refused: why };
    this.#unstoredPhotos = this.#unstoredPhotos.map((other) => (other.id === photo.id ? refused : other));
    if (this.#unstoredPhotos.includes(refused)) return;
    await (await database()).put('photos', refused).catch(() => undefined);
  }

  async forgetPhoto(id: string): Promise<void> {
    this.#unstoredPhotos = this.#unstoredPhotos.filter((photo) => photo.id !== id);
    await (await database()).delete('photos', id).catch(() => undefined);
  }

  /** Returns all refused entries. */
  async refused(): Promise<Refused> {
    const events = (await this.#stored()).flatMap(({ event, refused: why }) =>
      why === undefined ? [] : [{ event, why }],
    );
    const photos = (await this.#photos()).flatMap(({ id, jpeg, refused: why }) =>
      why === undefined ? [] : [{ id, jpeg, why }],
    );
    return { events, photos };
  }

  /** Removes refused entries, after they were saved or discarded. */
  async dropRefused(): Promise<void> {
    const { photos } = await this.refused();
    this.#unstored = this.#unstored.filter(({ refused }) => refused === undefined);
    await this.#change((row) => (row.refused === undefined ? row : null));
    for (const { id } of photos) await this.forgetPhoto(id);
  }
}
