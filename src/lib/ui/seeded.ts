/**
 * Numbers from 0 to 1 that look random and are the same for the same seed, so that a drawing stays as it was (mulberry32, after
 * T. Ettinger, in the public domain).
 */
export function seeded(seed: string): () => number {
  let state = 0x9e3779b9;
  for (const letter of seed) state = Math.imul(state ^ letter.codePointAt(0)!, 0x85ebca6b) >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}
