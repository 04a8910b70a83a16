import { demandAtLeast } from './demand';

/** Sales of fewer days say too little about how many will be sold. */
export const ENOUGH_DAYS = 14;

/** A slab that could be made next: one batch of it, and what is known about its sales. */
export interface Candidate {
  readonly slab: number;
  readonly pieces: number;
  /** Cost of the batch without packaging, coins. */
  readonly costCoins: number;
  readonly labourMinutes: number;
  /** Of one sold piece, coins: revenue before tax less the cost of selling. */
  readonly bringsEach: number;
  /** Pieces sold in a day on average. */
  readonly soldPerDay: number;
  /** Days from being made until a piece does not keep any more. */
  readonly shelfDays: number;
  /** Pieces in stock or planned that no order has. */
  readonly free: number;
}

/** A batch for spare time, with what it would bring. */
export interface NextBatch {
  readonly slab: number;
  readonly pieces: number;
  /** Pieces that would be sold while they keep, on average. */
  readonly wouldSell: number;
  readonly profitCoins: number;
  readonly perHourCoins: number;
  readonly labourMinutes: number;
}

/**
 * Returns the batches that would bring something in spare time, by profit per labour hour.
 *
 * The demand over the shelf life is taken as Poisson with the mean of what was sold; what is in stock and unclaimed is sold first. Expected sales of
 * Q pieces beside F free ones are the sum over q from F + 1 to F + Q of the chance that at least q are wanted.
 *
 * @param spareMinutes labour that is free
 */
export function nextBatches(candidates: readonly Candidate[], spareMinutes: number): NextBatch[] {
  return candidates
    .filter(({ labourMinutes, pieces }) => pieces > 0 && labourMinutes > 0 && labourMinutes <= spareMinutes)
    .map(({ slab, pieces, costCoins, labourMinutes, bringsEach, soldPerDay, shelfDays, free }) => {
      const wouldSell = demandAtLeast(soldPerDay * shelfDays, free, free + pieces);
      const profitCoins = wouldSell * bringsEach - costCoins;
      return {
        ...{ slab, pieces, wouldSell, profitCoins, labourMinutes },
        perHourCoins: (profitCoins * 60) / labourMinutes,
      };
    })
    .filter(({ profitCoins }) => profitCoins > 0)
    .sort((a, b) => b.perHourCoins - a.perHourCoins || a.slab - b.slab);
}
