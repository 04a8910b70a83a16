import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody, refusal } from '$lib/server/http';
import { readFromPattern } from '$lib/server/requests/kept';
import { beginFrom, patterns } from '$lib/server/starter';

/** Creates a slab from a template: `{ "name" }`. Its ingredients come from the starter list, without prices. */
export async function POST({ params, request }) {
  const body = await readBody(request, readFromPattern);
  if (!body.ok) return body.response;
  const pattern = patterns().find(({ id }) => id === params.id);
  if (!pattern) return refusal('no-template');
  return json({ id: beginFrom(pattern, body.value.name ?? '', database(), new Date().toISOString()) }, { status: 201 });
}
