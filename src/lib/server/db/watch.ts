import { closeSync, openSync, readSync, statSync } from 'node:fs';
import { DATA_FILE_FAULTS } from '$wording/storage';
import type { Db } from './open';

export type StorageFault = keyof typeof DATA_FILE_FAULTS;

/** The first bytes of every SQLite database. @see https://www.sqlite.org/fileformat.html */
const HEADER = 'SQLite format 3\0';
/** Errors after which the file cannot be trusted until a restart. */
const DAMAGE = /^SQLITE_(?:CORRUPT|NOTADB)/;
const UNWRITABLE = /^SQLITE_(?:FULL|READONLY|IOERR|CANTOPEN)/;

const identityOf = (file: string): string | null => {
  try {
    const { dev, ino } = statSync(file);
    return `${dev}.${ino}`;
  } catch {
    return null;
  }
};

/** Detects that the data file is deleted, replaced, damaged or not writable while it is open. */
export class StorageWatch {
  readonly #db: Db;
  /** Identity of the file and its log when opened. */
  readonly #opened: ReadonlyMap<string, string | null>;
  #isDamaged = false;
  #isUnwritable = false;

  constructor(db: Db) {
    this.#db = db;
    this.#writeCanary();
    this.#opened = new Map([db.name, `${db.name}-wal`].map((file) => [file, identityOf(file)]));
  }

  /** Checks the file without reading data: some microseconds, before every change. */
  fault(): StorageFault | null {
    if (this.#isDamaged) return 'damaged';
    for (const [file, identity] of this.#opened) {
      const now = identityOf(file);
      if (now === identity) continue;
      return now === null ? 'missing' : 'replaced';
    }
    return this.#isUnwritable ? 'unwritable' : null;
  }

  /** Checks the header of the file, and writes and reads back a row. */
  look(): StorageFault | null {
    const seen = this.fault();
    if (seen !== null && seen !== 'unwritable') return seen;
    if (!this.#hasHeader()) this.#isDamaged = true;
    else this.#writeCanary();
    return this.fault();
  }

  /** Records an error of a request. */
  report(error: unknown): void {
    const code = String(Object(error).code ?? Object(Object(error).cause).code ?? '');
    if (DAMAGE.test(code)) this.#isDamaged = true;
    if (UNWRITABLE.test(code)) this.#isUnwritable = true;
  }

  #hasHeader(): boolean {
    const head = Buffer.alloc(HEADER.length);
    try {
      const file = openSync(this.#db.name, 'r');
      try {
        readSync(file, head, 0, head.length, 0);
      } finally {
        closeSync(file);
      }
    } catch {
      return false;
    }
    return head.toString('latin1') === HEADER;
  }

  #writeCanary(): void {
    const at = new Date().toISOString();
    try {
      this.#db.prepare('UPDATE canary SET at = ? WHERE id = 1').run(at);
      const read = this.#db.prepare('SELECT at FROM canary WHERE id = 1').pluck().get();
      this.#isUnwritable = read !== at;
    } catch (error) {
      // Another program may lock the file for a moment.
      if (!/^SQLITE_BUSY/.test(String(Object(error).code))) this.#isUnwritable = true;
      this.report(error);
    }
  }
}

/** Returns the message of a fault, with what to do. */
export const faultSentence = (fault: StorageFault): string => DATA_FILE_FAULTS[fault];
