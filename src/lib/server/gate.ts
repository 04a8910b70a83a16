import { problem } from './http';

/** What a body may be. Forms and plain text, which another site's page could send unasked, are none of them. */
const BODIES = /^(?:application\/(?:[a-z.]+\+)?json|text\/csv|application\/zip|image\/jpeg)(?:;|$)/i;
/** Methods that change nothing. */
export const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Why a request that would change something is not taken: it comes from another site's page, or its body is of a kind that such a
 * page could send.
 *
 * @param host the name and port by which the application was asked
 * @returns the answer that says so, or null
 */
export function refusalOf(request: Request, host: string): Response | null {
  if (READS.has(request.method)) return null;
  const { headers } = request;
  const origin = headers.get('origin');
  if (origin !== null && hostOf(origin) !== host)
    return problem('This request comes from another site. Open the application itself', '', 403);
  if (origin === null && /^(cross-site|same-site)$/.test(headers.get('sec-fetch-site') ?? ''))
    return problem('This request comes from another site. Open the application itself', '', 403);
  if (request.method === 'DELETE' || BODIES.test(headers.get('content-type') ?? '')) return null;
  return problem('Send JSON, CSV, a zip or a JPEG with the matching Content-Type header', '', 415);
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
