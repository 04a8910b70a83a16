/** The larder for a thread: read from the database file, without the server's connection. */
import Database from 'better-sqlite3';
import { shelfNow } from '../larderCsv';

/**
 * Reads the whole larder.
 *
 * @throws an error with the SQLite code in its cause
 */
export function larderIn(file: string) {
  let db: Database.Database | null = null;
  try {
    db = new Database(file, { readonly: true });
    return db.transaction(shelfNow)(db);
  } catch (error) {
    // Threads pass on only the message and plain cause of an error.
    const { code } = error as { readonly code?: string };
    // eslint-disable-next-line preserve-caught-error
    throw new Error('The larder could not be read', { cause: { code } });
  } finally {
    db?.close();
  }
}
