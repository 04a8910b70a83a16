import { READS } from './gate';
import { refusal } from './http';
import type { AccessToken } from './tokens';

/** Services that only calculate: they are sent with POST, and change nothing. */
export const CALCULATES: ReadonlySet<string> = new Set(
  [
    ...['plan', 'cuts', 'even', 'mixed', 'bags', 'boxes', 'read', 'price', 'label', 'free-from', 'setting', 'timeline'],
    ...['forecast', 'diagnose', 'batches', 'week', 'week/check', 'buy', 'market', 'larder/named'],
  ].map((name) => `/api/${name}`),
);

/** Whether a token may use a route at all: services, but neither pages nor the management of tokens. */
const isForPrograms = (route: string) =>
  (route.startsWith('/api/') && !/^\/api\/(?:tokens|enter)\b/.test(route)) || route.startsWith('/schema/');

/**
 * Returns why a token does not allow a request; `null` if it does.
 *
 * @param route id of the route
 */
export function tokenRefusal(token: AccessToken | 'unknown', method: string, route: string): Response | null {
  if (token === 'unknown') return refusal('unknown-token');
  if (!isForPrograms(route)) return refusal('no-programs');
  const isRead = READS.has(method) || (method === 'POST' && CALCULATES.has(route));
  return token.access === 'full' || isRead ? null : refusal('read-only-token');
}
