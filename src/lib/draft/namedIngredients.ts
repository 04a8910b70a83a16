import { ingredientNamed, type Ingredient, type Larder } from '$core/larder';
import type { Slab } from '$core/slab';

/** The ingredients of the larder that a slab names: all that has to be sent where it is worked out elsewhere. */
export function namedIngredients(slab: Slab, larder: Larder): Ingredient[] {
  const named = slab.preparations
    .flatMap(({ lines }) => lines)
    .map(({ ingredient }) => ingredientNamed(ingredient, larder))
    .filter((ingredient): ingredient is Ingredient => ingredient !== null);
  return [...new Set(named)];
}
