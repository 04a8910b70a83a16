import { endPointC } from '../slab';
import type { Rule } from './types';

/** An end point from which nothing can be worked out. */
export const boilUnknown: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap((mixture, p) => {
    if (!mixture.boilUnknown || mixture.massInG === 0) return [];
    const preparation = slab.preparations[p]!;
    return [
      {
        code: 'boil-unknown',
        where: `/preparations/${p}/cookTo`,
        message: `What boils off ${preparation.name} by ${figures.temperature.say(endPointC(preparation)!)} cannot be worked out: under 5 % of it is known to be sugar, or the larder does not say what it is made of. Add the composition in the larder, or write the loss in percent`,
      },
    ];
  });
