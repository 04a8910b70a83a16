/** Tasks that read and write files: tables of the larder, and zips of slabs. */
import { readTable, type LarderTable } from '../larderTable';
import { slabsInZip, zipOf, type FilesRead, type NamedText } from '../slabFiles';
import { larderIn } from './larderFile';

/** Reads a table against the larder, with the larder's stamp. The thread reads the larder itself. */
export function table({ text, of, file }: { text: string; of: LarderTable; file: string }) {
  const { shelf, stamp } = larderIn(file);
  return { ...readTable(text, of, shelf), stamp };
}

/** Reads the slab files in a zip. */
export const unzip = (bytes: Uint8Array): FilesRead | null => slabsInZip(bytes);

/** Writes slab files as one zip. */
export const zip = (files: readonly NamedText[]): Uint8Array => zipOf(files);
