import { database } from '$lib/server/db';
import { ingredientsFor } from '$lib/server/larder';
import { slabVersions } from '$lib/server/slabs';

/** The versions of the slab, the newest first, and what they name of the larder. */
export function load({ params }) {
  const db = database();
  const versions = slabVersions(db, Number(params.id));
  const slabs = versions.map(({ slab }) => slab);
  return { versions, theirIngredients: ingredientsFor(db, slabs) };
}
