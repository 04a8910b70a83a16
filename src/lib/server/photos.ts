import { imageSize } from 'image-size';
import type { Problem } from '../../core/validation';
import type { Db } from './db/open';

/** The longer edge of a photo that is kept, px. */
export const MOST_PHOTO_PX = 1600;
const MOST_PHOTOS = 200;

/** What is wrong with the bytes of a photo; null where they are one that can be kept. */
export function photoProblem(bytes: Uint8Array): Problem | null {
  try {
    const { type, width, height } = imageSize(bytes);
    if (type !== 'jpg') return { path: '', message: 'Send a JPEG: this is another kind of picture' };
    if (Math.max(width, height) > MOST_PHOTO_PX)
      return { path: '', message: `Make it smaller: at most ${MOST_PHOTO_PX} pixels on the longer edge` };
    return null;
  } catch {
    return { path: '', message: 'This is no picture, whatever its name says: choose a photo' };
  }
}

/**
 * Keeps a photo of a run. The same one sent again changes nothing.
 *
 * @returns whether there was room for it
 */
export function addPhoto(db: Db, runId: number, id: string, jpeg: Uint8Array): boolean {
  return db
    .transaction(() => {
      const count = db.prepare<[number], number>('SELECT count(*) FROM run_photo WHERE run_id = ?').pluck().get(runId)!;
      if (count >= MOST_PHOTOS) return photoOf(db, runId, id) !== null;
      db.prepare('INSERT OR IGNORE INTO run_photo (run_id, id, jpeg) VALUES (?, ?, ?)').run(
        runId,
        id,
        Buffer.from(jpeg),
      );
      return true;
    })
    .immediate();
}

/** A photo of a run, as JPEG; null where there is none. */
export function photoOf(db: Db, runId: number, id: string): Buffer | null {
  return (
    db
      .prepare<[number, string], Buffer>('SELECT jpeg FROM run_photo WHERE run_id = ? AND id = ?')
      .pluck()
      .get(runId, id) ?? null
  );
}

/** The ids of a run's photos. */
export const photosOf = (db: Db, runId: number): string[] =>
  db.prepare<[number], string>('SELECT id FROM run_photo WHERE run_id = ? ORDER BY id').pluck().all(runId);
