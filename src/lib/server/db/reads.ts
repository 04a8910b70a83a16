import type { Db } from './open';

/** Cache of reads. Only this process writes to the data, so it knows when they change. */
export type ReadFrom = 'larder' | 'settings' | 'rack';

const MAX_READS = 500;
const reads = new WeakMap<Db, Map<ReadFrom, Map<string, unknown>>>();

function readsOf(db: Db, from: ReadFrom): Map<string, unknown> {
  const all = reads.get(db) ?? new Map<ReadFrom, Map<string, unknown>>();
  reads.set(db, all);
  const own = all.get(from) ?? new Map<string, unknown>();
  all.set(from, own);
  return own;
}

/** Reads a value, or returns the cached one for the same key. Transactions always read, since they may be rolled back. */
export function cachedRead<T>(db: Db, from: ReadFrom, key: string, read: () => T): T {
  if (db.inTransaction) return read();
  const own = readsOf(db, from);
  if (own.has(key)) return own.get(key) as T;
  const value = read();
  if (own.size >= MAX_READS) own.clear();
  own.set(key, value);
  return value;
}

/** Clears the cache before a write. */
export function forgetReads(db: Db, ...written: readonly ReadFrom[]): void {
  for (const from of written) readsOf(db, from).clear();
}
