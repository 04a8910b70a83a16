import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** Finds pots with less water than their end point leaves: the mixture is past the end point before it boils. */
export const potTooDry: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ boil }, p) => {
    if (!boil?.tooDry) return [];
    const preparation = slab.preparations[p]!;
    return [
      check('pot-too-dry', `/preparations/${p}/cookTo`, {
        ...{ preparation: preparation.name, waterG: boil.waterInG, endC: endPointC(preparation)! },
      }),
    ];
  });
