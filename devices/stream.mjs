/** What simulated devices share: a stream of server-sent events for each listener, and figures that are asked for within bounds. */
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';

/**
 * A figure that is asked for, within its bounds; the usual one where it is none.
 *
 * @param {URLSearchParams} asked @param {string} name @param {number} usual @param {number} min @param {number} max
 */
export function figure(asked, name, usual, min, max) {
  const value = Number(asked.get(name) ?? usual);
  return Number.isFinite(value) ? Math.min(max, Math.max(min, value)) : usual;
}

/**
 * Serves a device's readings at GET /readings, each listener with a device of its own.
 *
 * @param {(asked: URLSearchParams) => { everyMs: number, next: () => object | null } | string} begin a new device, or what is wrong
 *   with what was asked; `next` gives what it says now, or null where that is lost
 * @param {{ host?: string, port: number }} at
 * @returns {Promise<import('node:http').Server>}
 */
export function serveStream(begin, { host = '127.0.0.1', port }) {
  const server = createServer((request, response) => {
    const url = new URL(request.url ?? '/', 'http://device');
    const refuse = (status, why) => response.writeHead(status, { 'Content-Type': 'text/plain' }).end(why);
    if (request.method !== 'GET' || url.pathname !== '/readings') return refuse(404, 'Ask for /readings');
    const device = begin(url.searchParams);
    if (typeof device === 'string') return refuse(422, device);
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    const timer = setInterval(() => {
      const said = device.next();
      if (said !== null) response.write(`data: ${JSON.stringify(said)}\n\n`);
    }, device.everyMs);
    response.on('close', () => clearInterval(timer));
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}

/**
 * Serves a device where its file is run as a program of its own.
 *
 * @param {string} file the module's own address @param {string} name what it is
 * @param {(at: { port: number }) => Promise<unknown>} serve @param {string} setting the environment's name for its port
 * @param {number} usualPort
 */
export function serveIfRun(file, name, serve, setting, usualPort) {
  if (process.argv[1] !== fileURLToPath(file)) return;
  const port = Number(process.env[setting] ?? usualPort);
  serve({ port }).then(
    () => console.log(`A simulated ${name} streams at http://127.0.0.1:${port}/readings`),
    (error) => {
      console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken: set ${setting} to another` : error.message);
      process.exit(1);
    },
  );
}
