import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type Database from 'better-sqlite3';

/** Written to the data folder by `npm run restore` and applied when the data is next opened. */
const FILE = 'restored.json';

/** Numbers that restored data must not give again. */
interface Restored {
  /** Number of restores in this folder. */
  readonly times: number;
  /** Highest number of each table, in the copy or in the data it replaced. */
  readonly floors: Readonly<Record<string, number>>;
}

/** Makes sure that numbers and lots given after a copy was made are not given again after a restore. */
export function applyRestored(db: Database.Database, folder: string): void {
  const file = join(folder, FILE);
  if (!existsSync(file)) return;
  const { times, floors } = JSON.parse(readFileSync(file, 'utf8')) as Restored;
  db.transaction(() => {
    db.prepare('UPDATE restored SET times = max(times, ?) WHERE id = 1').run(times);
    for (const [table, floor] of Object.entries(floors)) {
      const { changes } = db.prepare('UPDATE sqlite_sequence SET seq = max(seq, ?) WHERE name = ?').run(floor, table);
      if (changes === 0) db.prepare('INSERT INTO sqlite_sequence (name, seq) VALUES (?, ?)').run(table, floor);
    }
  })();
  rmSync(file);
}
