/**
 * Returns random numbers from 0 to 1 that are the same in every run.
 *
 * @see Park S., Miller K. (1988), Random number generators: good ones are hard to find
 */
export function steadyRandom(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
