import { json } from '@sveltejs/kit';
import { readBody } from '$lib/server/http';
import { readForecastRequest } from '$lib/server/requests/services';
import { runTask } from '$lib/server/tasks/pool';

/** When a boil or a cooling gets where it is wanted, from the readings so far. */
export async function POST({ request }) {
  const body = await readBody(request, readForecastRequest);
  if (!body.ok) return body.response;
  const done = await runTask('forecast', body.value);
  return done.ok ? json(done.value) : done.response;
}
