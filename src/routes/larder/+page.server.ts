import { database } from '$lib/server/db';
import { allIngredients } from '$lib/server/larder';

export function load() {
  return { ingredients: allIngredients(database()) };
}
