/**
 * `npm run restore -- file.sqlite`: restores a copy as the data; without a file, the newest good daily copy. The replaced data are set
 * aside and never deleted. The application must be stopped.
 */
import { chmodSync, copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lock, lockedBy } from './lock.mjs';
import { filesIn } from './marks.mjs';
import { compileDatabase, install } from './setup.mjs';

install();
await compileDatabase();
const { default: Database } = await import('better-sqlite3');

const folder = process.env.KNIFE_TRAY_DATA ?? './data';
const file = join(folder, 'knife-tray.sqlite');
/** Tables whose numbers are never reused. */
const NUMBERED = { slab: 'id', ingredient: 'id', tin: 'id', run: 'id', run_event: 'sequence' };
/** Tables that identify data of this application. */
const OWN = ['shop', 'ingredient', 'tin', 'slab', 'slab_version'];
/** How far numbers jump when the last ones given cannot be read. */
const JUMP = 1_000_000;
const NEWEST = Math.max(
  ...filesIn('src/lib/server/db/migrations').map((name) => Number.parseInt(name.split(/[\\/]/).at(-1), 10)),
);

process.umask(0o077);

function fail(message) {
  console.error(message);
  process.exit(1);
}

/** Returns what is wrong with a copy, or null. */
function problemWith(path) {
  let db;
  try {
    db = new Database(path, { readonly: true, fileMustExist: true });
    if (db.pragma('quick_check(1)', { simple: true }) !== 'ok') return 'is damaged';
    const has = db.prepare('SELECT 1 FROM sqlite_master WHERE type = ? AND name = ?');
    if (!OWN.every((table) => has.get('table', table))) return 'belongs to another program';
    const schema = db.pragma('user_version', { simple: true });
    if (schema > NEWEST)
      return `was written by a newer Knife Tray (schema ${schema}, this one reads up to ${NEWEST}). Restore it with that version`;
    return null;
  } catch (error) {
    return error.code === 'SQLITE_CANTOPEN' ? 'cannot be opened' : 'is damaged or not a database';
  } finally {
    db?.close();
  }
}

/** Reads which numbers a database has given, and how many times it was restored; null if it cannot be read. */
function givenBy(path) {
  let db;
  try {
    db = new Database(path, { readonly: true, fileMustExist: true });
    const has = (table) => db.prepare('SELECT 1 FROM sqlite_master WHERE name = ?').get(table) !== undefined;
    const one = (sql, ...values) =>
      db
        .prepare(sql)
        .pluck()
        .get(...values) ?? 0;
    const numbers = Object.entries(NUMBERED).map(([table, column]) => {
      const rows = has(table) ? one(`SELECT max(${column}) FROM ${table}`) : 0;
      const given = has('sqlite_sequence') ? one('SELECT seq FROM sqlite_sequence WHERE name = ?', table) : 0;
      return [table, Math.max(rows, given)];
    });
    return { numbers: Object.fromEntries(numbers), times: has('restored') ? one('SELECT times FROM restored') : 0 };
  } catch {
    return null;
  } finally {
    db?.close();
  }
}

/** Tells whether another program has the data open, so that they cannot be locked exclusively. */
function isOpen() {
  if (!existsSync(file)) return false;
  try {
    const db = new Database(file, { timeout: 0 });
    db.pragma('locking_mode = EXCLUSIVE');
    db.prepare('BEGIN EXCLUSIVE').run();
    db.prepare('ROLLBACK').run();
    db.close();
    return false;
  } catch (error) {
    return /^SQLITE_(BUSY|LOCKED)/.test(error.code ?? '');
  }
}

const copies = join(folder, 'copies');
const daily = existsSync(copies)
  ? readdirSync(copies)
      .filter((name) => /^knife-tray-[\d-]+\.sqlite$/.test(name))
      .sort((a, b) => b.localeCompare(a))
      .map((name) => join(copies, name))
  : [];
const copy = process.argv[2] ?? daily.find((path) => problemWith(path) === null);
if (!copy) fail(`There is no good copy in ${copies}. Give one: npm run restore -- file.sqlite`);
const problem = problemWith(copy);
if (problem) fail(`${copy} ${problem}. Nothing was changed`);
if (lockedBy(folder) !== null || isOpen())
  fail('The application is using this data. Stop it first, then restore the copy');
lock(folder);

const asides = existsSync(folder) ? readdirSync(folder).filter((name) => name.startsWith('set-aside-')).length : 0;
const [inCopy, replaced] = [givenBy(copy), existsSync(file) ? givenBy(file) : null];
const times = 1 + Math.max(inCopy.times, replaced?.times ?? 0, asides);
const floors = Object.fromEntries(
  Object.keys(NUMBERED).map((table) => [
    table,
    replaced ? Math.max(inCopy.numbers[table], replaced.numbers[table]) : inCopy.numbers[table] + JUMP,
  ]),
);

const aside = join(folder, `set-aside-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`);
mkdirSync(aside, { recursive: true });
for (const end of ['', '-wal', '-shm']) {
  if (existsSync(file + end)) renameSync(file + end, join(aside, `knife-tray.sqlite${end}`));
}
writeFileSync(join(folder, 'restored.json'), JSON.stringify({ times, floors }));
copyFileSync(copy, file);
chmodSync(file, 0o600);
const photos = existsSync(`${copy}.photos`) ? readdirSync(`${copy}.photos`) : [];
if (photos.length > 0) mkdirSync(join(folder, 'photos'), { recursive: true });
for (const name of photos) {
  const to = join(folder, 'photos', name);
  if (!existsSync(to)) copyFileSync(join(`${copy}.photos`, name), to);
}
console.log(`${copy} was restored. The replaced data is in ${aside}`);
