import { createHash, randomBytes } from 'node:crypto';
import type { Db } from './db/open';

/** What a token allows: reading and calculating, or changing as well. */
export const ACCESSES = ['read', 'full'] as const;
export type Access = (typeof ACCESSES)[number];

/** A token without its secret. */
export interface AccessToken {
  readonly id: number;
  readonly name: string;
  readonly access: Access;
  /** ISO 8601. */
  readonly madeAt: string;
  /** Within a minute; `null` if it was never used. */
  readonly usedAt: string | null;
}

/** Maximum number of tokens that are not revoked. */
export const MAX_TOKENS = 50;
const PREFIX = 'knifetray_';
const SECRET_BYTES = 32;
const MINUTE_MS = 60_000;

const digestOf = (token: string) => createHash('sha256').update(token).digest('base64url');

/** Returns the tokens that are not revoked, the newest first. */
export const allTokens = (db: Db): AccessToken[] =>
  db
    .prepare<[], AccessToken>(
      `SELECT id, name, access, made_at AS madeAt, used_at AS usedAt FROM access_token WHERE revoked_at IS NULL ORDER BY id DESC`,
    )
    .all();

/** Makes a token. @returns it with its secret, which is not stored; `null` if there are too many */
export function makeToken(
  db: Db,
  { name, access }: Pick<AccessToken, 'name' | 'access'>,
  now: string,
): { readonly id: number; readonly token: string } | null {
  if (allTokens(db).length >= MAX_TOKENS) return null;
  const token = PREFIX + randomBytes(SECRET_BYTES).toString('base64url');
  const { lastInsertRowid } = db
    .prepare('INSERT INTO access_token (name, digest, access, made_at) VALUES (?, ?, ?, ?)')
    .run(name, digestOf(token), access, now);
  return { id: Number(lastInsertRowid), token };
}

/** Revokes a token at once. @returns whether there was one */
export const revokeToken = (db: Db, id: number, now: string): boolean =>
  db.prepare('UPDATE access_token SET revoked_at = ? WHERE id = ? AND revoked_at IS NULL').run(now, id).changes === 1;

/**
 * Returns the token that a request names in `Authorization: Bearer`; `null` if it names none, `'unknown'` if there is none like it. Other schemes
 * are for others: a proxy may ask for a name and a password of its own.
 */
export function tokenOf(db: Db, request: Request, now: Date): AccessToken | 'unknown' | null {
  const given = request.headers.get('authorization') ?? '';
  if (!/^Bearer\b/i.test(given)) return null;
  const found = db
    .prepare<[string], AccessToken>(
      `SELECT id, name, access, made_at AS madeAt, used_at AS usedAt FROM access_token WHERE digest = ? AND revoked_at IS NULL`,
    )
    .get(digestOf(given.replace(/^Bearer\s*/i, '')));
  if (!found) return 'unknown';
  noteUse(db, found, now);
  return found;
}

/** Notes when a token was used, at most once a minute: each write is one to the disk. A disk that is full keeps nobody from reading. */
function noteUse(db: Db, { id, usedAt }: AccessToken, now: Date): void {
  if (usedAt !== null && now.getTime() - Date.parse(usedAt) < MINUTE_MS) return;
  try {
    db.prepare('UPDATE access_token SET used_at = ? WHERE id = ?').run(now.toISOString(), id);
  } catch {
    // What cannot be stored is reported by the requests that have to store something.
  }
}
