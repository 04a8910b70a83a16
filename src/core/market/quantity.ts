import { demandAfter, type DemandDistribution, type MarketDay } from './demand';

/** What a piece brings, costs, and is worth if it is left over, in the shop's currency. */
export interface PieceWorth {
  readonly price: number;
  readonly cost: number;
  readonly leftoverWorth: number;
}

export interface MarketAdvice {
  /** Pieces to take for the highest expected profit. */
  readonly quantity: number;
  /** Share of days on which that is enough: lost profit of a missed sale over that and the loss of a left-over piece. */
  readonly criticalRatio: number;
  /** Quantities and their expected profit. */
  readonly expectedProfit: readonly (readonly [quantity: number, profit: number])[];
  /** Number of markets. */
  readonly restsOn: number;
  /** Too few markets for more than a guess. */
  readonly isGuess: boolean;
}

/** With fewer markets the quantity is a guess. */
export const ENOUGH_MARKETS = 4;
const MAX_POINTS = 120;

/** Returns the expected profit of a quantity. */
export function expectedProfit(
  demand: DemandDistribution,
  quantity: number,
  { price, cost, leftoverWorth }: PieceWorth,
): number {
  let soldOnAverage = 0;
  for (let d = 0; d < demand.length; d++) soldOnAverage += demand[d]! * Math.min(d, quantity);
  return price * soldOnAverage + leftoverWorth * (quantity - soldOnAverage) - cost * quantity;
}

/**
 * Returns how many pieces to take to the next market: the quantity at which the chance of selling one more covers the loss of having it left over
 * (the newsvendor problem: Arrow, Harris and Marschak, "Optimal Inventory Policy", Econometrica 19, 1951).
 *
 * @param days at least one
 * @param worth the cost above what a left-over piece is worth
 */
export function marketAdvice(days: readonly MarketDay[], worth: PieceWorth): MarketAdvice {
  const demand = demandAfter(days);
  const { price, cost, leftoverWorth } = worth;
  const criticalRatio = price > cost ? (price - cost) / (price - leftoverWorth) : 0;
  let quantity = 0;
  for (let enough = demand[0]!; enough < criticalRatio && quantity < demand.length - 1; enough += demand[quantity]!)
    quantity += 1;
  const last = Math.min(demand.length - 1, Math.max(10, Math.ceil(2.2 * quantity)));
  const step = Math.max(1, Math.ceil(last / MAX_POINTS));
  const points = Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => i * step);
  const shown = [...new Set([...points, quantity])].sort((a, b) => a - b);
  return {
    ...{ quantity, criticalRatio },
    expectedProfit: shown.map((q) => [q, expectedProfit(demand, q, worth)] as const),
    restsOn: days.length,
    isGuess: days.length < ENOUGH_MARKETS,
  };
}
