import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { problem, readBody } from '$lib/server/http';
import { saveIngredient } from '$lib/server/larder';
import { readIngredient } from '$lib/server/requests/kept';

/** Adds an ingredient to the larder. */
export async function POST({ request }) {
  const body = await readBody(request, readIngredient);
  if (!body.ok) return body.response;
  const done = saveIngredient(database(), body.value);
  if (!done.ok)
    return problem(
      'The larder already has an ingredient of this name. Edit that one, or choose a different name',
      '/name',
      409,
    );
  return json(done, { status: 201 });
}
