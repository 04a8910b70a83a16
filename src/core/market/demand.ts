/** One market: what was taken and sold. Where all was sold, more would have been wanted: the demand is censored. */
export interface MarketDay {
  readonly taken: number;
  readonly sold: number;
  /** Sold out before the end, even if the figures do not say so. */
  readonly isSoldOut?: boolean | undefined;
}

/** Probabilities of a demand of 0, 1, 2, ...; the last one is of that much or more. */
export type DemandDistribution = Float64Array;

/** Means that are considered, per mean of what was taken: from a tenth to ten times. */
const MEANS = 61;
const WIDEST = 10;
/**
 * Dispersions k of the negative binomial distribution, whose variance is mean + mean² / k: from days that differ wildly to those that differ by
 * chance alone.
 */
const DISPERSIONS = [0.7, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 40, 100];
/** Prior of each: days that are all alike, or beyond all bounds, are rarer than those between. */
const DISPERSION_PRIOR = [0.3, 0.5, 0.8, 1, 1, 1, 1, 0.8, 0.5, 0.3, 0.2];
/** Spread of the prior of the mean, natural logarithm: mostly within a factor of two of what was taken, since a shop knows its market roughly. */
const PRIOR_SPREAD = 0.6;
const MAX_DEMAND = 100_000;
const SMALL = 1e-9;

/** Fills in the negative binomial probabilities of 0 to `most - 1`, and of the rest. */
function negativeBinomial(mean: number, k: number, most: number): DemandDistribution {
  const p = new Float64Array(most + 1);
  // In logarithms, since the first probability of a large mean is too small for a number.
  let log = k * Math.log(k / (k + mean));
  const step = Math.log(mean / (k + mean));
  let sum = 0;
  for (let d = 0; d < most; d++) {
    p[d] = Math.exp(log);
    sum += p[d]!;
    log += step + Math.log((d + k) / (d + 1));
  }
  p[most] = Math.max(0, 1 - sum);
  return p;
}

/**
 * Returns the distribution of the demand on the next market: the mean over all negative binomial distributions, each weighed by how well it explains
 * the days (Bayes' rule), with those days censored on which all was sold. It becomes narrower with every day, and stays wide while there are few.
 *
 * @param days at least one
 */
export function demandAfter(days: readonly MarketDay[]): DemandDistribution {
  const taken = days.reduce((sum, day) => sum + day.taken, 0) / days.length;
  const sold = Math.max(...days.map((day) => day.sold));
  const centre = Math.max(1, taken);
  const most = Math.min(MAX_DEMAND, Math.ceil(Math.max(20, 6 * centre, 3 * sold)));
  const candidates: { readonly p: DemandDistribution; readonly log: number }[] = [];
  for (let m = 0; m < MEANS; m++) {
    const away = Math.log(WIDEST) * ((2 * m) / (MEANS - 1) - 1);
    const prior = -0.5 * (away / PRIOR_SPREAD) ** 2;
    DISPERSIONS.forEach((k, i) => {
      const p = negativeBinomial(centre * Math.exp(away), k, most);
      candidates.push({ p, log: prior + Math.log(DISPERSION_PRIOR[i]!) + logLikelihood(days, p) });
    });
  }
  const best = Math.max(...candidates.map(({ log }) => log));
  const all = new Float64Array(most + 1);
  let weights = 0;
  for (const { p, log } of candidates) {
    const weight = Math.exp(log - best);
    if (weight < SMALL) continue;
    weights += weight;
    for (let d = 0; d <= most; d++) all[d]! += weight * p[d]!;
  }
  return all.map((share) => share / weights);
}

function logLikelihood(days: readonly MarketDay[], p: DemandDistribution): number {
  let log = 0;
  for (const { taken, sold, isSoldOut } of days) {
    let chance = p[Math.min(sold, p.length - 1)]!;
    if (isSoldOut || sold >= taken) {
      chance = 1;
      for (let d = 0; d < sold && d < p.length; d++) chance -= p[d]!;
    }
    log += Math.log(Math.max(chance, 1e-300));
  }
  return log;
}
