import { allergensOf } from '../larder';
import type { Rule } from './types';

/** An allergen in a slab that is sold as free from it, through whatever compound it comes. */
export const freeFromBroken: Rule = ({ slab, mixtures, larder, slabLarder, figures }) =>
  (slab.freeFrom ?? []).flatMap((allergen) =>
    mixtures.flatMap(({ lines }, p) =>
      lines.flatMap(({ ingredient, massG }, l) => {
        const path = ingredient && allergensOf(ingredient, larder, slabLarder).get(allergen);
        if (!path) return [];
        const through = path.length > 1 ? `, through ${path.slice(1).join(' and ')}` : '';
        return [
          {
            code: 'free-from-broken',
            where: `/preparations/${p}/lines/${l}`,
            message: `The slab is marked free from ${allergen}, and ${figures.mass.say(massG ?? 0)} of ${path[0]!} carry it${through}. Take another ingredient, or take the mark off. Shared boards and knives carry traces too`,
          },
        ];
      }),
    ),
  );
