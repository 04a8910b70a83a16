import { ALLERGENS, allergensOf, ingredientNamed, larderOf, type Larder } from '../larder';
import type { Slab } from '../slab';

/**
 * Returns the allergens of a slab including those inside compounds, in the order of the law's list.
 *
 * @param larder finds what the lines name; a name that is in no larder adds nothing, so that the list is the least there is
 */
export function allergensIn(slab: Slab, larder: Larder): string[] {
  const slabLarder = larderOf(slab.larder ?? []);
  const carried = new Set(
    slab.preparations
      .flatMap(({ lines }) => lines)
      .flatMap(({ ingredient: name, quantity }) => {
        const ingredient = quantity > 0 ? ingredientNamed(name, larder, slabLarder) : null;
        return ingredient ? [...allergensOf(ingredient, larder, slabLarder).keys()] : [];
      }),
  );
  return ALLERGENS.filter((allergen) => carried.has(allergen));
}
