import { imageSize } from 'image-size';
import { createHash, randomUUID } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { problem, type Problem } from '$core/validation';
import type { Db } from './db/open';

/** Maximum longer edge of a stored photo, px. */
export const MAX_PHOTO_PX = 1600;
const MAX_PHOTOS = 200;

/** Returns what is wrong with the bytes of a photo, or `null`. */
export function photoProblem(bytes: Uint8Array): Problem | null {
  try {
    const { type, width, height } = imageSize(bytes);
    if (type !== 'jpg') return problem('', 'not-a-jpeg');
    if (Math.max(width, height) > MAX_PHOTO_PX) return problem('', 'picture-too-large', { maxPx: MAX_PHOTO_PX });
    return null;
  } catch {
    return problem('', 'not-a-picture');
  }
}

/** Folder of the photos, beside the database: immutable files named by their hash. */
const folderOf = (db: Db) => join(dirname(db.name), 'photos');
const fileOf = (db: Db, sha256: string) => join(folderOf(db), `${sha256}.jpg`);

/** Writes a file completely or not at all, also in a power cut. */
function writeDurably(file: string, bytes: Uint8Array): void {
  const part = `${file}.${randomUUID()}.part`;
  writeFileSync(part, bytes, { flush: true });
  renameSync(part, file);
  const folder = openSync(dirname(file), 'r');
  fsyncSync(folder);
  closeSync(folder);
}

/** Writes the file of a photo if it is missing. @returns its hash */
function writePhoto(db: Db, jpeg: Uint8Array): string {
  const sha256 = createHash('sha256').update(jpeg).digest('hex');
  const file = fileOf(db, sha256);
  if (existsSync(file)) return sha256;
  mkdirSync(folderOf(db), { recursive: true, mode: 0o700 });
  writeDurably(file, jpeg);
  return sha256;
}

const hashOf = (db: Db, runId: number, id: string) =>
  db
    .prepare<[number, string], string>('SELECT sha256 FROM run_photo WHERE run_id = ? AND id = ?')
    .pluck()
    .get(runId, id);

export type PhotoAdded = 'added' | 'known' | 'other-under-this-id' | 'full';

/** Adds a photo to a run. Sending the same one again changes nothing; a different one with the same id is refused. */
export function addPhoto(db: Db, runId: number, id: string, jpeg: Uint8Array): PhotoAdded {
  // The file is written first, so that a row always has its file.
  const sha256 = writePhoto(db, jpeg);
  return db
    .transaction((): PhotoAdded => {
      const before = hashOf(db, runId, id);
      if (before !== undefined) return before === sha256 ? 'known' : 'other-under-this-id';
      const count = db.prepare<[number], number>('SELECT count(*) FROM run_photo WHERE run_id = ?').pluck().get(runId)!;
      if (count >= MAX_PHOTOS) return 'full';
      db.prepare('INSERT INTO run_photo (run_id, id, sha256, bytes) VALUES (?, ?, ?, ?)').run(
        ...[runId, id, sha256, jpeg.length],
      );
      return 'added';
    })
    .immediate();
}

/** Returns a photo of a run as JPEG; `null` if there is none. */
export function photoOf(db: Db, runId: number, id: string): Buffer | null {
  const sha256 = hashOf(db, runId, id);
  if (sha256 === undefined || !existsSync(fileOf(db, sha256))) return null;
  return readFileSync(fileOf(db, sha256));
}

/** Returns the ids of a run's photos. */
export const photosOf = (db: Db, runId: number): string[] =>
  db.prepare<[number], string>('SELECT id FROM run_photo WHERE run_id = ? ORDER BY id').pluck().all(runId);

/** Moves photos out of an older database one by one; it can be interrupted. */
export function movePhotosOut(db: Db): void {
  const isThere = db.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'run_photo_blob'`).get();
  if (!isThere) return;
  const ids = db.prepare<[], { runId: number; id: string }>('SELECT run_id AS runId, id FROM run_photo_blob').all();
  const read = db
    .prepare<[number, string], Buffer>('SELECT jpeg FROM run_photo_blob WHERE run_id = ? AND id = ?')
    .pluck();
  const insert = db.prepare('INSERT OR IGNORE INTO run_photo (run_id, id, sha256, bytes) VALUES (?, ?, ?, ?)');
  for (const { runId, id } of ids) {
    const jpeg = read.get(runId, id)!;
    insert.run(runId, id, writePhoto(db, jpeg), jpeg.length);
  }
  db.exec('DROP TABLE run_photo_blob');
  // Frees their space, so that opening and copying stay fast.
  if (ids.length > 0) db.exec('VACUUM');
}
