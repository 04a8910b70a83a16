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
 * A boil is laid while it is hot, so each boil fills whole tins where one holds enough for a tin: three tins of which two fit one pot
 * are three boils, not one and a half tins each.
 *
 * @param scaleFactor times as much as is written, >= 0
 * @param tins that it is laid in, 1 or more
 * @example batchesNeeded({ ...caramel, maxScaleFactor: 2 }, 3, 3) // 3
 */
export function batchesNeeded(preparation: Preparation, scaleFactor: number, tins = 1): number {
  const limit = preparation.maxScaleFactor ?? usualMaxScaleFactor(preparation);
  const least = Math.max(1, Math.ceil(scaleFactor / limit - 1e-9));
  if (least === 1 || tins === 1 || !preparation.cookTo || tinsPerBoil(limit, scaleFactor, tins) < 1) return least;
  for (let batches = least; batches < tins; batches++) if (tins % batches === 0) return batches;
  return tins;
}

/** Returns how many tins one boil fills at most. */
export const tinsPerBoil = (maxScaleFactor: number, scaleFactor: number, tins: number): number =>
  scaleFactor > 0 ? Math.floor((maxScaleFactor * tins) / scaleFactor + 1e-9) : Infinity;

/** Returns how many tins a slab is made in. */
export const tinsIn = ({ slabs }: { readonly slabs: readonly { readonly count: number }[] }): number =>
  Math.max(
    1,
    slabs.reduce((sum, { count }) => sum + count, 0),
  );
