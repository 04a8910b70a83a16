import { refusal } from './http';

/** Accepted content types. Forms and plain text, which other sites could send, are not among them. */
const BODIES = /^(?:application\/(?:[a-z.]+\+)?json|text\/csv|application\/zip|image\/jpeg)(?:;|$)/i;
/** Methods without side effects. */
export const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Returns a refusal for a changing request that comes from another site's page, or could.
 *
 * @param host the name and port by which the application was asked
 * @returns the answer that says so, or null
 */
export function refusalOf(request: Request, host: string): Response | null {
  if (READS.has(request.method)) return null;
  const { headers } = request;
  const origin = headers.get('origin');
  if (origin !== null && hostOf(origin) !== host) return refusal('other-site');
  if (origin === null && /^(cross-site|same-site)$/.test(headers.get('sec-fetch-site') ?? ''))
    return refusal('other-site');
  if (request.method === 'DELETE' || BODIES.test(headers.get('content-type') ?? '')) return null;
  return refusal('content-type');
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
