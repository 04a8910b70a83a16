/**
 * The pan of a bench scale, for trying things out without a scale: what is laid on swings in and settles, the figure shivers, drifts
 * and is shown in steps, and zero is zero once it has been set. Made for the simulated scale and for scoring what is read from it.
 */
import { normalFrom } from './random.mjs';

/** How fast a pan swings, and how soon it comes to rest: a weighed part of a second, as load cells do. */
const SWINGS_PER_SECOND = 1.6;
const DAMPING = 0.5;
const STEP_SECONDS = 0.005;

/** What is shown in which unit, g in one. */
export const UNITS_G = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 };

/**
 * @typedef {object} PanSettings
 * @property {number} noiseG spread of what is shown, g
 * @property {number} driftGPerMin how fast it wanders off, g/min
 * @property {number} stepG the least step that it shows, g
 * @property {number} mostG more than this it cannot weigh, g
 * @property {number} offsetG what it shows too much until zero is set, g
 * @property {keyof typeof UNITS_G} unit
 */

/** @type {PanSettings} */
export const USUAL = { noiseG: 0.08, driftGPerMin: 0.15, stepG: 0.1, mostG: 5000, offsetG: 0.7, unit: 'g' };

/**
 * A pan that can be moved on in time.
 *
 * @param {Partial<PanSettings>} settings
 * @param {() => number} random
 */
export function panOf(settings, random) {
  const pan = { ...USUAL, ...settings };
  const normal = () => normalFrom(random);
  // Other units than grams are shown in the decimal step that is nearest.
  const step =
    pan.unit === 'g' ? pan.stepG : Number((10 ** Math.round(Math.log10(pan.stepG / UNITS_G[pan.unit]))).toFixed(9));
  const omega = 2 * Math.PI * SWINGS_PER_SECOND;
  let seconds = 0;
  let onG = 0;
  let feltG = 0;
  let speed = 0;
  let driftG = 0;
  let zeroG = 0;
  let pressed = 0;

  /** @param {number} dt seconds, at most STEP_SECONDS */
  function swing(dt) {
    pressed *= Math.exp(-dt / 0.12);
    speed += (omega * omega * (onG + pressed - feltG) - 2 * DAMPING * omega * speed) * dt;
    feltG += speed * dt;
    // Half of a drift is one way, half wanders.
    driftG += (pan.driftGPerMin / 60) * (0.5 * dt + Math.sqrt(dt) * normal());
    seconds += dt;
  }
  const feels = () => feltG + driftG + pan.offsetG;

  return {
    /** @param {number} dt seconds */
    run(dt) {
      for (let left = dt; left > 1e-9; left -= STEP_SECONDS) swing(Math.min(STEP_SECONDS, left));
    },
    /** Lays something on, or takes it off, with the push that a hand gives. @param {number} massG */
    lay(massG) {
      onG += massG;
      pressed += Math.sign(massG) * (8 + 12 * random());
    },
    /** What is on it now is nothing. */
    zero() {
      zeroG = feels();
    },
    /** What there is: the truth that no scale shows. */
    state: () => ({ seconds, onG }),
    /** The least step that it shows, in its unit. */
    step,
    /** What it shows, in its unit; null where it can show nothing, being loaded with more than it bears. */
    shows() {
      const massG = feels() - zeroG + pan.noiseG * normal();
      if (massG > pan.mostG) return null;
      return Number((Math.round(massG / UNITS_G[pan.unit] / step) * step).toFixed(6));
    },
  };
}

/**
 * A hand that breaks a slab by and by and lays shard after shard on the pan, waits until it rests, and takes it off again.
 *
 * @param {ReturnType<typeof panOf>} pan
 * @param {{ aimG: number, spread: number, shards: number }} broken how heavy, how unevenly, and how many before it stops
 * @param {() => number} random
 */
export function handAt(pan, { aimG, spread, shards }, random) {
  const normal = () => normalFrom(random);
  // A mean of 1 with the spread asked for: log-normal.
  const sigma = Math.sqrt(Math.log(1 + spread * spread));
  let left = shards;
  let nextAt = 1.5;
  /** @type {number | null} */
  let lyingG = null;
  return {
    /** What a hand does until this moment. */
    work() {
      const { seconds } = pan.state();
      if (seconds < nextAt) return;
      if (lyingG !== null) {
        pan.lay(-lyingG);
        lyingG = null;
        nextAt = seconds + 1.4 + 0.8 * random();
      } else if (left > 0) {
        left--;
        lyingG = Math.max(2, Math.round(aimG * Math.exp(sigma * normal() - (sigma * sigma) / 2) * 10) / 10);
        pan.lay(lyingG);
        nextAt = seconds + 2.8 + random();
      }
    },
  };
}
