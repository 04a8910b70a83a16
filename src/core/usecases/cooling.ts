import type { Larder } from '../larder';
import { batchesNeeded } from '../scale';
import { coolingThrough, potAtRest, type Cooled } from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import type { PlanOptions } from './planned';
import { scaleSlab, type ScaledSlab } from './scaling';

/**
 * How each preparation cools in its pot before it is laid, one batch of what is made now.
 *
 * @returns in the order of the slab's preparations
 */
export function coolingOf(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): Cooled[] {
  const laid = expandDividedLines(slab);
  return coolingIn(laid.preparations, scaleSlab(laid, larder, shop, options), shop);
}

/** The same for a slab that has been scaled already. */
export function coolingIn(
  preparations: Slab['preparations'],
  { mixtures, scaling }: Pick<ScaledSlab, 'mixtures' | 'scaling'>,
  { roomC = USUAL_SHOP.roomC }: Shop,
): Cooled[] {
  return preparations.map((preparation, p) => {
    const { scaleFactor = 1 } = scaling.preparations[p] ?? {};
    const batchG = (mixtures[p]!.massOutG * scaleFactor) / batchesNeeded(preparation, scaleFactor);
    return coolingThrough(preparation, potAtRest(mixtures[p]!, batchG), roomC);
  });
}
