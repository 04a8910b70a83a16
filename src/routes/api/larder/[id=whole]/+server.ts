import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused } from '$lib/server/http';
import { ingredientById, removeIngredient, saveIngredient } from '$lib/server/larder';
import { tagged } from '$lib/server/tagged';
import { readIngredient, readRevision, revisionIn } from '$lib/server/requests/kept';

/** Returns an ingredient with its revision and what is held of it. */
export function GET({ params, request }) {
  const ingredient = ingredientById(database(), Number(params.id));
  return ingredient ? tagged(request, ingredient) : refusal('no-ingredient');
}

/** Changes an ingredient: `{ "revision": as read, "ingredient": {...} }`. 409 when someone else changed it since. */
export async function PUT({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const sent = Object(body.value) as { revision?: unknown; ingredient?: unknown };
  const revision = readRevision(sent.revision);
  if (!revision.ok) return refused(revision.problems);
  const read = readIngredient(sent.ingredient);
  if (!read.ok) return refused(read.problems);
  const done = saveIngredient(database(), read.value, { id: Number(params.id), revision: revision.value });
  if (done.ok) return json(done);
  return done.reason === 'name-taken' ? refusal('name-taken') : refusal('ingredient-changed');
}

/** Deletes an ingredient: `?revision=` as read. 409 when someone else changed it since. */
export function DELETE({ params, url }) {
  const revision = revisionIn(url);
  if (!revision.ok) return refused(revision.problems);
  const done = removeIngredient(database(), Number(params.id), revision.value);
  if (done.ok) return json({ ok: true });
  return done.reason === 'gone' ? refusal('no-ingredient') : refusal('ingredient-to-delete-changed');
}
