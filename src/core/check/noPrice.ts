import { pricePerGram } from '../cost';
import { check } from './codes';
import type { Rule } from './types';

/** Finds larder ingredients without a price, which make the cost too low. */
export const noPrice: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient, massG }, l) => {
      if (ingredient === null || pricePerGram(ingredient) !== null) return [];
      const { currency } = ingredient.packs?.[0] ?? {};
      return [
        check('no-price', `/preparations/${p}/lines/${l}`, {
          ...{ ingredient: slab.preparations[p]!.lines[l]!.ingredient, massG, pricedIn: currency ?? null },
        }),
      ];
    }),
  );
