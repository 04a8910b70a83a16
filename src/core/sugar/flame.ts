/** How even the heat under a pot is, read off the line that its boil follows. */

export interface Points {
  /** Seconds, rising. */
  readonly x: readonly number[];
  readonly y: readonly number[];
  /** One over the variance of each, up to a common factor. */
  readonly w: readonly number[];
}

/** Sums from which the line through any stretch, and what it misses, is told at once. */
function sumsOf({ x, y, w }: Points) {
  const sums = [0, 1, 2, 3, 4, 5].map(() => new Float64Array(x.length + 1));
  for (let i = 0; i < x.length; i++) {
    const [a, b, c] = [x[i]!, y[i]!, w[i]!];
    [c, c * a, c * b, c * a * a, c * a * b, c * b * b].forEach((term, k) => (sums[k]![i + 1] = sums[k]![i]! + term));
  }
  /** Slope, what is missed in all, and the slope's weight, over points from one to before another. */
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

/** A break is looked for with at least so many seconds and points behind it. */
const MIN_AFTER_SECONDS = 26;
const MIN_POINTS = 8;
/** Two lines have to be so much better than one (an F statistic), and their slopes to differ by this share. */
const MAX_LIKELY_ONE = 28;
const MIN_TURN = 0.24;
const MAX_CANDIDATES = 120;

/**
 * Where the knob was turned last, as the point from which on a new line holds; 0 where it was not. Two lines are held against one over
 * every place in turn; what comes before a break is left out, and looked at no more.
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
/** Wander that cannot be told from so few windows is taken for this, and no more than that is believed, as a share of the heat. */
const USUAL_WANDER = 0.009;
const MAX_WANDER = 0.2;
/** Over such a time the heat swells and falls. */
const SWELLS_SECONDS = 2600;

/**
 * By what share the heat wanders from one minute or so to the next: the spread of the slopes of short stretches, less what the scatter of
 * the readings makes of it.
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
  // A stretch that is told well says more.
  const weights = windows.map(({ noise }) => 1 / (noise + USUAL_WANDER ** 2));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  const found = windows.reduce((total, { off, noise }, i) => total + weights[i]! * (off ** 2 - noise), 0) / sum;
  // Less a part of its standard error, so that scatter is not taken for a wander.
  const error =
    Math.sqrt(weights.reduce((total, w, i) => total + 2 * (w * (windows[i]!.noise + USUAL_WANDER ** 2)) ** 2, 0)) / sum;
  return Math.min(MAX_WANDER, Math.sqrt(Math.max(USUAL_WANDER ** 2, found - error / 3)));
}

/** So long a stretch at the end is held against the line, s. */
const LATELY_SECONDS = 60;

/**
 * By what share the heat of the last minute seems to be another than the line's: what differs, and less of it the more that may be
 * scatter. A knob that has just been turned shows here first.
 */
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
 * How far the mean heat of some time to come may be from that of some time gone, as a share: each is a mean over so many swells.
 *
 * @param seconds the time to come, and the time gone that it is told from
 */
export const heatShare = (wander: number, seconds: number, goneSeconds: number): number =>
  wander *
  Math.sqrt(
    Math.min(1, SWELLS_SECONDS / Math.max(1, seconds)) + Math.min(1, SWELLS_SECONDS / Math.max(1, goneSeconds)),
  );
