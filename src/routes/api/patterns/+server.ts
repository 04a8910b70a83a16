import { json } from '@sveltejs/kit';
import { database } from '$lib/server/db';
import { wholeShop } from '$lib/server/shop';
import { patternCards } from '$lib/server/starter';

/** Returns the slab templates. */
export function GET() {
  return json({ patterns: patternCards(wholeShop(database())) });
}
