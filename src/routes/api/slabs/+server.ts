import { json } from '@sveltejs/kit';
import { readSlab } from '../../../core/slab';
import { database } from '$lib/server/db';
import { bodyText, refused } from '$lib/server/http';
import { addSlab, slabNames } from '$lib/server/slabs';

/** The names of the shop's slabs, the last kept first. */
export function GET() {
  return json({ slabs: slabNames(database()) });
}

/** Takes in a slab file. */
export async function POST({ request }) {
  const body = await bodyText(request);
  if (!body.ok) return body.response;
  const read = readSlab(body.value);
  if (!read.ok) return refused(read.problems);
  return json({ id: addSlab(database(), read.value, new Date().toISOString()) }, { status: 201 });
}
