import { isThickBoil } from '../classify';
import type { Preparation } from '../slab';

const USUAL_LIMIT = 2;

/** How many times the written amount one pot takes, where the preparation does not say; no limit is Infinity. */
export const usualMaxScaleFactor = (preparation: Pick<Preparation, 'cookTo'>) =>
  isThickBoil(preparation) ? USUAL_LIMIT : Infinity;

/**
 * How many equal batches a preparation must be split into: boiled sugars only go up to a multiple of the written amount
 * in one pot (the preparation's own limit, else 2 for end points of 110 C and over); other mixtures have no limit.
 *
 * @param scaleFactor times as much as is written, >= 0
 */
export function batchesNeeded(preparation: Preparation, scaleFactor: number): number {
  const limit = preparation.maxScaleFactor ?? usualMaxScaleFactor(preparation);
  return Math.max(1, Math.ceil(scaleFactor / limit - 1e-9));
}
