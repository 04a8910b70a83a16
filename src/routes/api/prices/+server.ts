import { coinDigits } from '$core/cost';
import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { priceListCsv } from '$lib/server/priceList';
import { pricedPage, PRICES_AT_ONCE } from '$lib/server/pricesOf';
import { wholeShop } from '$lib/server/shop';
import { pageOf } from '$lib/forms/pages';

/** Maximum time to answer with a table, ms. */
const PATIENCE_MS = 10_000;

/** Returns the price list as CSV, twenty slabs from `?page=` on. */
export async function GET({ url }) {
  const db = database();
  const { list, toCome } = await pricedPage(db, pageOf(url, PRICES_AT_ONCE).from, PATIENCE_MS);
  if (toCome > 0) return refusal('prices-to-come');
  const shop = wholeShop(db);
  return new Response(priceListCsv(list, shop, coinDigits(shop.currency)), {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="prices.csv"' },
  });
}
