import { paidMinutes, settledPricing } from '../cost';
import { larderOf } from '../larder';
import { runRecord, type StepRecord } from '../run';
import { madeByRun } from '../stock';
import { planAsMade } from './asMade';
import type { RunToLog } from './log';
import { priceSlab, runMinutesOf, soldKinds } from './price';

/** What a finished run cost, as it was: with the amounts, prices and wages of its day. */
export interface RunCost {
  readonly currency: string;
  /** Without packaging, coins; `null` if too much of it has no price. */
  readonly costCoins: number | null;
  readonly labourMinutes: number;
  /** Labour as planned, where steps were not timed; or pieces as planned, since nobody counted them. */
  readonly isEstimate: boolean;
  /** Sellable pieces by type; cost and labour are divided by mass. */
  readonly kinds: readonly {
    readonly kind: string;
    readonly pieces: number;
    readonly costEach: number | null;
    readonly labourMinutesEach: number;
  }[];
  /** Ingredients without a price. */
  readonly unpriced: readonly string[];
}

/** Ingredients without a price up to this share of the mass, such as salt, leave the cost known. */
const MAX_UNPRICED = 0.02;

/** Returns hands-on and watched minutes: as timed, otherwise as planned unless the step was skipped. */
function handsOf(steps: readonly StepRecord[]) {
  const hands = { busy: 0, watch: 0 };
  for (const { step, minutes, skippedWhy } of steps)
    if (step.hands !== 'free' && skippedWhy === null)
      hands[step.hands] += minutes ?? step.planned.to - step.planned.from;
  const isTimed = steps.every(
    ({ step, minutes, skippedWhy }) => step.hands === 'free' || minutes !== null || skippedWhy !== null,
  );
  return { ...hands, isTimed };
}

/**
 * Returns what a finished run cost by piece type; `null` if it is not finished or nothing can be sold of it.
 *
 * Ingredients count as weighed at the prices of the run's larder, labour as it was recorded, energy as planned, since it is not measured. Rejects are
 * paid for by the pieces that can be sold.
 */
export function runCostOf({ plan, events, slab, ingredients, shop }: RunToLog): RunCost | null {
  const made = madeByRun(plan, events).filter(({ pieces }) => pieces > 0);
  if (made.length === 0) return null;
  const { lines, tins, steps } = runRecord(plan, events);
  const planned = planAsMade(slab, larderOf(ingredients), shop, { lines, tins });
  const { isTimed, ...hands } = handsOf(steps);
  const minutes = { ...runMinutesOf(plan.steps), ...hands };
  const { bill } = priceSlab({ ...slab, pricing: { ...slab.pricing, rejectShare: 0 } }, shop, planned, minutes);
  const used = planned.cost.byIngredient;
  const unpriced = used.filter(({ massG, cost }) => cost === null && massG > 0);
  const sumG = (all: typeof used) => all.reduce((sum, { massG }) => sum + massG, 0);
  const isKnown = sumG(unpriced) <= MAX_UNPRICED * sumG(used);
  const costCoins = isKnown ? bill.total - bill.coins.packing : null;
  const labourMinutes = paidMinutes(minutes, settledPricing(slab.pricing, shop).watchShare);
  const masses = new Map(soldKinds(planned.cut, shop).map(({ name, massG }) => [name, massG]));
  const massOf = (kind: string | null) => masses.get(kind) ?? (plan.pieceG || 1);
  const totalG = made.reduce((sum, { kind, pieces }) => sum + pieces * massOf(kind), 0);
  return {
    ...{ currency: shop.currency, costCoins, labourMinutes },
    isEstimate: !isTimed || made.some((one) => one.isEstimate),
    unpriced: unpriced.map(({ name }) => name),
    kinds: made.map(({ kind, pieces }) => {
      const shareEach = massOf(kind) / totalG;
      return {
        ...{ kind: kind ?? '', pieces },
        costEach: costCoins === null ? null : costCoins * shareEach,
        labourMinutesEach: labourMinutes * shareEach,
      };
    }),
  };
}
