import type { AnyTin, RackTin } from '$core/tin';
import type { Db } from './db/open';
import { cachedRead, forgetReads } from './db/reads';

/** A tin on the rack; `revision` shows whether someone else has changed it. */
export type StoredTin = RackTin & { readonly id: number; readonly revision: number };

interface Row {
  readonly id: number;
  readonly revision: number;
  readonly name: string;
  readonly count: number;
  readonly shape: AnyTin['shape'];
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
  readonly diameterMm: number | null;
  readonly depthMm: number | null;
  readonly cornerMm: number | null;
  readonly flareDeg: number | null;
}

const ROWS = `SELECT id, revision, name, count, shape, length_mm AS lengthMm, width_mm AS widthMm,
  diameter_mm AS diameterMm, depth_mm AS depthMm, corner_mm AS cornerMm, flare_deg AS flareDeg FROM tin`;

function tinOf({ shape, lengthMm, widthMm, diameterMm, depthMm, cornerMm, flareDeg }: Row): AnyTin {
  if (shape === 'sheet') {
    return { shape, lengthMm: lengthMm!, widthMm: widthMm!, ...(depthMm === null ? {} : { depthMm }) };
  }
  const rest = { depthMm: depthMm!, flareDeg: flareDeg ?? 0 };
  return shape === 'round'
    ? { shape, diameterMm: diameterMm!, ...rest }
    : { shape, lengthMm: lengthMm!, widthMm: widthMm!, cornerMm: cornerMm ?? 0, ...rest };
}

function columnsOf(tin: AnyTin) {
  const flat = tin.shape !== 'round';
  return {
    shape: tin.shape,
    lengthMm: flat ? tin.lengthMm : null,
    widthMm: flat ? tin.widthMm : null,
    diameterMm: tin.shape === 'round' ? tin.diameterMm : null,
    depthMm: tin.depthMm ?? null,
    cornerMm: tin.shape === 'rectangle' ? (tin.cornerMm ?? 0) : null,
    flareDeg: tin.shape === 'sheet' ? null : (tin.flareDeg ?? 0),
  };
}

/** Returns the rack, in the order in which tins were added. */
export const allTins = (db: Db): readonly StoredTin[] => cachedRead(db, 'rack', '', () => readTins(db));

function readTins(db: Db): StoredTin[] {
  return db
    .prepare<[], Row>(`${ROWS} ORDER BY id`)
    .all()
    .map((row) => ({ id: row.id, revision: row.revision, name: row.name, count: row.count, tin: tinOf(row) }));
}

export function addTin(db: Db, { name, count, tin }: RackTin): number {
  forgetReads(db, 'rack');
  const { lastInsertRowid } = db
    .prepare(
      `INSERT INTO tin (name, count, shape, length_mm, width_mm, diameter_mm, depth_mm, corner_mm, flare_deg)
       VALUES (:name, :count, :shape, :lengthMm, :widthMm, :diameterMm, :depthMm, :cornerMm, :flareDeg)`,
    )
    .run({ name, count, ...columnsOf(tin) });
  return Number(lastInsertRowid);
}

/** Changes a tin; returns false if it is gone or someone else has changed it. */
export function changeTin(db: Db, { id, revision, name, count, tin }: StoredTin): boolean {
  forgetReads(db, 'rack');
  return (
    db
      .prepare(
        `UPDATE tin SET revision = revision + 1, name = :name, count = :count, shape = :shape, length_mm = :lengthMm,
         width_mm = :widthMm, diameter_mm = :diameterMm, depth_mm = :depthMm, corner_mm = :cornerMm, flare_deg = :flareDeg
         WHERE id = :id AND revision = :revision`,
      )
      .run({ id, revision, name, count, ...columnsOf(tin) }).changes === 1
  );
}

/** Deletes a tin, unless someone else has changed it. */
export function removeTin(db: Db, id: number, revision: number): 'removed' | 'gone' | 'changed-elsewhere' {
  forgetReads(db, 'rack');
  if (db.prepare('DELETE FROM tin WHERE id = ? AND revision = ?').run(id, revision).changes === 1) return 'removed';
  return db.prepare('SELECT 1 FROM tin WHERE id = ?').get(id) ? 'changed-elsewhere' : 'gone';
}
