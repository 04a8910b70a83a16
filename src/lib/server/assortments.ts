import type { Assortment, StoredAssortment } from '$core/orders';
import { storedJson } from '$core/validation';
import type { Db } from './db/open';
import type { Changed } from './changed';

/** Adds an assortment. */
export function addAssortment(db: Db, assortment: Assortment): { readonly id: number; readonly revision: number } {
  const { lastInsertRowid } = db
    .prepare('INSERT INTO assortment (document) VALUES (?)')
    .run(JSON.stringify(assortment));
  return { id: Number(lastInsertRowid), revision: 1 };
}

/** Returns all assortments, in the order in which they were added. */
export const allAssortments = (db: Db): StoredAssortment[] =>
  db
    .prepare<[], { id: number; revision: number; document: string }>(
      'SELECT id, revision, document FROM assortment WHERE deleted_at IS NULL ORDER BY id',
    )
    .all()
    .map(({ id, revision, document }) => ({ ...storedJson<Assortment>(document), id, revision }));

/** Replaces an assortment. */
export function changeAssortment(db: Db, id: number, revision: number, assortment: Assortment): Changed {
  const done = db
    .prepare(
      'UPDATE assortment SET revision = revision + 1, document = ? WHERE id = ? AND revision = ? AND deleted_at IS NULL',
    )
    .run(JSON.stringify(assortment), id, revision);
  if (done.changes === 1) return { revision: revision + 1 };
  return allAssortments(db).some((own) => own.id === id) ? 'changed' : 'gone';
}

/** Marks an assortment as deleted. */
export function removeAssortment(db: Db, id: number, revision: number, now: string): Changed {
  const done = db
    .prepare('UPDATE assortment SET deleted_at = ? WHERE id = ? AND revision = ? AND deleted_at IS NULL')
    .run(now, id, revision);
  if (done.changes === 1) return { revision };
  return allAssortments(db).some((own) => own.id === id) ? 'changed' : 'gone';
}
