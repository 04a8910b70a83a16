import type { Larder } from '../larder';
import { batchesNeeded, tinsIn } from '../scale';
import { coolingThrough, potAtRest, type Cooled } from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { GOES_ON_RING } from '../tin';
import type { PlanOptions } from './planned';
import { scaleSlab, type ScaledSlab } from './scaling';

/**
 * Returns how each preparation cools in its pot before pouring, for one batch of the current amounts.
 *
 * @returns in the order of the slab's preparations
 */
export function coolingOf(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): Cooled[] {
  const laid = expandDividedLines(slab);
  return coolingIn(laid.preparations, scaleSlab(laid, larder, shop, options), shop);
}

/** The same for a slab that is already scaled. */
export function coolingIn(
  preparations: Slab['preparations'],
  { mixtures, scaling }: Pick<ScaledSlab, 'mixtures' | 'scaling'>,
  { roomC = USUAL_SHOP.roomC, vessels = [] }: Shop,
): Cooled[] {
  const pots = vessels.filter(({ kind }) => GOES_ON_RING[kind]).map(({ volumeMl }) => volumeMl);
  return preparations.map((preparation, p) => {
    const { massOutG, vessel } = mixtures[p]!;
    const { scaleFactor = 1 } = scaling.preparations[p] ?? {};
    const perBatch = scaleFactor / batchesNeeded(preparation, scaleFactor, tinsIn(scaling));
    const neededMl = vessel.volumeMl * perBatch;
    // Returns the shop's smallest pot that it boils in; otherwise one of its size.
    const potMl = Math.min(...pots.filter((volumeMl) => volumeMl >= neededMl));
    const pot = potAtRest(mixtures[p]!, massOutG * perBatch, Number.isFinite(potMl) ? potMl : neededMl);
    return coolingThrough(preparation, pot, roomC);
  });
}
