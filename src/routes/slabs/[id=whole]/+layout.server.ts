import { error } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { ingredientsFor, withHeld } from '$lib/server/larder';
import { isHeavy } from '$lib/server/planned';
import { slabById } from '$lib/server/slabs';
import { starterForSlabs } from '$lib/server/starter';
import { allTins } from '$lib/server/tins';

/** Loads a slab with what its stations need: its larder entries, and the rack. */
export function load({ params }) {
  const db = database();
  const kept = slabById(db, Number(params.id));
  if (!kept) error(404, 'This slab was deleted or never existed');
  const ingredients = withHeld(db, ingredientsFor(db, [kept.slab]));
  return {
    ...{ kept, ingredients, isHeavy: isHeavy(kept.slab), rack: allTins(db) },
    starter: starterForSlabs([kept.slab], ingredients),
  };
}
