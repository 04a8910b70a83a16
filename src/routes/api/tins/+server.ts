import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readTin } from '$lib/server/requests/kept';
import { addTin } from '$lib/server/tins';

/** Adds a tin to the rack. */
export async function POST({ request }) {
  const body = await readBody(request, readTin);
  return body.ok ? json({ id: addTin(database(), body.value) }, { status: 201 }) : body.response;
}
