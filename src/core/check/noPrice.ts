import { pricePerGram } from '../cost';
import type { Rule } from './types';

/** A known ingredient without a price, so that the cost of the slab is too low. */
export const noPrice: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient, massG }, l) => {
      if (ingredient === null || pricePerGram(ingredient) !== null) return [];
      const { currency } = ingredient.packs?.[0] ?? {};
      const lacks = currency ? `is still priced in ${currency}` : 'has no price';
      const way = currency ? `Write what its pack costs now` : 'Add a pack with its price';
      return [
        {
          code: 'no-price',
          where: `/preparations/${p}/lines/${l}`,
          message: `${slab.preparations[p]!.lines[l]!.ingredient} ${lacks}: ${massG === null ? 'it' : figures.mass.say(massG)} counts as 0 in the cost. ${way} in the larder`,
        },
      ];
    }),
  );
