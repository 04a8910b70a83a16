import { env } from 'node:process';
import { movePhotosOut } from '../photos';
import { copyOfDay } from './copies';
import { openDatabase, type Db, type Migration } from './open';
import { faultSentence, StorageWatch } from './watch';

const found = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

const migrations: Migration[] = Object.entries(found)
  .map(([path, sql]) => ({ path: path.split('/').at(-1)!, sql }))
  .map(({ path, sql }) => ({ number: Number.parseInt(path, 10), name: path, sql }))
  .sort((a, b) => a.number - b.number);

const HOUR_MS = 3_600_000;
const LOOK_MS = 30_000;
/** Requests within this time of a look get its result, ms. */
const FRESH_MS = 1000;

let open: { readonly db: Db; readonly watch: StorageWatch } | null = null;
let lookedAt = 0;

/**
 * Opens the shop's database when the server starts, and closes it on shutdown. Makes a daily copy and watches the file.
 *
 * @param onfault called with the error of a copy that could not be made
 */
export async function openShop(onfault: (error: unknown) => void): Promise<void> {
  const folder = env.KNIFE_TRAY_DATA ?? './data';
  const db = await openDatabase(folder, migrations);
  movePhotosOut(db);
  open = { db, watch: new StorageWatch(db) };
  const copy = () => {
    if (storageFault() === null) void copyOfDay(db, folder, new Date().toISOString().slice(0, 10)).catch(onfault);
  };
  copy();
  const timers = [setInterval(copy, HOUR_MS), setInterval(lookAtStorage, LOOK_MS)];
  for (const timer of timers) timer.unref();
  process.once('sveltekit:shutdown', () => {
    timers.forEach(clearInterval);
    db.close();
  });
}

/** Returns the shop's database. */
export function database(): Db {
  if (!open) throw new Error('The database is asked for before the server has started');
  return open.db;
}

/** Returns what is wrong with the data file, or `null`. Takes some microseconds. */
export function storageFault(): string | null {
  const fault = open?.watch.fault() ?? null;
  return fault && faultSentence(fault);
}

/** Returns what is wrong with the data file after writing and reading a row. */
export function lookAtStorage(): string | null {
  if (!open || Date.now() - lookedAt < FRESH_MS) return storageFault();
  const fault = open.watch.look();
  lookedAt = Date.now();
  return fault && faultSentence(fault);
}

/** Records an error of a request, so that a damaged file is not written any more. */
export const reportStorage = (error: unknown): void => open?.watch.report(error);
