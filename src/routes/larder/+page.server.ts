import { database } from '$lib/server/db';
import { foundIngredients } from '$lib/server/larder';
import { pageOf } from '$lib/forms/pages';

const MOST = 100;

/** Loads a page of the larder, by name. */
export function load({ url }) {
  const { sought, from } = pageOf(url, MOST);
  const db = database();
  const { ingredients, count } = foundIngredients(db, sought, from, MOST);
  const all = sought.trim() === '' ? count : foundIngredients(db, '', 0, 0).count;
  return { ingredients, count, all, sought, from, most: MOST };
}
