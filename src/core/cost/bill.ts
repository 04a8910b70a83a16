import { inCoins } from './cents';
import type { SettledPricing } from './pricing';
import type { Powered } from '../shop';

/** Items of a batch's cost, in display order. `trimSold` is negative. */
export const COST_ITEMS = [
  'ingredients',
  'labour',
  'energy',
  'lining',
  'packing',
  'overhead',
  'trimSold',
  'rejects',
] as const;
export type CostItem = (typeof COST_ITEMS)[number];

/** Labour and powered minutes of a run. */
export interface RunMinutes extends Readonly<Record<Powered, number>> {
  readonly busy: number;
  readonly watch: number;
}

/** Amounts used by a run. */
export interface Run {
  /** Cost of its ingredients including leftovers, in the currency. */
  readonly usedCost: number;
  readonly leftoverCost: number;
  readonly trimG: number;
  readonly packingCost: number;
  /** Lining paper of all tins, m². */
  readonly liningM2: number;
  /** `null` while the schedule is unknown. */
  readonly minutes: RunMinutes | null;
  /** Number of slabs made. */
  readonly slabs: number;
}

/** Cost of a run, in whole coins that add up. */
export interface Bill {
  readonly coins: Readonly<Record<CostItem, number>>;
  readonly total: number;
  /** Paid labour minutes. */
  readonly handsMinutes: number | null;
}

/** Returns paid labour minutes: all hands-on time, and a share of the watching time. */
export const paidMinutes = ({ busy, watch }: RunMinutes, watchShare: number): number => busy + watch * watchShare;

/**
 * Returns the cost of a run: ingredients with or without leftovers, labour, energy, lining, packaging and overheads, less the
 * value of sold trims.
 *
 * Pieces that are not sold are paid for by the others: with a share r of rejects the run costs 1 / (1 - r) times as much as it uses,
 * so that the cost of a piece is what is used by the pieces that are sold.
 *
 * @param digits decimal places of the currency
 * @returns coins of each item by the largest remainder, so that they add up to the total
 */
export function billOf(run: Run, pricing: SettledPricing, digits: number): Bill {
  const { minutes, usedCost, leftoverCost, trimG, packingCost, liningM2, slabs } = run;
  const { power, overhead, rejectShare } = pricing;
  const handsMinutes = minutes && paidMinutes(minutes, pricing.watchShare);
  const labour = ((handsMinutes ?? 0) / 60) * pricing.labourPerHour;
  const kilowattHours = minutes
    ? (Object.keys(power) as Powered[]).reduce((sum, what) => sum + (power[what] * minutes[what]) / 60, 0)
    : 0;
  const ingredients = { charge: usedCost, carry: usedCost - leftoverCost }[pricing.leftover];
  const energy = kilowattHours * pricing.energyPerKWh;
  const lining = liningM2 * pricing.liningPerM2;
  const direct = ingredients + labour + energy + lining + packingCost;
  const over = {
    slab: overhead.amount * slabs,
    hour: (overhead.amount * (handsMinutes ?? 0)) / 60,
    percent: (direct * overhead.amount) / 100,
  }[overhead.by];
  const trimSold = { waste: 0, eat: 0, sell: -(trimG / 1000) * pricing.trimPerKg }[pricing.trim];
  const rejects = ((direct + over + trimSold) * rejectShare) / (1 - rejectShare);
  const exact: Readonly<Record<CostItem, number>> = {
    ...{ ingredients, labour, energy, lining, packing: packingCost },
    ...{ overhead: over, trimSold, rejects },
  };
  const coins = inCoins(
    COST_ITEMS.map((item) => exact[item]),
    digits,
  );
  return {
    coins: Object.fromEntries(COST_ITEMS.map((item, i) => [item, coins[i]!])) as Record<CostItem, number>,
    total: coins.reduce((sum, coin) => sum + coin, 0),
    handsMinutes,
  };
}
