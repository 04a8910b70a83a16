import { plainName } from '$core/larder';
import { writeSlab, type Slab } from '$core/slab';
import { storedJson } from '$core/validation';
import { holdsLetters } from './db/letters';
import type { Db } from './db/open';
import { linkVersion } from './runs';

/** A slab as last saved. */
export interface KeptSlab {
  readonly id: number;
  readonly version: number;
  readonly keptAt: string;
  readonly slab: Slab;
}

interface Row {
  readonly id: number;
  readonly version: number;
  readonly keptAt: string;
  readonly document: string;
}

/** Versions are in the order they were saved, whatever the clock said. */
const LATEST = `SELECT s.id, v.number AS version, v.kept_at AS keptAt, v.document
  FROM slab s JOIN slab_version v ON v.slab_id = s.id
  AND v.number = (SELECT max(number) FROM slab_version WHERE slab_id = s.id)`;

/** Documents were validated before they were written, so they are not validated again. */
function fromRow({ document, ...rest }: Row): KeptSlab {
  return { ...rest, slab: storedJson<Slab>(document) };
}

/** Returns the shop's slabs, the last saved first. */
export function allSlabs(db: Db): KeptSlab[] {
  const rows = db.prepare<[], Row>(`${LATEST} WHERE s.removed_at IS NULL ORDER BY v.rowid DESC`).all();
  return rows.map(fromRow);
}

/** Returns stored slab files with the names of their slabs: all of the shop's, or some. */
export function slabTexts(
  db: Db,
  ids: readonly number[] | null,
): { readonly id: number; readonly name: string; readonly text: string }[] {
  const rows = db.prepare<[], Row>(`${LATEST} WHERE s.removed_at IS NULL ORDER BY v.rowid DESC`).iterate();
  const wanted = ids && new Set(ids);
  const texts: { id: number; name: string; text: string }[] = [];
  for (const { id, document } of rows) {
    if (!wanted || wanted.has(id)) texts.push({ id, name: storedJson<Slab>(document).name, text: document });
  }
  return texts;
}

/** A slab in a list. */
export type SlabName = Pick<KeptSlab, 'id' | 'version' | 'keptAt'> & { readonly name: string };

/** Returns the names of the shop's slabs, the last saved first. */
export function slabNames(db: Db): SlabName[] {
  return db
    .prepare<[], SlabName>(
      `SELECT s.id, v.number AS version, v.kept_at AS keptAt, v.name FROM slab s JOIN slab_version v ON v.slab_id = s.id
       AND v.number = (SELECT max(number) FROM slab_version WHERE slab_id = s.id)
       WHERE s.removed_at IS NULL ORDER BY v.rowid DESC`,
    )
    .all();
}

/** Returns a page of names that contain a text, the last saved first, with the number of matches and the total. */
export function slabNamesFound(
  db: Db,
  sought: string,
  from: number,
  most: number,
): { readonly names: SlabName[]; readonly count: number; readonly all: number } {
  const { sql, like } = holdsLetters('slab_letters', 's.id', sought);
  const [where, bound] = plainName(sought) === '' ? ['', []] : [`AND ${sql}`, [like]];
  const counted = (condition: string) => `SELECT count(*) FROM slab AS s WHERE s.removed_at IS NULL ${condition}`;
  const names = db
    .prepare<unknown[], SlabName>(
      `SELECT s.id, v.number AS version, v.kept_at AS keptAt, v.name FROM slab s JOIN slab_version v ON v.slab_id = s.id
       AND v.number = (SELECT max(number) FROM slab_version WHERE slab_id = s.id)
       WHERE s.removed_at IS NULL ${where} ORDER BY v.rowid DESC LIMIT ? OFFSET ?`,
    )
    .all([...bound, most, from]);
  const count = (condition: string, values: readonly unknown[]) =>
    db.prepare<unknown[], number>(counted(condition)).pluck().get(values)!;
  return { names, count: count(where, bound), all: count('', []) };
}

/** Returns the versions of a slab, the newest first; at most `most`. */
export function slabVersions(db: Db, id: number, most = 100): KeptSlab[] {
  return db
    .prepare<[number, number], Row>(
      `SELECT slab_id AS id, number AS version, kept_at AS keptAt, document FROM slab_version
       WHERE slab_id = ? ORDER BY number DESC LIMIT ?`,
    )
    .all(id, most)
    .map(fromRow);
}

/** Returns a slab as last saved, or `null`. */
export function slabById(db: Db, id: number): KeptSlab | null {
  const row = db.prepare<[number], Row>(`${LATEST} WHERE s.id = ? AND s.removed_at IS NULL`).get(id);
  return row ? fromRow(row) : null;
}

/** Returns a version of a slab, by default the last one; `null` if there is none. */
export function slabVersion(db: Db, id: number, version: number | null): KeptSlab | null {
  if (version === null) return slabById(db, id);
  const row = db
    .prepare<[number, number], Row>(
      `SELECT slab_id AS id, number AS version, kept_at AS keptAt, document FROM slab_version
       JOIN slab AS s ON s.id = slab_id WHERE slab_id = ? AND number = ? AND s.removed_at IS NULL`,
    )
    .get(id, version);
  return row ? fromRow(row) : null;
}

/** Saves a new slab as version 1. Returns its number. */
export function addSlab(db: Db, slab: Slab, now: string): number {
  return db.transaction(() => {
    const { lastInsertRowid } = db.prepare('INSERT INTO slab (created_at) VALUES (?)').run(now);
    insertVersion(db, Number(lastInsertRowid), 1, slab, now);
    return Number(lastInsertRowid);
  })();
}

export type Kept =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly reason: 'gone' }
  | { readonly ok: false; readonly reason: 'kept-elsewhere'; readonly latest: KeptSlab };

/**
 * Saves a slab as its next version.
 *
 * @param baseVersion the version that the change began from; if another has been kept since, nothing is written and that one is returned
 * @param learnt runs of this slab that the version has learnt from
 */
export function keepSlab(
  db: Db,
  id: number,
  baseVersion: number,
  slab: Slab,
  now: string,
  learnt: readonly number[] = [],
): Kept {
  return db
    .transaction((): Kept => {
      const latest = slabById(db, id);
      if (!latest) return { ok: false, reason: 'gone' };
      if (latest.version !== baseVersion) return { ok: false, reason: 'kept-elsewhere', latest };
      insertVersion(db, id, baseVersion + 1, slab, now);
      linkVersion(db, id, baseVersion + 1, learnt);
      return { ok: true, version: baseVersion + 1 };
    })
    .immediate();
}

/** Deletes a slab from the shop's list. Its versions stay in the database. */
export function removeSlab(db: Db, id: number, now: string): boolean {
  return db.prepare('UPDATE slab SET removed_at = ? WHERE id = ? AND removed_at IS NULL').run(now, id).changes === 1;
}

function insertVersion(db: Db, id: number, number: number, slab: Slab, now: string): void {
  db.prepare('INSERT INTO slab_version (slab_id, number, document, kept_at) VALUES (?, ?, ?, ?)').run(
    id,
    number,
    writeSlab(slab),
    now,
  );
  db.prepare('INSERT OR REPLACE INTO slab_letters (rowid, letters) VALUES (?, ?)').run(id, plainName(slab.name));
}
