import { larderOf } from '$core/larder';
import { allergensIn } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { slabById } from './slabs';

/** Returns all allergens of some of the shop's slabs; unknown numbers add none. */
export function allergensOfSlabs(db: Db, ids: readonly number[]): string[] {
  const slabs = ids.flatMap((id) => slabById(db, id)?.slab ?? []);
  const larder = larderOf(ingredientsFor(db, slabs));
  return [...new Set(slabs.flatMap((slab) => allergensIn(slab, larder)))];
}
