import { json } from '@sveltejs/kit';
import { readForecastRequest } from '../../../lib/server/requests/services';
import { USUAL_SHOP } from '../../../core/shop';
import { forecastBoil, forecastCool } from '../../../core/sugar';
import { bodyJson, refused } from '$lib/server/http';

/** When a boil or a cooling gets where it is wanted, from the readings so far. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readForecastRequest(body.value);
  if (!read.ok) return refused(read.problems);
  const { kind, roomC = USUAL_SHOP.roomC, ...asked } = read.value;
  return json(kind === 'boil' ? forecastBoil(asked) : forecastCool({ ...asked, roomC }));
}
