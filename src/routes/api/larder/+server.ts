import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, problem, refused } from '$lib/server/http';
import { shelve } from '$lib/server/larder';
import { readIngredient } from '$lib/server/requests/kept';

/** Puts an ingredient in the larder. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readIngredient(body.value);
  if (!read.ok) return refused(read.problems);
  const done = shelve(database(), read.value);
  if (!done.ok)
    return problem('The larder has one of this name: change that one, or name this one otherwise', '/name', 409);
  return json(done, { status: 201 });
}
