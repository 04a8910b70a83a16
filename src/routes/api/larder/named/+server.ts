import { json } from '@sveltejs/kit';
import { declaresAllergens } from '$core/larder';
import { larderMatch } from '$core/recipe';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsNamed, shelfLarder, withHeld } from '$lib/server/larder';
import { readNames } from '$lib/server/requests/kept';
import { starterFor } from '$lib/server/starter';

/**
 * Returns the ingredients that names mean, with their components: `{ "names": [...] }`. For names that are not in the larder,
 * or whose allergens it does not declare, `starter` has the starter list's entries.
 */
export async function POST({ request }) {
  const body = await readBody(request, readNames);
  if (!body.ok) return body.response;
  const db = database();
  const shelf = shelfLarder(db);
  const matches = body.value.names.map((name) => ({ name, found: larderMatch(name, shelf) }));
  const undeclared = matches.filter(({ found }) => !declaresAllergens(found)).map(({ name }) => name);
  return json({
    ingredients: withHeld(
      db,
      ingredientsNamed(
        db,
        matches.flatMap(({ found }) => found?.name ?? []),
      ),
    ),
    starter: starterFor(undeclared),
  });
}
