import { json } from '@sveltejs/kit';
import { larderMatch } from '$core/recipe';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsNamed, shelfLarder } from '$lib/server/larder';
import { readNames } from '$lib/server/requests/kept';
import { starterFor } from '$lib/server/starter';

/**
 * The ingredients that some written names mean, with all that they are made of: `{ "names": [...] }`. For names that the larder does
 * not know, `starter` has what the starter list knows of them, to be put into the larder.
 */
export async function POST({ request }) {
  const body = await readBody(request, readNames);
  if (!body.ok) return body.response;
  const db = database();
  const shelf = shelfLarder(db);
  const matches = body.value.names.map((name) => ({ name, found: larderMatch(name, shelf) }));
  const unknown = matches.filter(({ found }) => found === null).map(({ name }) => name);
  return json({
    ingredients: ingredientsNamed(
      db,
      matches.flatMap(({ found }) => found?.name ?? []),
    ),
    starter: starterFor(unknown),
  });
}
