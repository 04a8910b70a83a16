import { json } from '@sveltejs/kit';
import { assortmentLabel } from '$lib/server/assortmentLabel';
import { database } from '$lib/server/db';
import { refusal, refused } from '$lib/server/http';

/** Drafts the label of an assortment that is packed today. Local food law decides. */
export async function GET({ params }) {
  const done = await assortmentLabel(database(), Number(params.id), new Date().toISOString().slice(0, 10));
  if (!done) return refusal('no-assortment');
  if (!done.ok) return done.response;
  return done.value.ok ? json(done.value.value) : refused(done.value.problems);
}
