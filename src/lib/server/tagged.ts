import { createHash } from 'node:crypto';

/**
 * Answers with JSON and an `ETag` of its content: 304 without content where the sender has it already.
 *
 * @param request may name what it has in `If-None-Match`
 */
export function tagged(request: Request, value: unknown): Response {
  const text = JSON.stringify(value);
  const tag = `"${createHash('sha256').update(text).digest('base64url').slice(0, 27)}"`;
  const headers = { ETag: tag, 'Cache-Control': 'no-cache' };
  const known = (request.headers.get('if-none-match') ?? '').split(',').map((part) => part.trim().replace(/^W\//, ''));
  if (known.includes(tag)) return new Response(null, { status: 304, headers });
  return new Response(text, { headers: { ...headers, 'Content-Type': 'application/json' } });
}

/** Entries in one page of a list. */
export const PAGE_SIZE = 100;
