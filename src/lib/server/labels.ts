import { larderOf } from '$core/larder';
import { allergensIn } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { slabById } from './slabs';

/** All allergens that some of the shop's slabs carry; a number that there is no slab of adds none. */
export function allergensOfSlabs(db: Db, ids: readonly number[]): string[] {
  const slabs = ids.flatMap((id) => slabById(db, id)?.slab ?? []);
  const larder = larderOf(ingredientsFor(db, slabs));
  return [...new Set(slabs.flatMap((slab) => allergensIn(slab, larder)))];
}
