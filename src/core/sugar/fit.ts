/** A straight line through weighted points, with its uncertainty. */
export interface Line {
  readonly at0: number;
  readonly slope: number;
  /** Variances and covariance of both coefficients, from the residuals. */
  readonly varAt0: number;
  readonly varSlope: number;
  readonly cov: number;
  /** Effective number of points after outliers are down-weighted. */
  readonly count: number;
}

const ROUNDS = 8;
/** Points with larger residuals than this many times the scatter count less (Huber 1981). */
const HUBER = 1.5;
/** Median of |normal noise| divided by its standard deviation. */
const MAD = 0.6745;

function once(x: readonly number[], y: readonly number[], w: readonly number[]) {
  let [sw, sx, sy] = [0, 0, 0];
  for (let i = 0; i < x.length; i++) {
    sw += w[i]!;
    sx += w[i]! * x[i]!;
    sy += w[i]! * y[i]!;
  }
  const [mx, my] = [sx / sw, sy / sw];
  let [sxx, sxy] = [0, 0];
  for (let i = 0; i < x.length; i++) {
    sxx += w[i]! * (x[i]! - mx) ** 2;
    sxy += w[i]! * (x[i]! - mx) * (y[i]! - my);
  }
  const slope = sxx > 0 ? sxy / sxx : 0;
  return { sw, mx, sxx, slope, at0: my - slope * mx };
}

/**
 * Fits a line by robust weighted least squares: outliers, such as jumps of a probe, lose their weight step by step.
 *
 * @param weights one over the variance of each point, up to a common factor
 * @returns null for fewer than three points, or where all stand at one place
 * @see Huber P. J. (1981), Robust Statistics
 */
export function robustLine(x: readonly number[], y: readonly number[], weights: readonly number[]): Line | null {
  if (x.length < 3) return null;
  let trust: number[] = x.map(() => 1);
  let scale = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const fit = once(
      x,
      y,
      weights.map((w, i) => w * trust[i]!),
    );
    if (!(fit.sxx > 0)) return null;
    const off = x.map((at, i) => (y[i]! - fit.at0 - fit.slope * at) * Math.sqrt(weights[i]!));
    const sizes = off.map(Math.abs).sort((a, b) => a - b);
    scale = Math.max(1e-12, sizes[sizes.length >> 1]! / MAD);
    trust = off.map((distance) => Math.min(1, (HUBER * scale) / Math.max(1e-300, Math.abs(distance))));
    trust = trust.map((weight) => (weight < 0.25 ? 0 : weight));
    if (trust.filter((weight) => weight > 0).length < 3) return null;
  }
  const w = weights.map((weight, i) => weight * trust[i]!);
  const { sw, mx, sxx, slope, at0 } = once(x, y, w);
  const count = trust.filter((weight) => weight > 0).length;
  const squares = x.reduce((sum, at, i) => sum + w[i]! * (y[i]! - at0 - slope * at) ** 2, 0);
  const variance = Math.max(squares / Math.max(1, count - 2), (0.2 * scale) ** 2);
  const varSlope = variance / sxx;
  return { at0, slope, varSlope, varAt0: variance / sw + varSlope * mx * mx, cov: -varSlope * mx, count };
}
