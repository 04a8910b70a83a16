import { database } from '$lib/server/db';
import { shopSettings } from '$lib/server/shop';

export function load({ cookies }) {
  return { shop: shopSettings(database()), theme: cookies.get('theme') === 'night' ? 'night' : 'day' };
}
