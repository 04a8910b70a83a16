import { median, medianAbsoluteDeviation } from 'simple-statistics';

/** Standard deviation per median absolute deviation for a normal distribution. */
const DEVIATION_OF_MAD = 1.4826;
/** Standard error of a median relative to that of a mean, for a normal distribution. */
const MEDIAN_ERROR = 1.2533;
/** Student's t for a two-sided 95 % interval, by degrees of freedom from 1; beyond the list the last value holds. */
const T95 = [12.71, 4.3, 3.18, 2.78, 2.57, 2.45, 2.36, 2.31, 2.26, 2.23, 2.2, 2.18, 2.16, 2.14, 2.13, 2.12, 2.11, 2.1];
const T95_OF_MANY = 1.96;
const MANY = 60;

/** Robust summary of values. */
export interface Robust {
  readonly count: number;
  readonly median: number;
  /** Standard deviation from the median absolute deviation: one outlier does not move it. */
  readonly spread: number;
  /** 95 % confidence interval of the median. */
  readonly low: number;
  readonly high: number;
}

/**
 * Returns the median and spread of values, robust to outliers.
 *
 * @param values at least one
 * @param leastSpread minimum spread, for a few values that happen to be alike
 * @see Rousseeuw P. J., Croux C. (1993), Alternatives to the median absolute deviation; Student (1908)
 */
export function robustOf(values: readonly number[], leastSpread = 0): Robust {
  const middle = median([...values]);
  const spread = Math.max(leastSpread, DEVIATION_OF_MAD * medianAbsoluteDeviation([...values]));
  const count = values.length;
  const freedom = count - 1;
  const t = freedom >= MANY ? T95_OF_MANY : (T95[Math.min(freedom, T95.length) - 1] ?? Infinity);
  const half = count < 2 ? Infinity : (t * MEDIAN_ERROR * spread) / Math.sqrt(count);
  return { count, median: middle, spread, low: middle - half, high: middle + half };
}

/** Trend of values over time. */
export interface Drift {
  /** Change per day. */
  readonly byDay: number;
  /** Direction of a significant trend (5 %); otherwise `null`. */
  readonly way: 'rises' | 'falls' | null;
}

/** Minimum number of points for the test, and the normal bound at 5 %. */
const MIN_FOR_DRIFT = 6;
const ONE_IN_TWENTY = 1.96;

/**
 * Tests for a trend from run to run: the median of all pairwise slopes, and whether significantly more of them rise than fall.
 *
 * @param points moment in days and value, in the order of time
 * @see Sen P. K. (1968), Estimates of the regression coefficient based on Kendall's tau; Mann H. B. (1945), Nonparametric tests against trend
 */
export function driftOf(points: readonly (readonly [day: number, value: number])[]): Drift {
  const slopes: number[] = [];
  let rising = 0;
  points.forEach(([day, value], i) => {
    for (const [other, its] of points.slice(i + 1)) {
      if (other > day) slopes.push((its - value) / (other - day));
      rising += Math.sign(its - value);
    }
  });
  const byDay = slopes.length > 0 ? median(slopes) : 0;
  const n = points.length;
  const z = Math.max(0, Math.abs(rising) - 1) / Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18);
  const isTold = n >= MIN_FOR_DRIFT && z > ONE_IN_TWENTY;
  return { byDay, way: isTold ? (rising > 0 ? 'rises' : 'falls') : null };
}
