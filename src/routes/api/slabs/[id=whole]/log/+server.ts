import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { slabLogOf } from '$lib/server/runLog';

/** Returns the history of a slab from its last hundred runs: figures, trends, and suggested changes. */
export async function GET({ params }) {
  const done = await slabLogOf(database(), Number(params.id));
  if (!done) return problem('This slab does not exist', '', 404);
  return done.ok ? json(done.value) : done.response;
}
