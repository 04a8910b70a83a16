/** Steadiness of the heat under a pot, estimated from the line that its boil follows. */

export interface Points {
  /** Seconds, increasing. */
  readonly x: readonly number[];
  readonly y: readonly number[];
  /** One over the variance of each point, up to a common factor. */
  readonly w: readonly number[];
}

/** Prefix sums that give the line and its residuals over any range. */
function sumsOf({ x, y, w }: Points) {
  const sums = [0, 1, 2, 3, 4, 5].map(() => new Float64Array(x.length + 1));
  for (let i = 0; i < x.length; i++) {
    const [a, b, c] = [x[i]!, y[i]!, w[i]!];
    [c, c * a, c * b, c * a * a, c * a * b, c * b * b].forEach((term, k) => (sums[k]![i + 1] = sums[k]![i]! + term));
  }
  /** Returns slope, residual sum and weight of the slope over a range of points. */
  return (from: number, to: number) => {
    const [n, sx, sy, xx, xy, yy] = sums.map((sum) => sum[to]! - sum[from]!) as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const [cxx, cxy, cyy] = [xx - (sx * sx) / n, xy - (sx * sy) / n, yy - (sy * sy) / n];
    const slope = cxx > 0 ? cxy / cxx : 0;
    return { slope, missed: Math.max(0, cyy - slope * cxy), weight: cxx };
  };
}

/** Minimum seconds and points on both sides of a break. */
const MIN_AFTER_SECONDS = 26;
const MIN_POINTS = 8;
/** Thresholds for a break: the F statistic, and the relative difference of the slopes. */
const MAX_LIKELY_ONE = 28;
const MIN_TURN = 0.24;
const MAX_CANDIDATES = 120;

/**
 * Returns the point from which a new line holds because the heat was changed; 0 if it was not. Two lines are compared with one at
 * every place; data before a break is ignored.
 *
 * @see Chow G. C. (1960), Tests of equality between sets of coefficients in two linear regressions
 */
export function lastTurn(points: Points): number {
  const { x } = points;
  const over = sumsOf(points);
  let from = 0;
  for (;;) {
    const count = x.length - from;
    const whole = over(from, x.length);
    let best: { at: number; f: number } | null = null;
    const step = Math.max(1, Math.floor(count / MAX_CANDIDATES));
    for (let at = from + MIN_POINTS; at <= x.length - MIN_POINTS; at += step) {
      if (x.at(-1)! - x[at]! < MIN_AFTER_SECONDS) break;
      const [a, b] = [over(from, at), over(at, x.length)];
      if (Math.abs(b.slope / a.slope - 1) < MIN_TURN) continue;
      const two = a.missed + b.missed;
      const f = (whole.missed - two) / 2 / (two / Math.max(1, count - 4));
      if (f > MAX_LIKELY_ONE && (best === null || f > best.f)) best = { at, f };
    }
    if (best === null) return from;
    from = best.at;
  }
}

const WINDOW_SECONDS = 50;
/** Default wander of the heat for too few windows, and its maximum, as a share of the heat. */
const USUAL_WANDER = 0.009;
const MAX_WANDER = 0.2;
/** Correlation time of the heat, s. */
const SWELLS_SECONDS = 2600;

/**
 * Returns the relative wander of the heat between minutes: the spread of slopes of short stretches, less what the scatter of the
 * readings explains.
 */
export function wanderOf(points: Points, slope: number): number {
  const { x } = points;
  const over = sumsOf(points);
  const all = over(0, x.length);
  const variance = all.missed / Math.max(1, x.length - 2);
  const windows: { off: number; noise: number }[] = [];
  let from = 0;
  for (let i = 0; i <= x.length; i++) {
    if (i < x.length && x[i]! - x[from]! < WINDOW_SECONDS) continue;
    if (i - from >= MIN_POINTS) {
      const part = over(from, i);
      const noise = Math.min(variance, part.missed / Math.max(1, i - from - 2)) / part.weight / slope ** 2;
      windows.push({ off: part.slope / slope - 1, noise });
    }
    from = i;
  }
  if (windows.length < 3) return USUAL_WANDER;
  // Precise stretches count more.
  const weights = windows.map(({ noise }) => 1 / (noise + USUAL_WANDER ** 2));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const found = windows.reduce((total, { off, noise }, i) => total + weights[i]! * (off ** 2 - noise), 0) / sum;
  // Subtracts part of the standard error, so that scatter is not taken for wander.
  const error =
    Math.sqrt(weights.reduce((total, w, i) => total + 2 * (w * (windows[i]!.noise + USUAL_WANDER ** 2)) ** 2, 0)) / sum;
  return Math.min(MAX_WANDER, Math.sqrt(Math.max(USUAL_WANDER ** 2, found - error / 3)));
}

/** Length of the final stretch that is compared with the line, s. */
const LATELY_SECONDS = 60;

/** Returns the relative change of the heat in the last minute, shrunk by its uncertainty. A recent change of the knob shows here first. */
export function latelyOff(points: Points, slope: number): number {
  const { x } = points;
  const from = x.findIndex((at) => at >= x.at(-1)! - LATELY_SECONDS);
  if (x.length - from < MIN_POINTS || from < MIN_POINTS) return 0;
  const over = sumsOf(points);
  const [before, last] = [over(0, from), over(from, x.length)];
  const variance = (before.missed + last.missed) / Math.max(1, x.length - 4) / last.weight / slope ** 2;
  const off = last.slope / slope - 1;
  return Math.abs(off) * (off ** 2 / (off ** 2 + 0.5 * variance));
}

/**
 * Returns the relative uncertainty of the mean heat over some time to come, given the time observed: each is a mean over its
 * correlation times.
 *
 * @param seconds the time ahead, and the past time that the estimate is based on
 */
export const heatShare = (wander: number, seconds: number, goneSeconds: number): number =>
  wander *
  Math.sqrt(
    Math.min(1, SWELLS_SECONDS / Math.max(1, seconds)) + Math.min(1, SWELLS_SECONDS / Math.max(1, goneSeconds)),
  );
