/** The larder as a thread reads it: from the database file, without the server's connection. */
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
    // A thread passes on the message and the cause of an error, and of a cause only plain data.
    const { code } = error as { readonly code?: string };
    // eslint-disable-next-line preserve-caught-error
    throw new Error('The larder could not be read', { cause: { code } });
  } finally {
    db?.close();
  }
}
