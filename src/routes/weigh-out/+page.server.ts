import { database } from '$lib/server/db';
import { ingredientsFor } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';
import { slabById, slabNames } from '$lib/server/slabs';
import { starterForSlabs } from '$lib/server/starter';

const MOST = 12;

/** Loads the names of all slabs, and the chosen ones completely. */
export function load({ url }) {
  const db = database();
  const ids = (url.searchParams.get('slabs') ?? '')
    .split(',')
    .map(Number)
    .filter((id, at, all) => Number.isInteger(id) && id > 0 && all.indexOf(id) === at)
    .slice(0, MOST);
  const chosen = ids.map((id) => slabById(db, id)).filter((slab) => slab !== null);
  const slabs = chosen.map(({ slab }) => slab);
  const ingredients = ingredientsFor(db, slabs);
  return {
    ...{ names: slabNames(db), chosen, ingredients, whole: wholeShop(db) },
    starter: starterForSlabs(slabs, ingredients),
  };
}
