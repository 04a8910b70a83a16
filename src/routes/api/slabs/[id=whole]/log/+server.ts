import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { slabLogOf } from '$lib/server/runLog';

/** Returns the history of a slab from its last hundred runs: figures, trends, and suggested changes. */
export async function GET({ params }) {
  const done = await slabLogOf(database(), Number(params.id));
  if (!done) return refusal('no-slab');
  return done.ok ? json(done.value) : done.response;
}
