import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { pageOf } from '$lib/forms/pages';
import { foundIngredients, saveIngredient } from '$lib/server/larder';
import { PAGE_SIZE, tagged } from '$lib/server/tagged';
import { readIngredient } from '$lib/server/requests/kept';

/** Lists ingredients with what is held of them, by name: `?find=` and `?page=`. */
export function GET({ request, url }) {
  const { sought, from } = pageOf(url, PAGE_SIZE);
  return tagged(request, foundIngredients(database(), sought, from, PAGE_SIZE));
}

/** Adds an ingredient to the larder. */
export async function POST({ request }) {
  const body = await readBody(request, readIngredient);
  if (!body.ok) return body.response;
  const done = saveIngredient(database(), body.value);
  if (!done.ok) return refusal('name-in-larder');
  return json(done, { status: 201 });
}
