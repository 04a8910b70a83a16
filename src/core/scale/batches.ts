import { isThickBoil } from '../classify';
import type { Preparation } from '../slab';

const USUAL_LIMIT = 2;

/** Maximum scale factor of one pot by kind; no limit is Infinity. */
export const usualMaxScaleFactor = (preparation: Pick<Preparation, 'cookTo'>) =>
  isThickBoil(preparation) ? USUAL_LIMIT : Infinity;

/**
 * Returns how many equal batches a preparation must be split into. Boiled sugars allow only a multiple of the written amount per
 * pot: the preparation's own limit, otherwise 2 for end points of 110 °C and above. Other mixtures have no limit.
 *
 * @param scaleFactor times as much as is written, >= 0
 */
export function batchesNeeded(preparation: Preparation, scaleFactor: number): number {
  const limit = preparation.maxScaleFactor ?? usualMaxScaleFactor(preparation);
  return Math.max(1, Math.ceil(scaleFactor / limit - 1e-9));
}
