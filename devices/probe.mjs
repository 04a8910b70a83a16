/**
 * `npm run probe`: a simulated thermometer. It streams readings of a simulated pot as server-sent events, one pot for each
 * listener: GET /readings?sugarG=600&waterG=250&watts=900&speed=20&offAtC=118. A real probe could speak the same way.
 */
import { potOf, USUAL } from './pot.mjs';
import { randomFrom } from './random.mjs';
import { figure, serveIfRun, serveStream } from './stream.mjs';

const EVERY_MS = 250;
const MAX_SPEED = 200;
let seed = 1;

/** @param {URLSearchParams} asked */
function potAsked(asked) {
  const speed = figure(asked, 'speed', 1, 0.1, MAX_SPEED);
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
  return {
    everyMs: EVERY_MS,
    next() {
      pot.run((EVERY_MS / 1000) * speed);
      if (pot.state().celsius >= offAtC) pot.heat(false);
      const celsius = pot.reading();
      return celsius === null ? null : { seconds: pot.state().seconds, celsius: Math.round(celsius * 10) / 10 };
    },
  };
}

/** Starts the simulated thermometer and resolves to its server. @param {{ host?: string, port?: number }} at */
export const serveProbe = ({ host, port = 4191 } = {}) => serveStream(potAsked, { host, port });

serveIfRun(import.meta.url, 'thermometer', serveProbe, 'PROBE_PORT', 4191);
