import { json } from '@sveltejs/kit';
import { readBody } from '$lib/server/http';
import { readBagsRequest } from '$lib/server/requests/cutting';
import { runTask } from '$lib/server/tasks/pool';

/** Fills bags with weighed shards to a declared weight. */
export async function POST({ request }) {
  const body = await readBody(request, readBagsRequest);
  if (!body.ok) return body.response;
  const done = await runTask('bags', body.value);
  return done.ok ? json(done.value) : done.response;
}
