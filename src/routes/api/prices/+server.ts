import { coinDigits } from '../../../core/cost';
import { database } from '$lib/server/db';
import { priceListCsv } from '$lib/server/priceList';
import { pricedPage, PRICES_AT_ONCE } from '$lib/server/pricesOf';
import { wholeShop } from '$lib/server/shop';
import { pageOf } from '$lib/pages';

/** The shop's price list as CSV, twenty slabs from `?page=` on. */
export async function GET({ url }) {
  const db = database();
  const { done } = await pricedPage(db, pageOf(url, PRICES_AT_ONCE).from);
  if (!done.ok) return done.response;
  const shop = wholeShop(db);
  return new Response(priceListCsv(done.value, shop, coinDigits(shop.currency)), {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="prices.csv"' },
  });
}
