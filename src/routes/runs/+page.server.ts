import { pageOf } from '$lib/forms/pages';
import { database } from '$lib/server/db';
import { runsInList } from '$lib/server/logbook';
import { wholeShop } from '$lib/server/shop';
import { isDay } from '$core/validation';
import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';

const MOST = 50;

/** Start and end of a day in the shop's time zone. */
function dayIn(day: string, zone: string): [from: string, to: string] {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const from = new TZDate(year, month - 1, date, zone);
  return [new Date(from.getTime()).toISOString(), new Date(addDays(from, 1).getTime()).toISOString()];
}

/** Loads a page of runs, the newest first, filtered by words in name, lot and notes, and by day. */
export function load({ url }) {
  const { sought, from } = pageOf(url, MOST);
  const db = database();
  const slab = Number(url.searchParams.get('slab') ?? 0);
  const asked = url.searchParams.get('day') ?? '';
  const day = isDay(asked) ? asked : '';
  const { zone } = wholeShop(db);
  const found = runsInList(
    db,
    { words: sought, ...(slab > 0 ? { slab } : {}), ...(day ? { between: dayIn(day, zone ?? 'UTC') } : {}) },
    from,
    MOST,
  );
  return { ...found, sought, day, from, most: MOST, all: runsInList(db, {}, 0, 0).count };
}
