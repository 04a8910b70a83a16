/** From this mean on, the Poisson distribution is so narrow that its mean is enough. */
const LARGE_MEAN = 5000;

/**
 * Returns how many of the pieces numbered `from + 1` to `to` are wanted on average, for a Poisson demand: the sum of the chances that at least that
 * many are wanted.
 *
 * @param mean 0 or more
 * @param from 0 or more
 * @param to `from` or more
 * @example demandAtLeast(1, 0, 1) // 0.632, the chance that one is wanted at all
 */
export function demandAtLeast(mean: number, from: number, to: number): number {
  const [low, high] = [Math.max(0, Math.floor(from)), Math.max(0, Math.floor(to))];
  if (mean <= 0 || high <= low) return 0;
  if (mean > LARGE_MEAN) return Math.min(Math.max(0, mean - low), high - low);
  let log = -mean;
  let atMost = 0;
  let sum = 0;
  for (let wanted = 0; wanted < high; wanted++) {
    atMost += Math.exp(log);
    log += Math.log(mean / (wanted + 1));
    // After adding `wanted`, the rest is the chance of more than that.
    if (wanted >= low) sum += Math.max(0, 1 - atMost);
  }
  return sum;
}
