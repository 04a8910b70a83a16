/**
 * A pot of syrup on a ring, for trying things out without burning sugar: heat in, water off, boiling point up, and a probe in
 * it that lags, shivers, drops out and may be off. Made for the simulated thermometer and for scoring forecasts; its boiling
 * curve runs smoothly through the handbook's values, and is no part of the application's own computation.
 */

import { normalFrom } from './random.mjs';

/** Share of sugar by mass, and boiling point of sucrose syrup at sea level, deg C (handbook values). */
const BOILS = [
  [0, 100], [0.3, 100.6], [0.4, 101], [0.5, 101.8], [0.6, 103], [0.65, 104], [0.7, 105.5], [0.75, 107.7], [0.8, 111],
  [0.85, 116], [0.9, 123], [0.925, 129.5], [0.95, 140], [0.97, 151], [0.982, 160], [0.995, 166],
]; // prettier-ignore

const WATER_J = 4186;
const SUGAR_J = 1550;
const STEAM_J = 2_250_000;
const POT_J_PER_K = 500;

/** Slopes at the handbook's values, so that the curve through them neither bends back nor has corners (Fritsch and Butland 1984). */
const SLOPES = BOILS.map(([share, celsius], i) => {
  const [before, after] = [BOILS[i - 1], BOILS[i + 1]];
  const left = before ? (celsius - before[1]) / (share - before[0]) : null;
  const right = after ? (after[1] - celsius) / (after[0] - share) : null;
  if (left === null || right === null) return left ?? right ?? 0;
  const [h0, h1] = [share - before[0], after[0] - share];
  const alpha = (h0 + 2 * h1) / (3 * (h0 + h1));
  return (left * right) / (alpha * right + (1 - alpha) * left);
});

/** @param {number} share */
export function boilsAtC(share) {
  for (let i = 1; i < BOILS.length; i++) {
    const [s0, t0] = BOILS[i - 1];
    const [s1, t1] = BOILS[i];
    if (share > s1) continue;
    const [h, t] = [s1 - s0, (share - s0) / (s1 - s0)];
    const [a, b] = [(1 + 2 * t) * (1 - t) ** 2, t * (1 - t) ** 2];
    return a * t0 + b * h * SLOPES[i - 1] + (1 - a) * t1 + t * t * (t - 1) * h * SLOPES[i];
  }
  return 166;
}

/**
 * @typedef {object} PotSettings
 * @property {number} sugarG
 * @property {number} waterG
 * @property {number} watts heat that goes into the pot
 * @property {number} roomC
 * @property {number} startC
 * @property {number} altitudeDropC how much lower water boils here, deg C
 * @property {number} noiseC spread of the probe's readings
 * @property {number} lagSeconds how slowly the probe follows
 * @property {number} offsetC what the probe shows too much
 * @property {number} dropouts share of readings that are lost
 * @property {number} jumps share of readings that are nonsense
 * @property {number} wander how much the flame wanders, share of its heat
 * @property {number} waves how much it swells and falls in waves, share of its heat
 * @property {number} waveSeconds how long one wave is
 * @property {number} turnAtSeconds when the knob is turned, and
 * @property {number} turnTo by how much the heat is then multiplied
 */

/** @type {PotSettings} */
export const USUAL = {
  sugarG: 600,
  waterG: 250,
  watts: 900,
  roomC: 21,
  startC: 25,
  altitudeDropC: 0,
  noiseC: 0.2,
  lagSeconds: 4,
  offsetC: 0,
  dropouts: 0.02,
  jumps: 0.005,
  wander: 0.05,
  waves: 0,
  waveSeconds: 600,
  turnAtSeconds: Infinity,
  turnTo: 1,
};

/**
 * A pot that can be moved on in time.
 *
 * @param {Partial<PotSettings>} settings
 * @param {() => number} random
 */
export function potOf(settings, random) {
  const pot = { ...USUAL, ...settings };
  let celsius = pot.startC;
  let waterG = pot.waterG;
  let probeC = pot.startC;
  let seconds = 0;
  let on = true;
  let flame = 1;
  const normal = () => normalFrom(random);
  const boilsC = () => boilsAtC(pot.sugarG / (pot.sugarG + waterG)) - pot.altitudeDropC;

  /** @param {number} dt seconds, at most 1 */
  function step(dt) {
    flame += ((1 - flame) / 120) * dt + pot.wander * 0.18 * Math.sqrt(dt / 60) * normal();
    const knob = seconds >= pot.turnAtSeconds ? pot.turnTo : 1;
    const wave = 1 + pot.waves * Math.sin((2 * Math.PI * seconds) / pot.waveSeconds);
    const heat = (on ? pot.watts * flame * wave * knob : 0) - 1.2 * (celsius - pot.roomC);
    const holds = (waterG / 1000) * WATER_J + (pot.sugarG / 1000) * SUGAR_J + POT_J_PER_K;
    const at = boilsC();
    if (celsius < at || heat <= 0) {
      celsius = Math.min(celsius + (heat * dt) / holds, heat > 0 ? at : Infinity);
    } else {
      // What the steam takes, and what warming along the boiling curve takes.
      const more = 0.01;
      const perGram = (boilsAtC(pot.sugarG / (pot.sugarG + waterG - more)) - pot.altitudeDropC - at) / more;
      const offG = (heat * dt) / (STEAM_J / 1000 + holds * perGram);
      waterG = Math.max(0.5, waterG - offG);
      celsius = boilsC();
    }
    probeC += ((celsius - probeC) * dt) / pot.lagSeconds;
    seconds += dt;
  }

  return {
    /** @param {number} dt seconds */
    run(dt) {
      for (let left = dt; left > 1e-9; left -= 1) step(Math.min(1, left));
    },
    /** Takes the pot off the heat, or puts it back. @param {boolean} heated */
    heat(heated) {
      on = heated;
    },
    /** The knob is turned at a moment. @param {number} atSeconds */
    turn(atSeconds) {
      pot.turnAtSeconds = atSeconds;
    },
    /** What there is: the truth that no probe shows. */
    state: () => ({ seconds, celsius, waterG, on }),
    /** What the probe shows now, or null where the reading is lost. */
    reading() {
      if (random() < pot.dropouts) return null;
      if (random() < pot.jumps) return probeC + 60 * (random() - 0.5);
      return probeC + pot.offsetC + pot.noiseC * normal();
    },
  };
}
