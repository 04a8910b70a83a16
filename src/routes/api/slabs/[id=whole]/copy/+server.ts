import { json } from '@sveltejs/kit';
import { parseSlab } from '$core/slab';
import { database } from '$lib/server/db';
import { bodyJson, refusal, refused } from '$lib/server/http';
import { addSlab, slabById } from '$lib/server/slabs';

/** Copies a saved slab under another name: `{ "name" }`. */
export async function POST({ params, request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const from = slabById(database(), Number(params.id));
  if (!from) return refusal('copied-slab-deleted');
  const copy = parseSlab({ ...from.slab, name: (Object(body.value) as { name?: unknown }).name });
  if (!copy.ok) return refused(copy.problems);
  return json({ id: addSlab(database(), copy.value, new Date().toISOString()) }, { status: 201 });
}
