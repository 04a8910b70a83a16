import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RunEvent } from '$core/run';

interface StoredEvent {
  /** The order in which they came to this device. */
  readonly order?: number;
  readonly run: number;
  readonly event: RunEvent;
  /** Whether the server has confirmed it. */
  readonly isSent: boolean;
  /** Why the server will never take it; it stays on the device and is shown. */
  readonly refused?: string;
}

export interface StoredPhoto {
  readonly id: string;
  readonly run: number;
  readonly jpeg: Blob;
  /** Why the server will never take it; it stays on the device and is shown. */
  readonly refused?: string;
}

/** What the server will never take, with the reason. */
export interface Refused {
  readonly events: readonly { readonly event: RunEvent; readonly why: string }[];
  readonly photos: readonly { readonly id: string; readonly jpeg: Blob; readonly why: string }[];
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
 * What this device knows of a run: its own events and photos until the server has confirmed them, and all that it has seen since
 * the page was loaded, so that it opens as it was where the server does not answer. What the device does not take stays in memory.
 */
export class EventStore {
  readonly #run: number;
  #unstored: readonly StoredEvent[] = [];
  #unstoredPhotos: readonly StoredPhoto[] = [];

  constructor(run: number) {
    this.#run = run;
  }

  /** Stores events; false where the device did not take them. */
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

  /** All that the device has of the run, in the order in which they came. */
  async all(): Promise<RunEvent[]> {
    return (await this.#stored()).map(({ event }) => event);
  }

  /** Those that the server has not confirmed and may still take, in their order. */
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

  /** Marks events that the server will never take, each with the reason. */
  async refuse(why: Readonly<Record<string, string>>): Promise<void> {
    const marked = (row: StoredEvent): StoredEvent =>
      Object.hasOwn(why, row.event.id) ? { ...row, refused: why[row.event.id]! } : row;
    this.#unstored = this.#unstored.map(marked);
    await this.#change(marked);
  }

  /** Stores events as the server has changed them. */
  async replace(events: readonly RunEvent[]): Promise<void> {
    const byId = new Map(events.map((event) => [event.id, event]));
    await this.#change((row) => ({ ...row, event: byId.get(row.event.id) ?? row.event }));
  }

  /**
   * Forgets what a page that was just loaded has from the server.
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
      // What cannot be marked is sent once more, and the server knows it by its id.
    }
  }

  /** Stores a photo until the server has confirmed it; false where the device did not take it. */
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

  /** Photos that the server has not confirmed and may still take. */
  async waitingPhotos(): Promise<StoredPhoto[]> {
    return (await this.#photos()).filter(({ refused }) => refused === undefined);
  }

  /** Marks a photo that the server will never take. */
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

  /** All that the server will never take. */
  async refused(): Promise<Refused> {
    const events = (await this.#stored()).flatMap(({ event, refused: why }) =>
      why === undefined ? [] : [{ event, why }],
    );
    const photos = (await this.#photos()).flatMap(({ id, jpeg, refused: why }) =>
      why === undefined ? [] : [{ id, jpeg, why }],
    );
    return { events, photos };
  }

  /** Forgets what the server will never take, once somebody has saved it or does not want it. */
  async dropRefused(): Promise<void> {
    const { photos } = await this.refused();
    this.#unstored = this.#unstored.filter(({ refused }) => refused === undefined);
    await this.#change((row) => (row.refused === undefined ? row : null));
    for (const { id } of photos) await this.forgetPhoto(id);
  }
}
