import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { saveIngredient } from '$lib/server/larder';
import { readIngredient } from '$lib/server/requests/kept';

/** Adds an ingredient to the larder. */
export async function POST({ request }) {
  const body = await readBody(request, readIngredient);
  if (!body.ok) return body.response;
  const done = saveIngredient(database(), body.value);
  if (!done.ok) return refusal('name-in-larder');
  return json(done, { status: 201 });
}
