import Database from 'better-sqlite3';
import { chmodSync, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { plainName } from '$core/larder';
import { applyRestored } from './afterRestore';
import { DATA_FILE, newestCopy } from './copies';
import { prepareOnce } from './statements';

export type Db = Database.Database;

/** One migration, applied once and never changed afterwards. */
export interface Migration {
  readonly number: number;
  readonly name: string;
  readonly sql: string;
}

/** How long a write waits for another program that locks the file, ms. The server is blocked meanwhile. */
const PATIENCE_MS = 1000;

/**
 * Opens the shop's database, making it and bringing its schema up to date first.
 *
 * Write-ahead log and full synchronisation: what was answered as kept survives a power cut. A file that is damaged is not
 * opened: the refusal names it, the newest good copy, and the command that puts that back.
 *
 * @param folder where the data live; made if missing
 */
export async function openDatabase(folder: string, migrations: readonly Migration[]): Promise<Db> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, DATA_FILE);
  const existed = existsSync(file);
  const db = soundDatabase(file, folder);
  // Readable by the owner only, also if an older version created it.
  chmodSync(file, 0o600);
  db.function('plain_name', { deterministic: true }, (name: unknown) => plainName(String(name)));
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  await migrate(db, migrations, existed ? folder : null);
  applyRestored(db, folder);
  prepareOnce(db);
  return db;
}

function soundDatabase(file: string, folder: string): Db {
  try {
    const db = new Database(file, { timeout: PATIENCE_MS });
    db.pragma('journal_mode = WAL');
    const found = db.pragma('quick_check(1)', { simple: true });
    if (found === 'ok') return db;
    db.close();
    throw new Error(String(found));
  } catch (error) {
    if (/BUSY|LOCKED|READONLY|CANTOPEN|PERM/.test((error as { code?: string }).code ?? '')) throw error;
    const copy = newestCopy(folder);
    const way = copy
      ? `The newest good copy is ${copy}. Restore it with: npm run restore`
      : 'There is no good copy in its folder';
    throw new Error(`The data in ${file} is damaged (${(error as Error).message}). ${way}`, { cause: error });
  }
}

/**
 * Applies new migrations, each in its own transaction.
 *
 * @param copyTo folder for a copy of the data as they were, or null where there was nothing yet
 */
async function migrate(db: Db, migrations: readonly Migration[], copyTo: string | null): Promise<void> {
  const seen = db.pragma('user_version', { simple: true }) as number;
  const newest = migrations.at(-1)?.number ?? 0;
  if (seen > newest) {
    throw new Error(
      `This data was written by a newer Knife Tray (schema ${seen}, this one reads up to ${newest}). Start the newer version`,
    );
  }
  const due = migrations.filter(({ number }) => number > seen);
  if (due.length === 0) return;
  if (copyTo !== null && seen > 0) await copyAside(db, copyTo, seen);
  // Tables are rebuilt with foreign keys off, as SQLite's documentation of ALTER TABLE describes, and checked afterwards.
  db.pragma('foreign_keys = OFF');
  for (const { number, name, sql } of due) {
    db.transaction(() => {
      db.exec(sql);
      const broken = db.pragma('foreign_key_check') as unknown[];
      if (broken.length > 0) throw new Error(`After ${name} ${broken.length} rows refer to rows that are not there`);
      db.pragma(`user_version = ${number}`);
    })();
  }
  db.pragma('foreign_keys = ON');
}

/** Backs up the file with SQLite's own backup before the schema changes. An existing copy is kept. */
async function copyAside(db: Db, folder: string, seen: number): Promise<void> {
  const copy = join(folder, `before-schema-${seen + 1}.sqlite`);
  if (!existsSync(copy)) await db.backup(copy);
}
