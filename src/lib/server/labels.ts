import { larderOf, type AllergenStatement, type Ingredient } from '$core/larder';
import type { Slab } from '$core/slab';
import { allergenStatement } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { slabById } from './slabs';
import { starterShelf } from './starter';

/** Returns which allergens a slab contains, with the starter list for what the larder does not know. */
export const allergensOfSlab = (slab: Slab, ingredients: readonly Ingredient[]): AllergenStatement =>
  allergenStatement(slab, larderOf(ingredients), starterShelf());

/** Returns all allergens of a slab, declared or assumed. */
export function likelyAllergens(slab: Slab, ingredients: readonly Ingredient[]): string[] {
  const { contains, assumed } = allergensOfSlab(slab, ingredients);
  return [...contains, ...assumed];
}

/** Returns all allergens of some of the shop's slabs, declared or assumed; unknown numbers add none. */
export function allergensOfSlabs(db: Db, ids: readonly number[]): string[] {
  const slabs = ids.flatMap((id) => slabById(db, id)?.slab ?? []);
  const ingredients = ingredientsFor(db, slabs);
  return [...new Set(slabs.flatMap((slab) => likelyAllergens(slab, ingredients)))];
}
