import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { readBody } from '$lib/server/http';
import { readTin } from '$lib/server/requests/kept';
import { tagged } from '$lib/server/tagged';
import { addTin, allTins } from '$lib/server/tins';

/** Lists the tins of the rack. */
export const GET = ({ request }) => tagged(request, { tins: allTins(database()) });

/** Adds a tin to the rack. */
export async function POST({ request }) {
  const body = await readBody(request, readTin);
  return body.ok ? json({ id: addTin(database(), body.value) }, { status: 201 }) : body.response;
}
