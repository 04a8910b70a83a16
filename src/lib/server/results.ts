import { createHash } from 'node:crypto';
import { env } from 'node:process';
import { deserialize, serialize } from 'node:v8';
import type { Db } from './db/open';

/** Maximum number of results in memory, and in the database. */
const MAX_IN_MEMORY = 500;
const MAX_STORED = 1000;
/** Larger results are computed each time, so that one client cannot fill memory or disk. */
const MAX_BYTES = 256 * 1024;
/** Results that took longer are stored, so that they survive a restart, ms. */
const STORE_AFTER_MS = 100;

/** Results by the digest of their inputs, the last used last. */
const inMemory = new Map<string, unknown>();
/** Results in progress, so that none is computed twice. */
const underWay = new Map<string, Promise<unknown>>();

/**
 * Returns the key of a result from everything it depends on.
 *
 * @param kind what is worked out
 * @param inputs plain data: the same inputs give the same key, and so does nothing else
 */
export function resultKey(kind: string, ...inputs: readonly unknown[]): string {
  const hash = createHash('sha256').update(`${env.KNIFE_TRAY_BUILD ?? ''}\0${kind}\0`);
  for (const input of inputs) hash.update(JSON.stringify(input) ?? '').update('\0');
  return `${kind} ${hash.digest('base64url')}`;
}

/** Marks a result as the last used. */
function remember(key: string, value: unknown): void {
  inMemory.delete(key);
  inMemory.set(key, value);
  if (inMemory.size > MAX_IN_MEMORY) inMemory.delete(inMemory.keys().next().value!);
}

function stored(db: Db, key: string): unknown {
  const bytes = db.prepare<[string], Buffer>('SELECT value FROM result WHERE key = ?').pluck().get(key);
  return bytes && deserialize(bytes);
}

function store(db: Db, key: string, bytes: Buffer): void {
  db.prepare('INSERT OR REPLACE INTO result (key, value, made_at) VALUES (?, ?, ?)').run(
    ...[key, bytes, new Date().toISOString()],
  );
  db.prepare(
    `DELETE FROM result WHERE key IN (SELECT key FROM result ORDER BY made_at DESC LIMIT -1 OFFSET ${MAX_STORED})`,
  ).run();
}

/** Returns a cached result; `undefined` if there is none. */
export function knownResult<T>(db: Db, key: string): T | undefined {
  if (inMemory.has(key)) {
    const value = inMemory.get(key);
    remember(key, value);
    return value as T;
  }
  const found = stored(db, key);
  if (found !== undefined) remember(key, found);
  return found as T | undefined;
}

/** Returns a cached result, or computes it directly. For results that take a few milliseconds. */
export function quickResult<T>(key: string, work: () => T): T {
  if (inMemory.has(key)) {
    const value = inMemory.get(key) as T;
    remember(key, value);
    return value;
  }
  const value = work();
  remember(key, value);
  return value;
}

/**
 * Returns a cached result, waits for one in progress, or computes it.
 *
 * @param work gives plain data, or null if there is no result this time; null is not kept
 */
export function resultOf<T>(db: Db, key: string, work: () => Promise<T | null>): Promise<T | null> {
  const known = knownResult<T>(db, key);
  if (known !== undefined) return Promise.resolve(known);
  const running = underWay.get(key) as Promise<T | null> | undefined;
  if (running) return running;
  const started = performance.now();
  const working = work()
    .then((value) => {
      if (value === null) return null;
      const bytes = serialize(value);
      if (bytes.length > MAX_BYTES) return value;
      remember(key, value);
      if (performance.now() - started > STORE_AFTER_MS) store(db, key, bytes);
      return value;
    })
    .finally(() => underWay.delete(key));
  underWay.set(key, working);
  return working;
}
