import { json } from '@sveltejs/kit';
import { changeAssortment, removeAssortment } from '$lib/server/assortments';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused } from '$lib/server/http';
import type { Changed } from '$lib/server/changed';
import { readRevision, revisionIn } from '$lib/server/requests/kept';
import { assortmentProblems, readAssortment } from '$lib/server/requests/orders';

function answer(done: Changed): Response {
  if (done === 'gone') return refusal('no-assortment');
  return done === 'changed' ? refusal('assortment-changed') : json(done);
}

/** Changes an assortment: `{ "revision", ... }`. 409 when someone else changed it since. */
export async function PUT({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const revision = readRevision((Object(body.value) as { revision?: unknown }).revision);
  if (!revision.ok) return refused(revision.problems);
  const read = readAssortment(body.value);
  if (!read.ok) return refused(read.problems);
  const problems = assortmentProblems(database(), read.value);
  if (problems.length > 0) return refused(problems);
  const { name, box, price, packG, parts } = read.value;
  return answer(changeAssortment(database(), Number(params.id), revision.value, { name, box, price, packG, parts }));
}

/** Deletes an assortment: `?revision=` as read. */
export function DELETE({ params, url }) {
  const revision = revisionIn(url);
  if (!revision.ok) return refused(revision.problems);
  return answer(removeAssortment(database(), Number(params.id), revision.value, new Date().toISOString()));
}
