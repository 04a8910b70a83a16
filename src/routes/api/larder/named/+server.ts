import { json } from '@sveltejs/kit';
import { larderMatch } from '../../../../core/recipe';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { ingredientsNamed, shelfLarder } from '$lib/server/larder';
import { readNames } from '$lib/server/requests/kept';

/** The ingredients that some written names mean, with all that they are made of: `{ "names": [...] }`. */
export async function POST({ request }) {
  const body = await readBody(request, readNames);
  if (!body.ok) return body.response;
  const db = database();
  const shelf = shelfLarder(db);
  const found = body.value.names.flatMap((name) => larderMatch(name, shelf)?.name ?? []);
  return json({ ingredients: ingredientsNamed(db, found) });
}
