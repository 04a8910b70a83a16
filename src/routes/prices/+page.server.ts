import { error } from '@sveltejs/kit';
import { pageOf } from '$lib/pages';
import { database } from '$lib/server/db';
import { PRICES_AT_ONCE, pricedPage } from '$lib/server/pricesOf';

/** A page of the shop's price list. */
export async function load({ url }) {
  const { from } = pageOf(url, PRICES_AT_ONCE);
  const { done, count } = await pricedPage(database(), from);
  if (!done.ok) error(503, 'The price list takes too long just now: try again in some seconds');
  return { list: done.value, from, count, most: PRICES_AT_ONCE };
}
