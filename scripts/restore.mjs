/**
 * `npm run restore -- file.sqlite`: puts a copy back as the data; without a file, the newest good copy of a day. The data that
 * stood there before are set aside and never deleted. The application must be stopped.
 */
import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { compileDatabase, install } from './setup.mjs';

install();
await compileDatabase();
const { default: Database } = await import('better-sqlite3');

const folder = process.env.KNIFE_TRAY_DATA ?? './data';
const file = join(folder, 'knife-tray.sqlite');

function fail(message) {
  console.error(message);
  process.exit(1);
}

function isSound(path) {
  try {
    const db = new Database(path, { readonly: true, fileMustExist: true });
    const found = db.pragma('quick_check(1)', { simple: true });
    const tables = db.prepare(`SELECT count(*) FROM sqlite_master WHERE name = 'slab_version'`).pluck().get();
    db.close();
    return found === 'ok' && tables === 1;
  } catch {
    return false;
  }
}

/** Whether a running server has the data open: then nobody else gets them for himself alone. */
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
const ofDays = existsSync(copies)
  ? readdirSync(copies)
      .filter((name) => /^knife-tray-[\d-]+\.sqlite$/.test(name))
      .sort((a, b) => b.localeCompare(a))
      .map((name) => join(copies, name))
  : [];
const copy = process.argv[2] ?? ofDays.find(isSound);
if (!copy) fail(`There is no good copy in ${copies}. Name one: npm run restore -- file.sqlite`);
if (!isSound(copy)) fail(`${copy} is no good copy of the data: choose another`);
if (isOpen()) fail('The application runs on these data. Stop it, and then put the copy back');

const aside = join(folder, `set-aside-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`);
mkdirSync(aside, { recursive: true });
for (const end of ['', '-wal', '-shm']) {
  if (existsSync(file + end)) renameSync(file + end, join(aside, `knife-tray.sqlite${end}`));
}
copyFileSync(copy, file);
console.log(`${copy} is the data now. What stood there before is in ${aside}`);
