/**
 * Exact money: whole coins, and fractions of whole numbers for intermediate results, so that no rounding accumulates. Shares and
 * percentages count in millionths.
 */

export const MILLION = 1_000_000n;

/** Returns a share, a percentage or a mass in millionths of its unit. */
export const millionths = (value: number): bigint => BigInt(Math.round(value * 1e6));

/** Returns the smallest whole number that is at least a fraction. @param below over 0 */
export function ceilDiv(above: bigint, below: bigint): bigint {
  const whole = above / below;
  return above % below > 0n ? whole + 1n : whole;
}

/** Returns the whole number nearest to a fraction; a half rounds up. @param below over 0 */
export function roundDiv(above: bigint, below: bigint): bigint {
  const twice = 2n * above + below;
  const whole = twice / (2n * below);
  return twice % (2n * below) < 0n ? whole - 1n : whole;
}
