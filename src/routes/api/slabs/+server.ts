import { json } from '@sveltejs/kit';
import { readSlab } from '$core/slab';
import { database } from '$lib/server/db';
import { bodyText, refused } from '$lib/server/http';
import { tagged } from '$lib/server/tagged';
import { warm } from '$lib/server/warm';
import { addSlab, slabNames } from '$lib/server/slabs';

/** Returns the names of the shop's slabs, the last saved first. */
export const GET = ({ request }) => tagged(request, { slabs: slabNames(database()) });

/** Imports a slab file. */
export async function POST({ request }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  const read = readSlab(body.value);
  if (!read.ok) return refused(read.problems);
  const id = addSlab(database(), read.value, new Date().toISOString());
  warm(database(), id);
  return json({ id }, { status: 201 });
}
