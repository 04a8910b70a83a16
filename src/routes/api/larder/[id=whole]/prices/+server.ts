import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { priceHistory } from '$lib/server/packs';

/** Returns the price history of an ingredient's packs, the oldest first. */
export function GET({ params }) {
  return json({ prices: priceHistory(database(), Number(params.id)) });
}
