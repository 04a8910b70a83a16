/** What to say of a fault of the storage, by the beginning of SQLite's code for it: what happened, and what to do. */
const SENTENCES: readonly (readonly [code: string, sentence: string])[] = [
  ['SQLITE_FULL', 'The disk is full: nothing was lost, make room and press Keep again'],
  ['SQLITE_BUSY', 'Another program holds the data: nothing was lost, close it and press Keep again'],
  ['SQLITE_LOCKED', 'Another program holds the data: nothing was lost, close it and press Keep again'],
  [
    'SQLITE_READONLY',
    'The data can only be read: nothing was lost, let the program write to its folder and press Keep again',
  ],
  [
    'SQLITE_CANTOPEN',
    'The folder of the data cannot be opened: nothing was lost, look whether it is there and press Keep again',
  ],
  [
    'SQLITE_IOERR',
    'The disk does not take what is written: nothing was lost, look after the disk and press Keep again',
  ],
  ['SQLITE_CORRUPT', 'The data are damaged: stop the program, and put a copy back with npm run restore'],
  ['SQLITE_NOTADB', 'The data are damaged: stop the program, and put a copy back with npm run restore'],
];

/** The sentence for a fault of the storage, also of one in another thread, or null for any other fault. */
export function storageSentence(error: unknown): string | null {
  const code = codeOf(error) || codeOf(error instanceof Error ? error.cause : null);
  return SENTENCES.find(([start]) => code.startsWith(start))?.[1] ?? null;
}

const codeOf = (fault: unknown) =>
  typeof fault === 'object' && fault !== null && 'code' in fault ? String(fault.code) : '';
