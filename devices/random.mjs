/** Chance that is the same at every run, for devices that are simulated. */

/**
 * Random numbers from 0 to 1 (mulberry32).
 *
 * @param {number} seed
 */
export function randomFrom(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A normal deviate from two of them (Box and Muller). @param {() => number} random */
export const normalFrom = (random) => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
