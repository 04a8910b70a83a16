import { json } from '@sveltejs/kit';
import { marketAdvice } from '$core/market';
import { readBody } from '$lib/server/http';
import { readMarketAsk } from '$lib/server/requests/market';

/** Answers how many pieces to take to the next market, with the expected profit of other quantities. */
export async function POST({ request }) {
  const body = await readBody(request, readMarketAsk);
  if (!body.ok) return body.response;
  const { history, price, cost, leftoverWorth = 0 } = body.value;
  const days = history.map(({ taken, sold, soldOutAt }) => ({ taken, sold, isSoldOut: soldOutAt !== undefined }));
  return json(marketAdvice(days, { price, cost, leftoverWorth }));
}
