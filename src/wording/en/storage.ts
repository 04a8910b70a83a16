/** Messages when data cannot be stored, and what to do. */

/** Errors of a save, by the start of SQLite's code. */
const SAVE_ERRORS: readonly (readonly [code: string, sentence: string])[] = [
  ['SQLITE_FULL', 'The disk is full. Nothing was lost. Free some space and save again'],
  ['SQLITE_BUSY', 'Another program is using the data. Nothing was lost. Close it and save again'],
  ['SQLITE_LOCKED', 'Another program is using the data. Nothing was lost. Close it and save again'],
  ['SQLITE_READONLY', 'The data folder is read-only. Nothing was lost. Make it writable and save again'],
  ['SQLITE_CANTOPEN', 'The data folder cannot be opened. Nothing was lost. Check that it exists and save again'],
  ['SQLITE_IOERR', 'The disk cannot be written to. Nothing was lost. Check the disk and save again'],
  ['SQLITE_CORRUPT', 'The data is damaged. Stop the program and restore a copy with npm run restore'],
  ['SQLITE_NOTADB', 'The data is damaged. Stop the program and restore a copy with npm run restore'],
];

/** Returns the message for an error code of SQLite; `null` for other codes. */
export const saveErrorText = (code: string): string | null =>
  SAVE_ERRORS.find(([start]) => code.startsWith(start))?.[1] ?? null;

/** Faults of the data file while the server is running. */
export const DATA_FILE_FAULTS = {
  missing:
    'The data file is missing. Nothing can be saved until it is back. If you cannot put it back, stop the server and run npm run restore',
  replaced: 'The data file was replaced while the server was running. Nothing can be saved. Restart the server',
  damaged: 'The data file is damaged. Nothing can be saved. Stop the server and restore a copy with npm run restore',
  unwritable: 'The disk cannot be written: it is full, read-only or failing. Nothing can be saved until this is fixed',
} as const;
