/** Default coefficient of variation of shard mass. */
export const SHARDS_SPREAD = 0.4;

/** Nine of ten shards lie within this many standard deviations of the mean. */
const NINE_OF_TEN = 1.645;

export interface Shards {
  readonly count: number;
  /** Range of their number that holds nine times of ten. */
  readonly countRange: readonly [number, number];
  readonly massG: number;
  /** Range of shard mass that holds for nine of ten, g. */
  readonly lightestG: number;
  readonly heaviestG: number;
}

/**
 * Returns the expected number and mass of shards of a slab broken by hand.
 *
 * Shards go on being broken off until nothing is left: a renewal process, so their number is mass over aim, with a variance of
 * spread^2 times that (Cox, Renewal theory, 1962). Their masses are taken as log-normal, as broken things are (Kolmogorov 1941).
 *
 * @param slabG mass of the slab, g
 * @param aimG mass that a shard is aimed at, g
 * @param spread coefficient of variation of a shard's mass
 */
export function shards(slabG: number, aimG: number, spread: number): Shards {
  if (slabG <= 0) return { count: 0, countRange: [0, 0], massG: 0, lightestG: 0, heaviestG: 0 };
  const expected = slabG / aimG;
  const count = Math.max(1, Math.round(expected));
  const off = NINE_OF_TEN * spread * Math.sqrt(expected);
  const massG = slabG / count;
  const width = Math.sqrt(Math.log(1 + spread * spread));
  const middleG = massG / Math.sqrt(1 + spread * spread);
  return {
    count,
    countRange: [Math.max(1, Math.floor(expected - off)), Math.max(1, Math.ceil(expected + off))],
    massG,
    lightestG: count === 1 ? massG : middleG * Math.exp(-NINE_OF_TEN * width),
    heaviestG: count === 1 ? massG : middleG * Math.exp(NINE_OF_TEN * width),
  };
}
