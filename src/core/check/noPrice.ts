import { pricePerGram } from '../cost';
import type { Rule } from './types';

/** A known ingredient without a price, so that the cost of the slab is too low. */
export const noPrice: Rule = ({ slab, made }) =>
  made.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient, massG }, l) =>
      ingredient === null || pricePerGram(ingredient) !== null
        ? []
        : [
            {
              code: 'no-price',
              where: `/preparations/${p}/lines/${l}`,
              message: `${slab.preparations[p]!.lines[l]!.ingredient} has no price: ${massG === null ? 'it' : `${massG.toFixed(0)} g`} counts as 0 in the cost. Add a pack with its price in the larder`,
            },
          ],
    ),
  );
