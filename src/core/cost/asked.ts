import { ceilDiv, MILLION, millionths, roundDiv } from './exact';
import type { PriceAsk, SettledPricing } from './pricing';

/** The price of one piece, in whole coins: net + tax = price. */
export interface PieceCoins {
  /** Price that the buyer pays, coins. */
  readonly price: number;
  readonly tax: number;
  readonly net: number;
}

/** A cost as a fraction of whole coins. */
export interface ExactCost {
  readonly coins: bigint;
  readonly per: bigint;
}

const HUNDRED = 100n * MILLION;

/** Returns the tax included in, or added to, a price, to the nearest coin. */
export function taxOf(coins: bigint, taxPercent: number, isIncluded: boolean): bigint {
  const rate = millionths(taxPercent);
  return roundDiv(coins * rate, isIncluded ? HUNDRED + rate : HUNDRED);
}

/** Returns the lowest net price that reaches the margin or markup. */
function leastNet({ coins, per }: ExactCost, ask: Exclude<PriceAsk, { by: 'price' }>): bigint {
  if (ask.by === 'markup') return ceilDiv(coins * (MILLION + millionths(ask.share)), per * MILLION);
  const left = MILLION - millionths(ask.share);
  return ceilDiv(coins * MILLION, per * (left > 0n ? left : 1n));
}

/** Returns the step of a ladder of price endings, coins: 1 unit for endings below 1, 10 for endings up to 9, and so on. */
function roundOf(rungs: readonly bigint[], coin: bigint): bigint {
  let round = coin;
  while (rungs.some((rung) => rung >= round)) round *= 10n;
  return round;
}

/**
 * The least price that is not under some coins and ends as the ladder says: with 0.5 and 0.9, 3.10 becomes 3.50 and 3.60 becomes 3.90.
 *
 * @param ladder endings in the currency, each 0 or more; those that no coin makes do not count, and none leaves the price
 * @param digits decimal places of the currency
 */
export function upTheLadder(coins: bigint, ladder: readonly number[], digits: number): bigint {
  const coin = 10n ** BigInt(digits);
  const whole = ladder
    .map((ending) => ending * 10 ** digits)
    .filter((part) => Math.abs(part - Math.round(part)) < 1e-6);
  const rungs = [...new Set(whole.map((part) => BigInt(Math.round(part))))].sort((a, b) => (a < b ? -1 : 1));
  if (rungs.length === 0) return coins;
  const round = roundOf(rungs, coin);
  const base = coins - (coins % round);
  const next = rungs.map((rung) => base + rung).find((price) => price >= coins && price > 0n);
  return next ?? base + round + rungs[0]!;
}

/**
 * The price of a piece: from a margin or a markup the least on the ladder that leaves at least as much, or the price that is named.
 *
 * A margin is a share of the net price, a markup one of the cost: net = cost / (1 - margin) = cost (1 + markup).
 *
 * @param cost of one piece, in coins
 * @param digits decimal places of the currency
 */
export function askedPrice(
  cost: ExactCost,
  { ask, ladder, taxPercent, taxIncluded }: Pick<SettledPricing, 'ask' | 'ladder' | 'taxPercent' | 'taxIncluded'>,
  digits: number,
): PieceCoins {
  const inCoins = (said: bigint): PieceCoins => {
    const tax = taxOf(said, taxPercent, taxIncluded);
    const [price, net] = taxIncluded ? [said, said - tax] : [said + tax, said];
    return { price: Number(price), tax: Number(tax), net: Number(net) };
  };
  if (ask.by === 'price') return inCoins(BigInt(Math.round(ask.price * 10 ** digits)));
  const least = leastNet(cost, ask);
  const shelf = taxIncluded ? ceilDiv(least * (HUNDRED + millionths(taxPercent)), HUNDRED) : least;
  let said = upTheLadder(shelf, ladder, digits);
  // The tax is rounded too and may take the last coin of the margin, so the price is raised until the margin holds.
  while (inCoins(said).net < Number(least)) said = upTheLadder(said + 1n, ladder, digits);
  return inCoins(said);
}
