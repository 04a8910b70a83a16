import { strFromU8, strToU8, Unzip, UnzipInflate, zipSync } from 'fflate';
import { readRunFile, type RunFile } from '$core/run';
import { parseSlab, readSlab, type Slab } from '$core/slab';
import { parsedJson, type Problem, type Read, problem, problemsUnder, reason, type Reason } from '$core/validation';
import { fileName } from '$lib/format/fileName';
import { readShop } from './requests/kept';

/** Text of a slab file, and the slab's name. */
export interface NamedText {
  readonly name: string;
  readonly text: string;
  /** Its runs, each as a file named by its lot, and their photos. */
  readonly runs?: readonly RunText[];
}

export interface RunText {
  readonly lot: string;
  readonly run: object;
  readonly photos: readonly { readonly id: string; readonly jpeg: Uint8Array }[];
}

/** A run in a zip, with the name of its slab file. */
export type RunRead = Required<Pick<RunFile, 'file'>> & Omit<RunFile, 'file' | 'format' | 'version'>;

/** Result of reading a zip. */
export interface FilesRead {
  readonly slabs: readonly { readonly file: string; readonly slab: Slab }[];
  readonly runs: readonly RunRead[];
  /** By their ids. */
  readonly photos: readonly { readonly id: string; readonly lot: string; readonly jpeg: Uint8Array }[];
  readonly refused: readonly { readonly file: string; readonly problems: readonly Problem[] }[];
}

const MAX_FILES = 500;
const MAX_FILE_BYTES = 1_048_576;
const MAX_BYTES = 16 * MAX_FILE_BYTES;
/** Zips are unpacked in small portions, so that a small one that expands too much is noticed in time. */
const BITE = 4096;

/** Returns a zip of slab files by name, with their runs; equal names get a number. */
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
    for (const { lot, run, photos } of slab.runs ?? []) {
      files.set(`runs/${lot}.run.json`, strToU8(JSON.stringify({ ...run, file: name })));
      for (const { id, jpeg } of photos) files.set(`runs/${lot}/${id}.jpg`, jpeg);
    }
  }
  return zipSync(Object.fromEntries(files));
}

/** A file of a zip as it is unpacked. */
interface Unpacked {
  readonly file: string;
  readonly parts: Uint8Array[];
  bytes: number;
  refusal: Reason | null;
}

const SLAB_FILE = /\.slab\.json$/i;
const RUN_FILE = /\.run\.json$/i;
const PHOTO = /^runs\/([^/]{1,200})\/([0-9a-f-]{36})\.jpg$/;
const WANTED = [SLAB_FILE, RUN_FILE, PHOTO];

/** Reads a run with its snapshot, each part by its own reader. */
function runIn(text: string): Read<RunRead> {
  const json = parsedJson(text, reason('damaged-zip-entry'));
  if (!json.ok) return json;
  const read = readRunFile(json.value);
  if (!read.ok) return read;
  const { slab, shop } = Object(json.value) as { slab?: unknown; shop?: unknown };
  const [slabRead, shopRead] = [parseSlab(slab), readShop(shop)];
  if (!slabRead.ok) return { ok: false, problems: problemsUnder('/slab', slabRead.problems) };
  if (!shopRead.ok) return { ok: false, problems: problemsUnder('/shop', shopRead.problems) };
  const { file, plan, events, ingredients } = read.value;
  if (file === undefined) return { ok: false, problems: [problem('/file', 'slab-file-not-named')] };
  return { ok: true, value: { file, plan, events, ingredients, slab: slabRead.value, shop: shopRead.value } };
}

/**
 * Reads the slab files in a zip, with their runs. Other files are ignored; invalid ones are listed with their problems. The
 * actual size of a file counts, not the declared one.
 *
 * What counts is how large a file turns out to be, and not what the zip says of it.
 *
 * @returns null where the bytes are no zip
 */
export function slabsInZip(bytes: Uint8Array): FilesRead | null {
  const files: Unpacked[] = [];
  let total = 0;
  const unzip = new Unzip((entry) => {
    if (!WANTED.some((name) => name.test(entry.name)) || entry.name.startsWith('__MACOSX/')) return;
    const unpacked: Unpacked = { file: entry.name, parts: [], bytes: 0, refusal: null };
    files.push(unpacked);
    const refuse = (why: Reason) => {
      unpacked.refusal ??= why;
      unpacked.parts.length = 0;
      entry.terminate();
    };
    entry.ondata = (error, part) => {
      if (unpacked.refusal !== null) return;
      if (error) return refuse(reason('damaged-zip-entry'));
      unpacked.bytes += part.length;
      total += part.length;
      if (unpacked.bytes > MAX_FILE_BYTES) return refuse(reason('file-too-large', { maxMb: MAX_FILE_BYTES / 1e6 }));
      if (total > MAX_BYTES) return refuse(reason('zip-too-large', { maxMb: MAX_BYTES / 1e6 }));
      unpacked.parts.push(part);
    };
    if (files.length > MAX_FILES) unpacked.refusal = reason('too-many-files', { max: MAX_FILES });
    else entry.start();
  });
  unzip.register(UnzipInflate);
  try {
    if (strFromU8(bytes.subarray(0, 2)) !== 'PK') return null;
    for (let at = 0; at < bytes.length && total <= MAX_BYTES; at += BITE) {
      unzip.push(bytes.subarray(at, at + BITE), at + BITE >= bytes.length);
    }
  } catch {
    return null;
  }
  const slabs: { file: string; slab: Slab }[] = [];
  const runs: RunRead[] = [];
  const photos: { id: string; lot: string; jpeg: Uint8Array }[] = [];
  const refused: { file: string; problems: readonly Problem[] }[] = [];
  for (const { file, parts, bytes: size, refusal } of files) {
    if (refusal !== null) {
      refused.push({ file, problems: [{ ...refusal, path: '' }] });
      continue;
    }
    const whole = new Uint8Array(size);
    parts.reduce((at, part) => (whole.set(part, at), at + part.length), 0);
    const photo = PHOTO.exec(file);
    if (photo) {
      photos.push({ lot: photo[1]!, id: photo[2]!, jpeg: whole });
      continue;
    }
    if (RUN_FILE.test(file)) {
      const read = runIn(strFromU8(whole));
      if (read.ok) runs.push(read.value);
      else refused.push({ file, problems: read.problems });
      continue;
    }
    const read = readSlab(strFromU8(whole));
    if (read.ok) slabs.push({ file, slab: read.value });
    else refused.push({ file, problems: read.problems });
  }
  return { slabs, runs, photos, refused };
}
