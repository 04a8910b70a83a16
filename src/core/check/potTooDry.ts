import { endPointC } from '../slab';
import { check } from './codes';
import type { Rule } from './types';

/** A pot that holds less water than its end point allows: it is past the end point before it is warm. */
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
