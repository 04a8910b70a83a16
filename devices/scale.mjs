/**
 * `npm run scale`: a simulated bench scale. It streams what it shows as server-sent events, one scale for each listener, on which
 * shards are laid one after the other: GET /readings?aimG=25&spread=0.4&shards=40&unit=g&speed=1. A real scale could speak the same way.
 */
import { handAt, panOf, UNITS_G, USUAL } from './pan.mjs';
import { randomFrom } from './random.mjs';
import { figure, serveIfRun, serveStream } from './stream.mjs';

/** Between what it shows, of its own time. */
const EVERY_SECONDS = 0.1;
const MAX_SPEED = 50;
let seed = 1;

/** @param {URLSearchParams} asked */
function panAsked(asked) {
  const unit = asked.get('unit') ?? USUAL.unit;
  if (!Object.hasOwn(UNITS_G, unit)) return `unit is one of ${Object.keys(UNITS_G).join(', ')}`;
  const random = randomFrom(figure(asked, 'seed', seed++, 0, 4294967295));
  const pan = panOf(
    {
      noiseG: figure(asked, 'noiseG', USUAL.noiseG, 0, 20),
      driftGPerMin: figure(asked, 'driftGPerMin', USUAL.driftGPerMin, -60, 60),
      stepG: figure(asked, 'stepG', USUAL.stepG, 0.01, 10),
      mostG: figure(asked, 'mostG', USUAL.mostG, 10, 100_000),
      offsetG: figure(asked, 'offsetG', USUAL.offsetG, -500, 500),
      unit,
    },
    random,
  );
  const broken = {
    aimG: figure(asked, 'aimG', 25, 1, 2000),
    spread: figure(asked, 'spread', 0.4, 0, 2),
    shards: figure(asked, 'shards', 1000, 0, 1000),
  };
  const hand = handAt(pan, broken, random);
  return {
    everyMs: (EVERY_SECONDS * 1000) / figure(asked, 'speed', 1, 0.1, MAX_SPEED),
    next() {
      hand.work();
      pan.run(EVERY_SECONDS);
      const seconds = Number(pan.state().seconds.toFixed(2));
      const shows = pan.shows();
      return shows === null ? { seconds, error: 'over' } : { seconds, shows, unit, step: pan.step };
    },
  };
}

/** Starts the simulated scale and resolves to its server. @param {{ host?: string, port?: number }} at */
export const serveScale = ({ host, port = 4192 } = {}) => serveStream(panAsked, { host, port });

serveIfRun(import.meta.url, 'bench scale', serveScale, 'SCALE_PORT', 4192);
