import { database } from '$lib/server/db';
import { ingredientsFor } from '$lib/server/larder';
import { slabVersions } from '$lib/server/slabs';

/** Loads the versions of the slab, the newest first, with their larder entries. */
export function load({ params }) {
  const db = database();
  const versions = slabVersions(db, Number(params.id));
  const slabs = versions.map(({ slab }) => slab);
  return { versions, theirIngredients: ingredientsFor(db, slabs) };
}
