/** `npm run backup -- file.sqlite`: one good copy of the data, also while the application runs. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { compileDatabase, install } from './setup.mjs';

install();
await compileDatabase();
const { default: Database } = await import('better-sqlite3');

const source = join(process.env.KNIFE_TRAY_DATA ?? './data', 'knife-tray.sqlite');
const target = process.argv[2] ?? `knife-tray-${new Date().toISOString().replaceAll(/[:.]/g, '-')}.sqlite`;
if (!existsSync(source)) {
  console.error(`There are no data at ${source}. Name their folder: KNIFE_TRAY_DATA=./demo-data npm run backup`);
  process.exit(1);
}
if (existsSync(target)) {
  console.error(`${target} is there already: name another file`);
  process.exit(1);
}
const db = new Database(source, { readonly: true });
await db.backup(target);
db.close();
const copy = new Database(target, { readonly: true });
const state = copy.pragma('quick_check(1)', { simple: true });
copy.close();
if (state !== 'ok') {
  console.error(`The copy in ${target} is damaged, as the data are: ${state}`);
  process.exit(1);
}
console.log(`The data are copied to ${target}. Put them back with: npm run restore -- ${target}`);
