import { strFromU8, strToU8, Unzip, UnzipInflate, zipSync } from 'fflate';
import { readSlab, type Slab } from '../../core/slab';
import type { Problem } from '../../core/validation';
import { fileName } from '../fileName';

/** A slab file's text, and the name of the slab in it. */
export interface NamedText {
  readonly name: string;
  readonly text: string;
}

/** What came of the files in a zip. */
export interface FilesRead {
  readonly slabs: readonly { readonly file: string; readonly slab: Slab }[];
  readonly refused: readonly { readonly file: string; readonly problems: readonly Problem[] }[];
}

const MOST_FILES = 500;
const MOST_FILE_BYTES = 1_048_576;
const MOST_BYTES = 16 * MOST_FILE_BYTES;
/** A zip is unpacked in bites, so that what a small one swells to is seen before it fills the memory. */
const BITE = 4096;

/** Slab files in one zip, each under its slab's name; equal names get a number. */
export function zipOf(slabs: readonly NamedText[]): Uint8Array {
  const files = new Map<string, Uint8Array>();
  const next = new Map<string, number>();
  for (const slab of slabs) {
    const plain = fileName(slab.name);
    let name = plain;
    for (let n = next.get(plain) ?? 2; files.has(name); n++) {
      name = plain.replace(/\.slab\.json$/, `-${n}.slab.json`);
      next.set(plain, n + 1);
    }
    files.set(name, strToU8(slab.text));
  }
  return zipSync(Object.fromEntries(files));
}

/** One file of a zip as it comes out. */
interface Unpacked {
  readonly file: string;
  readonly parts: Uint8Array[];
  bytes: number;
  problem: string | null;
}

/**
 * The slab files in a zip. Folders and other files are passed over; a slab file that does not read is told with its problems.
 *
 * What counts is how large a file turns out to be, and not what the zip says of it.
 *
 * @returns null where the bytes are no zip
 */
export function slabsInZip(bytes: Uint8Array): FilesRead | null {
  const files: Unpacked[] = [];
  let total = 0;
  const unzip = new Unzip((entry) => {
    if (!/\.slab\.json$/i.test(entry.name) || entry.name.startsWith('__MACOSX/')) return;
    const unpacked: Unpacked = { file: entry.name, parts: [], bytes: 0, problem: null };
    files.push(unpacked);
    const refuse = (message: string) => {
      unpacked.problem ??= message;
      unpacked.parts.length = 0;
      entry.terminate();
    };
    entry.ondata = (error, part) => {
      if (unpacked.problem !== null) return;
      if (error) return refuse('This file is damaged: make the zip anew');
      unpacked.bytes += part.length;
      total += part.length;
      if (unpacked.bytes > MOST_FILE_BYTES)
        return refuse('This file is over 1 MB: a slab file is a few thousand bytes');
      if (total > MOST_BYTES) return refuse('The files of this zip are over 16 MB together: part it');
      unpacked.parts.push(part);
    };
    if (files.length > MOST_FILES) unpacked.problem = `Only ${MOST_FILES} files are taken at once`;
    else entry.start();
  });
  unzip.register(UnzipInflate);
  try {
    if (strFromU8(bytes.subarray(0, 2)) !== 'PK') return null;
    for (let at = 0; at < bytes.length && total <= MOST_BYTES; at += BITE) {
      unzip.push(bytes.subarray(at, at + BITE), at + BITE >= bytes.length);
    }
  } catch {
    return null;
  }
  const slabs: { file: string; slab: Slab }[] = [];
  const refused: { file: string; problems: readonly Problem[] }[] = [];
  for (const { file, parts, bytes: size, problem } of files) {
    if (problem !== null) {
      refused.push({ file, problems: [{ path: '', message: problem }] });
      continue;
    }
    const whole = new Uint8Array(size);
    parts.reduce((at, part) => (whole.set(part, at), at + part.length), 0);
    const read = readSlab(strFromU8(whole));
    if (read.ok) slabs.push({ file, slab: read.value });
    else refused.push({ file, problems: read.problems });
  }
  return { slabs, refused };
}
