import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds end points for which the boil cannot be calculated. */
export const boilUnknown: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap((mixture, p) => {
    if (!mixture.boilUnknown || mixture.massInG === 0) return [];
    const preparation = slab.preparations[p]!;
    return [
      check('boil-unknown', `/preparations/${p}/cookTo`, {
        ...{ preparation: preparation.name, endC: endPointC(preparation)! },
      }),
    ];
  });
