import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';

export const DATA_FILE = 'knife-tray.sqlite';
const COPIES = 'copies';
const MAX_COPIES = 7;
const OF_A_DAY = /^knife-tray-\d{4}-\d{2}-\d{2}\.sqlite$/;

/** Tells whether a file is an intact database. */
export function isSound(file: string): boolean {
  try {
    const db = new Database(file, { readonly: true, fileMustExist: true });
    const found = db.pragma('quick_check(1)', { simple: true });
    db.close();
    return found === 'ok';
  } catch {
    return false;
  }
}

/** Returns the daily copies in a data folder, the newest first. */
function copiesIn(folder: string): string[] {
  const place = join(folder, COPIES);
  if (!existsSync(place)) return [];
  const names = readdirSync(place).filter((name) => OF_A_DAY.test(name));
  return names.sort((a, b) => b.localeCompare(a)).map((name) => join(place, name));
}

/** Returns the newest intact copy of a data folder, or `null`. */
export function newestCopy(folder: string): string | null {
  return copiesIn(folder).find(isSound) ?? null;
}

/**
 * Makes the copy of a day, if it is missing, and deletes those beyond the seventh. An interrupted copy leaves no file of that
 * name.
 *
 * @param today YYYY-MM-DD
 */
export async function copyOfDay(db: Database.Database, folder: string, today: string): Promise<void> {
  mkdirSync(join(folder, COPIES), { recursive: true });
  const file = join(folder, COPIES, `knife-tray-${today}.sqlite`);
  if (!existsSync(file)) {
    await db.backup(`${file}.part`);
    renameSync(`${file}.part`, file);
  }
  for (const old of copiesIn(folder).slice(MAX_COPIES)) rmSync(old);
}
