import { allergensOf } from '../larder';
import { check } from './codes';
import type { Rule } from './types';

/** Finds allergens in a slab that is sold as free from them, including those inside compound ingredients. */
export const freeFromBroken: Rule = ({ slab, mixtures, larder, slabLarder }) =>
  (slab.freeFrom ?? []).flatMap((allergen) =>
    mixtures.flatMap(({ lines }, p) =>
      lines.flatMap(({ ingredient, massG }, l) => {
        const path = ingredient && allergensOf(ingredient, larder, slabLarder).get(allergen);
        if (!path) return [];
        return [
          check('free-from-broken', `/preparations/${p}/lines/${l}`, {
            ...{ allergen, ingredient: path[0]!, massG: massG ?? 0, through: path.slice(1) },
          }),
        ];
      }),
    ),
  );
