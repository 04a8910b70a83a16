import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { bodyJson, refused } from '$lib/server/http';
import { readTin } from '$lib/server/requests/kept';
import { addTin } from '$lib/server/tins';

/** Puts a tin on the rack. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readTin(body.value);
  if (!read.ok) return refused(read.problems);
  return json({ id: addTin(database(), read.value) }, { status: 201 });
}
