import { larderOf, type Larder } from '$core/larder';
import type { Slab } from '$core/slab';
import { allergenStatement } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { slabById } from './slabs';
import { starterShelf } from './starter';

/** Returns all allergens of a slab, declared or assumed. */
export function likelyAllergens(slab: Slab, larder: Larder): string[] {
  const { contains, assumed } = allergenStatement(slab, larder, starterShelf());
  return [...contains, ...assumed];
}

/** Returns all allergens of some of the shop's slabs, declared or assumed; unknown numbers add none. */
export function allergensOfSlabs(db: Db, ids: readonly number[]): string[] {
  const slabs = ids.flatMap((id) => slabById(db, id)?.slab ?? []);
  const larder = larderOf(ingredientsFor(db, slabs));
  return [...new Set(slabs.flatMap((slab) => likelyAllergens(slab, larder)))];
}
