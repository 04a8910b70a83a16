import { fromThousandths } from '$core/stock';
import { database } from '$lib/server/db';
import { entriesPage } from '$lib/server/stock/ledger';

const MOST = 100;

/** Loads a page of the ledger, the newest entries first. */
export function load({ url }) {
  const given = Number(url.searchParams.get('from') ?? 0);
  const from = Number.isSafeInteger(given) && given > 0 ? given : 0;
  const found = entriesPage(database(), {}, from, MOST + 1);
  const entries = found
    .slice(0, MOST)
    .map(({ thousandths, ...entry }) => ({ ...entry, change: fromThousandths(thousandths) }));
  return { entries, from, most: MOST, hasMore: found.length > MOST };
}
