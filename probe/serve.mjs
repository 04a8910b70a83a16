/**
 * `npm run probe`: a simulated thermometer. It streams readings of a simulated pot as server-sent events, one pot for each
 * listener: GET /readings?sugarG=600&waterG=250&watts=900&speed=20&offAtC=118. A real probe could speak the same way.
 */
import { createServer } from 'node:http';
import { potOf, randomFrom, USUAL } from './pot.mjs';

const EVERY_MS = 250;
const MOST_SPEED = 200;

/** @param {URLSearchParams} asked @param {string} name @param {number} usual @param {number} min @param {number} max */
function figure(asked, name, usual, min, max) {
  const value = Number(asked.get(name) ?? usual);
  return Number.isFinite(value) ? Math.min(max, Math.max(min, value)) : usual;
}

/** Starts the simulated thermometer and resolves to its server. @param {{ host?: string, port?: number }} at */
export function serveProbe({ host = '127.0.0.1', port = 4191 } = {}) {
  let seed = 1;
  const server = createServer((request, response) => {
    const url = new URL(request.url ?? '/', 'http://probe');
    if (request.method !== 'GET' || url.pathname !== '/readings') {
      response.writeHead(404, { 'Content-Type': 'text/plain' }).end('Ask for /readings');
      return;
    }
    const asked = url.searchParams;
    const speed = figure(asked, 'speed', 1, 0.1, MOST_SPEED);
    const offAtC = figure(asked, 'offAtC', Infinity, 30, 400);
    const settings = {
      sugarG: figure(asked, 'sugarG', USUAL.sugarG, 10, 20000),
      waterG: figure(asked, 'waterG', USUAL.waterG, 5, 20000),
      watts: figure(asked, 'watts', USUAL.watts, 50, 10000),
      noiseC: figure(asked, 'noiseC', USUAL.noiseC, 0, 10),
      offsetC: figure(asked, 'offsetC', USUAL.offsetC, -20, 20),
      dropouts: figure(asked, 'dropouts', USUAL.dropouts, 0, 1),
      altitudeDropC: figure(asked, 'altitudeDropC', USUAL.altitudeDropC, -2, 20),
      startC: figure(asked, 'startC', USUAL.startC, -20, 200),
    };
    const pot = potOf(settings, randomFrom(Number(asked.get('seed') ?? seed++)));
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    const timer = setInterval(() => {
      pot.run((EVERY_MS / 1000) * speed);
      if (pot.state().celsius >= offAtC) pot.heat(false);
      const celsius = pot.reading();
      if (celsius === null) return;
      response.write(
        `data: ${JSON.stringify({ seconds: pot.state().seconds, celsius: Math.round(celsius * 10) / 10 })}\n\n`,
      );
    }, EVERY_MS);
    response.on('close', () => clearInterval(timer));
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}

if (process.argv[1] && import.meta.url.endsWith(process.argv[1].split('/').at(-1) ?? '-')) {
  const port = Number(process.env.PROBE_PORT ?? 4191);
  serveProbe({ port }).then(
    () => console.log(`A simulated thermometer streams at http://127.0.0.1:${port}/readings`),
    (error) => {
      console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken: set PROBE_PORT to another` : error.message);
      process.exit(1);
    },
  );
}
