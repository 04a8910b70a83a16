import { database } from '$lib/server/db';
import { allIngredients } from '$lib/server/larder';

/** The larder, to read against: reading happens as one types. */
export function load() {
  return { ingredients: allIngredients(database()) };
}
