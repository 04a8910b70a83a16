import { cooksNeeded } from '../scale';
import type { Rule } from './types';

/** A boil that is too large for one pot. */
export const cookOverLimit: Rule = ({ slab, scaled }) =>
  scaled.preparations.flatMap(({ multiple }, p) => {
    const preparation = slab.preparations[p]!;
    const cooks = cooksNeeded(preparation, multiple);
    if (cooks === 1) return [];
    return [
      {
        code: 'cook-over-limit',
        where: `/preparations/${p}`,
        message: `${preparation.name} is ${multiple.toFixed(1)} times the written amount, too much for one boil. Cook it in ${cooks} equal lots, or raise its limit if your pot allows`,
      },
    ];
  });
