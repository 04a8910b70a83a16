import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { profitReport } from '$lib/server/profit/report';
import { readDayRange } from '$lib/server/requests/dayRange';
import { wholeShop } from '$lib/server/shop';
import { tagged } from '$lib/server/tagged';

/** How long the cost of runs is waited for, ms. */
const PATIENCE_MS = 20_000;

/** Returns what pays from one day to another, `?from&to`, both included: by slab, piece type, sales channel and week. */
export async function GET({ request, url }) {
  const db = database();
  const range = readDayRange(url, wholeShop(db).zone ?? 'UTC', new Date());
  if (!range) return refusal('not-days');
  const done = await profitReport(db, range.from, range.to, PATIENCE_MS);
  if (done.is === 'too-much') return refusal('too-many-sales');
  return done.is === 'calculating' ? refusal('busy') : tagged(request, done.report);
}
