import { batchesNeeded, tinsIn } from '../scale';
import { check } from './codes';
import type { Rule } from './types';

/** Finds boils that are too large for one pot. */
export const cookOverLimit: Rule = ({ slab, scaling }) =>
  scaling.preparations.flatMap(({ scaleFactor }, p) => {
    const preparation = slab.preparations[p]!;
    const batches = batchesNeeded(preparation, scaleFactor, tinsIn(scaling));
    if (batches === 1) return [];
    return [check('cook-over-limit', `/preparations/${p}`, { preparation: preparation.name, scaleFactor, batches })];
  });
