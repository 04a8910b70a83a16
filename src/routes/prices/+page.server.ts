import { pageOf } from '$lib/forms/pages';
import { database } from '$lib/server/db';
import { PRICES_AT_ONCE, pricedPage } from '$lib/server/pricesOf';

/** A page shows what it has after this, and asks for the rest, ms. */
const PATIENCE_MS = 1000;

/** A page of the shop's price list. */
export async function load({ url }) {
  const { from } = pageOf(url, PRICES_AT_ONCE);
  return { ...(await pricedPage(database(), from, PATIENCE_MS)), from, most: PRICES_AT_ONCE };
}
