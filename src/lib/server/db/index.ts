import { env } from 'node:process';
import { copyOfDay } from './copies';
import { openDatabase, type Db, type Migration } from './open';

const found = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

const migrations: Migration[] = Object.entries(found)
  .map(([path, sql]) => ({ path: path.split('/').at(-1)!, sql }))
  .map(({ path, sql }) => ({ number: Number.parseInt(path, 10), name: path, sql }))
  .sort((a, b) => a.number - b.number);

const HOUR_MS = 3_600_000;

let open: Db | null = null;

/**
 * Opens the shop's database when the server starts, and closes it when it shuts down. A copy of each day is made meanwhile.
 *
 * @param onfault told of a copy that could not be made
 */
export async function openShop(onfault: (error: unknown) => void): Promise<void> {
  const folder = env.KNIFE_TRAY_DATA ?? './data';
  const db = await openDatabase(folder, migrations);
  open = db;
  const copy = () => void copyOfDay(db, folder, new Date().toISOString().slice(0, 10)).catch(onfault);
  copy();
  const hourly = setInterval(copy, HOUR_MS);
  hourly.unref();
  process.once('sveltekit:shutdown', () => {
    clearInterval(hourly);
    db.close();
  });
}

/** The shop's database. */
export function database(): Db {
  if (!open) throw new Error('The database is asked for before the server has started');
  return open;
}
