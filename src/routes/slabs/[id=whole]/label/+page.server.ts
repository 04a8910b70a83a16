import { database } from '$lib/server/db';
import { likelyAllergens } from '$lib/server/labels';
import { ingredientsFor } from '$lib/server/larder';
import { slabById, slabNames } from '$lib/server/slabs';

/** Maximum number of slabs offered as made on the same day. */
const MAX_OTHERS = 50;

/** Loads the other slabs of the shop with their allergens. */
export function load({ params }) {
  const db = database();
  const names = slabNames(db)
    .filter(({ id }) => id !== Number(params.id))
    .slice(0, MAX_OTHERS);
  const slabs = names.flatMap(({ id, name }) => {
    const kept = slabById(db, id);
    return kept ? [{ id, name, slab: kept.slab }] : [];
  });
  const ingredients = ingredientsFor(
    db,
    slabs.map(({ slab }) => slab),
  );
  return { others: slabs.map(({ id, name, slab }) => ({ id, name, allergens: likelyAllergens(slab, ingredients) })) };
}
