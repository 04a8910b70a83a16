import { ingredientNamed, type Ingredient, type Larder } from '$core/larder';
import type { Slab } from '$core/slab';

/** Returns the larder ingredients that a slab names: everything to send for a calculation elsewhere. */
export function namedIngredients(slab: Slab, larder: Larder): Ingredient[] {
  const named = slab.preparations
    .flatMap(({ lines }) => lines)
    .map(({ ingredient }) => ingredientNamed(ingredient, larder))
    .filter((ingredient): ingredient is Ingredient => ingredient !== null);
  return [...new Set(named)];
}
