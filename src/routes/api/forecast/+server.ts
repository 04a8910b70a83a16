import { forecastText } from '$wording/sugar';
import { json } from '@sveltejs/kit';
import { readBody } from '$lib/server/http';
import { readForecastRequest } from '$lib/server/requests/services';
import { runTask } from '$lib/server/tasks/pool';

/** Forecasts when a boil or a cooling reaches its target, from the readings so far. */
export async function POST({ request }) {
  const body = await readBody(request, readForecastRequest);
  if (!body.ok) return body.response;
  const done = await runTask('forecast', body.value);
  if (!done.ok) return done.response;
  const { note, ...forecast } = done.value;
  return json({ ...forecast, code: note, why: forecastText(note) });
}
