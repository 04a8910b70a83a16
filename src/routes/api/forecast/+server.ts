import { json } from '@sveltejs/kit';
import { USUAL_SHOP } from '../../../core/shop';
import { forecastBoil, forecastCool } from '../../../core/sugar';
import { readBody } from '$lib/server/http';
import { readForecastRequest } from '$lib/server/requests/services';

/** When a boil or a cooling gets where it is wanted, from the readings so far. */
export async function POST({ request }) {
  const body = await readBody(request, readForecastRequest);
  if (!body.ok) return body.response;
  const { kind, roomC = USUAL_SHOP.roomC, ...asked } = body.value;
  return json(kind === 'boil' ? forecastBoil(asked) : forecastCool({ ...asked, roomC }));
}
