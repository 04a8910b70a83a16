import { TZDate } from '@date-fns/tz';
import { format, subDays } from 'date-fns';
import { database } from '$lib/server/db';
import { profitReport } from '$lib/server/profit/report';
import { spareTimeBatches } from '$lib/server/profit/spareTime';
import { readDayRange } from '$lib/server/requests/dayRange';
import { wholeShop } from '$lib/server/shop';

/** Time after which the page comes without a report that is still being calculated, ms. */
const PATIENCE_MS = 1500;
const USUAL_HOURS = 3;
const MAX_HOURS = 24;

/** Loads what pays in a range of days, and what to make with some spare hours. */
export async function load({ url }) {
  const db = database();
  const now = new Date();
  const zone = wholeShop(db).zone ?? 'UTC';
  const today = new TZDate(now.getTime(), zone);
  const day = (ago: number) => format(subDays(today, ago), 'yyyy-MM-dd');
  const given = readDayRange(url, zone, now);
  const range = given ?? readDayRange(new URL(url.pathname, url), zone, now)!;
  const asked = Number(url.searchParams.get('hours') ?? USUAL_HOURS);
  const hours = asked > 0 && asked <= MAX_HOURS ? asked : USUAL_HOURS;
  const done = await profitReport(db, range.from, range.to, PATIENCE_MS);
  return {
    ...{ firstDay: range.firstDay, lastDay: range.lastDay, isRange: given !== null, hours },
    lasts: [27, 83, 364].map((ago) => ({ from: day(ago), to: day(0) })),
    toCome: done.is === 'calculating' ? done.toCome : 0,
    isTooMuch: done.is === 'too-much',
    report: done.is === 'there' ? done.report : null,
    spare: done.is === 'there' ? await spareTimeBatches(db, done.sales, range, now, hours) : null,
  };
}
