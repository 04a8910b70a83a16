import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readSlab, writeSlab, type Slab } from '../../core/slab';
import { type Problem } from '../../core/validation';
import { fileName } from '../fileName';
import { BODY_LIMIT } from './http';

/** What came of the files in a zip. */
export interface FilesRead {
  readonly slabs: readonly { readonly file: string; readonly slab: Slab }[];
  readonly refused: readonly { readonly file: string; readonly problems: readonly Problem[] }[];
}

const MOST_FILES = 500;
const MOST_BYTES = 50 * BODY_LIMIT;

/** Slabs in one zip, each under its own name; equal names get a number. */
export function zipOf(slabs: readonly Slab[]): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  for (const slab of slabs) {
    const plain = fileName(slab.name);
    let name = plain;
    for (let n = 2; name in files; n++) name = plain.replace(/\.slab\.json$/, `-${n}.slab.json`);
    files[name] = strToU8(writeSlab(slab));
  }
  return zipSync(files);
}

/**
 * The slab files in a zip. Folders and other files are passed over; a slab file that does not read is told with its problems.
 *
 * A file says how large it is before it is unpacked, so that a small zip cannot fill the memory.
 *
 * @returns null where the bytes are no zip
 */
export function slabsInZip(bytes: Uint8Array): FilesRead | null {
  const refused: { file: string; problems: Problem[] }[] = [];
  let total = 0;
  let count = 0;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!/\.slab\.json$/i.test(name) || name.startsWith('__MACOSX/')) return false;
        count += 1;
        total += originalSize;
        if (count <= MOST_FILES && originalSize <= BODY_LIMIT && total <= MOST_BYTES) return true;
        const message =
          count > MOST_FILES
            ? `Only ${MOST_FILES} files are taken at once`
            : 'This file is over 1 MB: a slab file is a few thousand bytes';
        refused.push({ file: name, problems: [{ path: '', message }] });
        return false;
      },
    });
  } catch {
    return null;
  }
  const slabs: { file: string; slab: Slab }[] = [];
  for (const [file, content] of Object.entries(files)) {
    const read = readSlab(strFromU8(content));
    if (read.ok) slabs.push({ file, slab: read.value });
    else refused.push({ file, problems: [...read.problems] });
  }
  return { slabs, refused };
}
