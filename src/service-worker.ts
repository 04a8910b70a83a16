/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/**
 * Keeps the bench on the device, with buying and stocktake: the pages as they were last loaded, and all that they are made of, so that it opens where the server does
 * not answer. Everything else goes to the server and nowhere else.
 */
import { base, build, files, version } from '$service-worker';

const worker = self as unknown as ServiceWorkerGlobalScope;
const SHELL = `knife-tray ${version}`;
const PAGES = 'knife-tray pages';
const PARTS = new Set([...build, ...files]);
const BENCH = new RegExp(`^${base}/(?:bench|runs/\\d+|stock/(?:buying|stocktake))(?:/__data\\.json)?$`);
/** A network that hangs is as good as none, ms. */
const PATIENCE_MS = 4000;

worker.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(SHELL)
      .then((cache) => cache.addAll([...PARTS]))
      .then(() => worker.skipWaiting()),
  );
});

worker.addEventListener('activate', (event) => {
  const old = (key: string) => key.startsWith('knife-tray ') && key !== SHELL && key !== PAGES;
  event.waitUntil(
    caches
      .keys()
      .then((keys) => Promise.all(keys.filter(old).map((key) => caches.delete(key))))
      .then(() => worker.clients.claim()),
  );
});

/** A page from the server, kept for when there is none; else as it was kept. */
async function fromServerOrKept(request: Request): Promise<Response> {
  const cache = await caches.open(PAGES);
  try {
    const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    // A question for the passphrase is no page of the bench.
    if (response.ok && !response.redirected) await cache.put(request, response.clone());
    return response;
  } catch (error) {
    const kept = await cache.match(request, { ignoreVary: true, ignoreSearch: true });
    if (kept) return kept;
    throw error;
  }
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
  if (PARTS.has(url.pathname)) {
    event.respondWith(caches.match(request, { ignoreVary: true }).then((kept) => kept ?? fetch(request)));
  } else if (BENCH.test(url.pathname)) event.respondWith(fromServerOrKept(request));
});

/** A page that was loaded before this worker was there asks to be kept. */
worker.addEventListener('message', ({ data }) => {
  if (typeof data === 'string' && BENCH.test(data)) void fromServerOrKept(new Request(data)).catch(() => undefined);
});

/** A call-out that is touched brings the bench to the front. */
worker.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(worker.clients.matchAll({ type: 'window' }).then(([bench]) => bench?.focus()));
});
