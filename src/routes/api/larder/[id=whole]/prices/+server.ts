import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { priceHistory } from '$lib/server/larder';

/** What an ingredient's packs have cost, the oldest price first. */
export function GET({ params }) {
  return json({ prices: priceHistory(database(), Number(params.id)) });
}
