import { allAssortments } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { slabById, slabNames } from '$lib/server/slabs';
import { wholeShop } from '$lib/server/shop';
import { allergensOfSlab } from '$lib/server/labels';
import { ingredientsFor } from '$lib/server/larder';

/** Loads the assortments, what they can be put together from, and the boxes of the shop. */
export function load() {
  const db = database();
  const slabs = slabNames(db).map(({ id, name }) => ({ id, name }));
  const assortments = allAssortments(db);
  const used = new Set(assortments.flatMap(({ parts }) => parts.map(({ slab }) => slab)));
  const allergens = [...used].flatMap((id) => {
    const kept = slabById(db, id);
    return kept ? [{ id, ...allergensOfSlab(kept.slab, ingredientsFor(db, [kept.slab])) }] : [];
  });
  const { boxes = [], bags = [] } = wholeShop(db);
  return { assortments, slabs, allergens, packs: [...boxes, ...bags].map(({ name }) => name) };
}
