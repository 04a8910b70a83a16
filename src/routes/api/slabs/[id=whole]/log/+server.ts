import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { problem } from '$lib/server/http';
import { slabLogOf } from '$lib/server/runLog';

/** What the last hundred runs of a slab say: their figures, how these go from run to run, and what to change by them. */
export async function GET({ params }) {
  const done = await slabLogOf(database(), Number(params.id));
  if (!done) return problem('This slab does not exist', '', 404);
  return done.ok ? json(done.value) : done.response;
}
