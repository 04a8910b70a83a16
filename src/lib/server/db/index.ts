import { env } from 'node:process';
import { openDatabase, type Db, type Migration } from './open';

const found = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

const migrations: Migration[] = Object.entries(found)
  .map(([path, sql]) => ({ path: path.split('/').at(-1)!, sql }))
  .map(({ path, sql }) => ({ number: Number.parseInt(path, 10), name: path, sql }))
  .sort((a, b) => a.number - b.number);

let open: Db | null = null;

/** Opens the shop's database when the server starts, and closes it when it shuts down. */
export async function openShop(): Promise<void> {
  open = await openDatabase(env.KNIFE_TRAY_DATA ?? './data', migrations);
  process.once('sveltekit:shutdown', () => open?.close());
}

/** The shop's database. */
export function database(): Db {
  if (!open) throw new Error('The database is asked for before the server has started');
  return open;
}
