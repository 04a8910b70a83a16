import { json } from '@sveltejs/kit';
import { problem } from '$core/validation';
import { database } from '$lib/server/db';
import { readBody, refused } from '$lib/server/http';
import { addMarketDay, marketDays } from '$lib/server/marketDays';
import { readMarketDay } from '$lib/server/requests/market';
import { slabById } from '$lib/server/slabs';

/** Lists the markets that were held, the newest first: `?slab=`. */
export function GET({ url }) {
  const slab = url.searchParams.get('slab');
  return json({ days: marketDays(database(), slab === null ? undefined : Number(slab)) });
}

/** Adds a market that was held. */
export async function POST({ request }) {
  const body = await readBody(request, readMarketDay);
  if (!body.ok) return body.response;
  const db = database();
  if (!slabById(db, body.value.slab)) return refused([problem('/slab', 'no-such-slab')]);
  return json({ id: addMarketDay(db, body.value) }, { status: 201 });
}
