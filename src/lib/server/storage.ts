/** Messages for storage errors, by the start of SQLite's code: what happened, and what to do. */
const SENTENCES: readonly (readonly [code: string, sentence: string])[] = [
  ['SQLITE_FULL', 'The disk is full. Nothing was lost. Free some space and save again'],
  ['SQLITE_BUSY', 'Another program is using the data. Nothing was lost. Close it and save again'],
  ['SQLITE_LOCKED', 'Another program is using the data. Nothing was lost. Close it and save again'],
  ['SQLITE_READONLY', 'The data folder is read-only. Nothing was lost. Make it writable and save again'],
  ['SQLITE_CANTOPEN', 'The data folder cannot be opened. Nothing was lost. Check that it exists and save again'],
  ['SQLITE_IOERR', 'The disk cannot be written to. Nothing was lost. Check the disk and save again'],
  ['SQLITE_CORRUPT', 'The data is damaged. Stop the program and restore a copy with npm run restore'],
  ['SQLITE_NOTADB', 'The data is damaged. Stop the program and restore a copy with npm run restore'],
];

/** Returns the message of a storage error, also of one in another thread, or `null` for other errors. */
export function storageSentence(error: unknown): string | null {
  const code = codeOf(error) || codeOf(error instanceof Error ? error.cause : null);
  return SENTENCES.find(([start]) => code.startsWith(start))?.[1] ?? null;
}

const codeOf = (fault: unknown) =>
  typeof fault === 'object' && fault !== null && 'code' in fault ? String(fault.code) : '';
