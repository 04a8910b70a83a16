import { pageOf } from '$lib/forms/pages';
import { database } from '$lib/server/db';
import { PRICES_AT_ONCE, pricedPage } from '$lib/server/pricesOf';

/** Time after which the page shows what it has, ms. */
const PATIENCE_MS = 1000;

/** Loads a page of the price list. */
export async function load({ url }) {
  const { from } = pageOf(url, PRICES_AT_ONCE);
  return { ...(await pricedPage(database(), from, PATIENCE_MS)), from, most: PRICES_AT_ONCE };
}
