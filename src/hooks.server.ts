import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import pino from 'pino';
import { openShop } from '$lib/server/db';
import { problem } from '$lib/server/http';

const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null, timestamp: pino.stdTimeFunctions.isoTime });

const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=()',
};

/** Opens the data before the first request, so that a fault in them stops the start and not a save. */
export const init: ServerInit = openShop;

/** Every answer: the theme that the device chose, security headers, and a line in the log. */
export const handle: Handle = async ({ event, resolve }) => {
  const started = performance.now();
  // Another site's page may not change anything here, whatever it sends.
  if (event.request.method !== 'GET' && event.request.headers.get('sec-fetch-site') === 'cross-site') {
    return problem('This request comes from another site: open the application itself', '', 403);
  }
  const theme = event.cookies.get('theme') === 'night' ? 'night' : 'day';
  const response = await resolve(event, {
    transformPageChunk: ({ html }) => html.replace('%theme%', theme),
  });
  for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
  log.info({
    method: event.request.method,
    path: event.url.pathname,
    status: response.status,
    ms: Math.round((performance.now() - started) * 10) / 10,
  });
  return response;
};

/** A fault of ours: the log gets all of it, the user a sentence and a number to quote. */
export const handleError: HandleServerError = ({ error, event, status }) => {
  if (status === 404) return { message: 'There is nothing at this address' };
  const id = randomUUID().slice(0, 8);
  log.error({ id, path: event.url.pathname, error: error instanceof Error ? error.stack : String(error) });
  return { message: 'Something went wrong on our side. Nothing that was kept is lost: go back and try again', id };
};
