import { setImmediate } from 'node:timers/promises';
import type { Db } from './db/open';
import { allIngredients, larderStamp, saveIngredient, type StoredIngredient } from './larder';
import { readTable, tableOf, type LarderChanges, type LarderTable, type OnShelf, type Taken } from './larderTable';

/** Returns the larder, or its prices, as CSV. */
export function larderCsv(db: Db, table: LarderTable): string {
  return tableOf(allIngredients(db), table);
}

function facts({ id: _id, revision: _revision, ...rest }: StoredIngredient): OnShelf['ingredient'] {
  return rest;
}

/** Reads a table against the whole larder, with the larder's stamp. */
export function shelfNow(db: Db): { readonly shelf: OnShelf[]; readonly stamp: string } {
  const shelf = allIngredients(db).map((ingredient) => ({ id: ingredient.id, ingredient: facts(ingredient) }));
  return { shelf, stamp: larderStamp(db) };
}

/**
 * Writes the changes of a table in one transaction.
 *
 * @param stamp that of the larder that the table was read against; if anything has changed since, nothing is written
 * @param today YYYY-MM-DD
 * @returns whether it was written
 */
export function writeTaken(db: Db, taken: readonly Taken[], stamp: string, today: string): boolean {
  return db
    .transaction(() => {
      if (larderStamp(db) !== stamp) return false;
      const revisionOf = db.prepare<[number], number>('SELECT revision FROM ingredient WHERE id = ?').pluck();
      for (const { id, steps } of taken) {
        let at = id === null ? undefined : { id, revision: revisionOf.get(id)! };
        for (const step of steps) {
          const done = saveIngredient(db, step, at, today);
          if (!done.ok) throw new Error(`${step.name} was not taken: ${done.reason}`);
          at = { id: done.id, revision: at ? at.revision + 1 : 1 };
        }
      }
      return true;
    })
    .immediate();
}

/** Number of changes written before other requests are served. */
const AT_ONCE = 40;

function* portions(taken: readonly Taken[]): Generator<readonly Taken[]> {
  let from = 0;
  for (let to = 1, writes = 0; to <= taken.length; to++) {
    writes += taken[to - 1]!.steps.length;
    if (writes < AT_ONCE && to < taken.length) continue;
    yield taken.slice(from, to);
    [from, writes] = [to, 0];
  }
}

/**
 * Writes the changes of a table a few ingredients at a time, so that a large table does not block others. Each is written
 * completely or not at all.
 *
 * @returns whether all of it was written; it stops where someone else changes the larder in between
 */
export async function writeInTurns(db: Db, taken: readonly Taken[], stamp: string, today: string): Promise<boolean> {
  let seen = stamp;
  for (const portion of portions(taken)) {
    if (!writeTaken(db, portion, seen, today)) return false;
    seen = larderStamp(db);
    await setImmediate();
  }
  return true;
}

/** Imports a table at once; rejected rows are listed. */
export function importCsv(db: Db, text: string, table: LarderTable, today: string): LarderChanges {
  const { shelf, stamp } = shelfNow(db);
  const { changes, taken } = readTable(text, table, shelf);
  writeTaken(db, taken, stamp, today);
  return changes;
}
