import { refusal } from './http';

/** Maximum open streams of one client and in total. A browser opens up to six per server; a shop has several devices. */
const MAX_OF_CLIENT = 30;
const MAX_IN_ALL = 300;

const open = new Map<string, number>();
let all = 0;

/**
 * Counts a stream as open until its connection ends.
 *
 * @param client whose stream it is
 * @param signal aborted when the connection ends
 * @returns the answer for one stream too many, or null
 */
export function refusalToStream(client: string, signal: AbortSignal): Response | null {
  const own = open.get(client) ?? 0;
  if (own >= MAX_OF_CLIENT || all >= MAX_IN_ALL) {
    const response = refusal('too-many-pages');
    response.headers.set('Retry-After', '10');
    return response;
  }
  if (signal.aborted) return null;
  open.set(client, own + 1);
  all += 1;
  signal.addEventListener(
    'abort',
    () => {
      all -= 1;
      const left = open.get(client)! - 1;
      if (left === 0) open.delete(client);
      else open.set(client, left);
    },
    { once: true },
  );
  return null;
}
