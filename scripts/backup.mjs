/**
 * `npm run backup -- file.sqlite`: writes a consistent copy of the data, also while the application runs. Photos go into a folder
 * beside it.
 */
import { chmodSync, constants, copyFileSync, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { compileDatabase, install } from './setup.mjs';

install();
await compileDatabase();
const { default: Database } = await import('better-sqlite3');

const folder = process.env.KNIFE_TRAY_DATA ?? './data';
const source = join(folder, 'knife-tray.sqlite');
const target = process.argv[2] ?? `knife-tray-${new Date().toISOString().replaceAll(/[:.]/g, '-')}.sqlite`;
const fail = (message) => {
  console.error(message);
  process.exit(1);
};
if (!existsSync(source))
  fail(`There is no data at ${source}. Give the folder: KNIFE_TRAY_DATA=./demo-data npm run backup`);
if (existsSync(target)) fail(`${target} already exists. Choose another name`);

process.umask(0o077);
const db = new Database(source, { readonly: true });
await db.backup(target);
db.close();
chmodSync(target, 0o600);
const copy = new Database(target, { readonly: true });
const state = copy.pragma('quick_check(1)', { simple: true });
copy.close();
if (state !== 'ok') fail(`The copy in ${target} is damaged, because the data is damaged: ${state}`);

// The database was copied first, so every photo it names is among these. A photo file never changes.
const [from, to] = [join(folder, 'photos'), `${target}.photos`];
const photos = existsSync(from) ? readdirSync(from).filter((name) => name.endsWith('.jpg')) : [];
if (photos.length > 0) mkdirSync(to, { recursive: true });
for (const name of photos) copyFileSync(join(from, name), join(to, name), constants.COPYFILE_FICLONE);
const beside = photos.length > 0 ? `, and ${photos.length === 1 ? '1 photo' : `${photos.length} photos`} to ${to}` : '';
console.log(`The data was copied to ${target}${beside}. Restore it with: npm run restore -- ${target}`);
