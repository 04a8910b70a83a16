import { database } from '$lib/server/db';
import { refusal } from '$lib/server/http';
import { PROFIT_ROWS, profitCsv, type ProfitRows } from '$lib/server/profit/csv';
import { profitReport } from '$lib/server/profit/report';
import { readDayRange } from '$lib/server/requests/dayRange';
import { wholeShop } from '$lib/server/shop';

/** How long the cost of runs is waited for, ms. */
const PATIENCE_MS = 20_000;

/** Returns what pays as CSV, `?from&to&by`: one row for each slab, piece type (`kind`), sales channel, or week (`period`). */
export async function GET({ url }) {
  const db = database();
  const range = readDayRange(url, wholeShop(db).zone ?? 'UTC', new Date());
  if (!range) return refusal('not-days');
  const by = url.searchParams.get('by') ?? 'slab';
  if (!PROFIT_ROWS.includes(by as ProfitRows)) return refusal('no-such-rows', PROFIT_ROWS.join(', '));
  const done = await profitReport(db, range.from, range.to, PATIENCE_MS);
  if (done.is === 'too-much') return refusal('too-many-sales');
  if (done.is === 'calculating') return refusal('busy');
  const name = `profit-by-${by}-${range.firstDay}-${range.lastDay}.csv`;
  return new Response(profitCsv(done.report, by as ProfitRows), {
    headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
