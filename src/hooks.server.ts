import { type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { setMaxListeners } from 'node:events';
import pino from 'pino';
import { asker } from '$lib/server/asker';
import { database, openShop, reportStorage, storageFault } from '$lib/server/db';
import { bringInDemo } from '$lib/server/demo';
import { READS, refusalOf } from '$lib/server/gate';
import { refusal } from '$lib/server/http';
import { movedPage } from '$lib/server/movedPages';
import { door, SESSION } from '$lib/server/passphrase';
import { storageSentence } from '$lib/server/storage';
import { tokenRefusal } from '$lib/server/tokenAccess';
import { tokenOf } from '$lib/server/tokens';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null, timestamp: pino.stdTimeFunctions.isoTime });

const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=()',
};
/** Paths available without the passphrase: sign-in, setting up a tablet, and the health check. */
const OPEN = new Set(['/enter', '/api/enter', '/trust', '/healthz']);

/** Opens the data before the first request, so that an error in it stops the start and not a save. */
export const init: ServerInit = async () => {
  await openShop((error) => log.error({ error: String(error), copy: 'failed' }));
  if (process.env.KNIFE_TRAY_DEMO) await bringInDemo(database(), new Date().toISOString(), true);
};

/** Handles every request: access, the device's theme, security headers, and the log. */
export const handle: Handle = async ({ event, resolve }) => {
  const started = performance.now();
  const { pathname } = event.url;
  const token = tokenOf(database(), event.request, new Date());
  const isProgram = token !== null && token !== 'unknown';
  event.locals.client = isProgram
    ? `token ${token.id}`
    : (door && event.cookies.get(SESSION)) || event.getClientAddress();
  event.locals.isLocked = !isProgram && door !== null && !door.knows(event.cookies.get(SESSION));
  const answer = async () => {
    const refused = refusalOf(event.request, event.url.host);
    if (refused) return refused;
    const notAllowed = token === null ? null : tokenRefusal(token, event.request.method, event.route.id ?? pathname);
    if (notAllowed) return notAllowed;
    if (event.locals.isLocked && !OPEN.has(pathname)) {
      if (pathname.startsWith('/api/')) return refusal('sign-in-first');
      return new Response(null, { status: 303, headers: { Location: '/enter' } });
    }
    // Computing services are refused too: their callers would think the server is healthy.
    const fault = READS.has(event.request.method) || OPEN.has(pathname) ? null : storageFault();
    if (fault) return refusal('storage', fault);
    const moved = READS.has(event.request.method) ? movedPage(event.url) : null;
    if (moved) return new Response(null, { status: 308, headers: { Location: moved } });
    const theme = event.cookies.get('theme') === 'night' ? 'night' : 'day';
    return resolve(event, { transformPageChunk: ({ html }) => html.replace('%theme%', theme) });
  };
  // One page asks for many results, each of which listens for the end of its request.
  setMaxListeners(0, event.request.signal);
  const response = await asker.run({ client: event.locals.client, signal: event.request.signal }, answer);
  for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
  log.info({
    method: event.request.method,
    path: pathname,
    status: response.status,
    ms: Math.round((performance.now() - started) * 10) / 10,
  });
  return response;
};

/** Internal errors: the log gets the details, the user a message and an id to quote. */
export const handleError: HandleServerError = ({ error, event, status }) => {
  if (status === 404) return { message: 'There is nothing at this address' };
  reportStorage(error);
  const id = randomUUID().slice(0, 8);
  log.error({ id, path: event.url.pathname, error: error instanceof Error ? error.stack : String(error) });
  const message = 'Something went wrong on the server. Everything you saved is safe. Go back and try again';
  return { message: storageSentence(error) ?? message, id };
};
