import { batchesNeeded } from '../scale';
import type { Rule } from './types';

/** A boil that is too large for one pot. */
export const cookOverLimit: Rule = ({ slab, scaling }) =>
  scaling.preparations.flatMap(({ scaleFactor }, p) => {
    const preparation = slab.preparations[p]!;
    const cooks = batchesNeeded(preparation, scaleFactor);
    if (cooks === 1) return [];
    return [
      {
        code: 'cook-over-limit',
        where: `/preparations/${p}`,
        message: `${preparation.name} is ${scaleFactor.toFixed(1)} times the written amount, too much for one boil. Cook it in ${cooks} equal lots, or raise its limit if your pot allows`,
      },
    ];
  });
