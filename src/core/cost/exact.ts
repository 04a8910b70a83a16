/**
 * Money is whole numbers of the currency's smallest coin, and what is worked out of it are fractions of whole numbers, so that no
 * rounding adds up. Shares and percents count in millionths, as finely as anyone writes them.
 */

export const MILLION = 1_000_000n;

/** A share, a percentage or a mass in millionths of its unit. */
export const millionths = (value: number): bigint => BigInt(Math.round(value * 1e6));

/** The least whole number that is not under a fraction. @param below over 0 */
export function ceilDiv(above: bigint, below: bigint): bigint {
  const whole = above / below;
  return above % below > 0n ? whole + 1n : whole;
}

/** The whole number nearest to a fraction; a half goes up. @param below over 0 */
export function roundDiv(above: bigint, below: bigint): bigint {
  const twice = 2n * above + below;
  const whole = twice / (2n * below);
  return twice % (2n * below) < 0n ? whole - 1n : whole;
}
