/** Parsing of dates and times as typed. */
import { addDays, format, isValid, parse } from 'date-fns';
import type { ShopDates } from './dates';

export type DateRead = { readonly ok: true; readonly value: string } | { readonly ok: false; readonly message: string };

const ISO = 'yyyy-MM-dd';
const BY_NAME = ['d MMM yy', 'd MMM yyyy', 'd MMM', 'd MMMM yy', 'd MMMM yyyy', 'd MMMM'];
const BY_NAME_MONTH_FIRST = ['MMM d yy', 'MMM d yyyy', 'MMM d', 'MMMM d yy', 'MMMM d yyyy', 'MMMM d'];
const TIMES = ['H:mm', 'HHmm', 'H', 'h:mm a', 'h:mma', 'h a', 'ha'];
const NEAR: Readonly<Record<string, number>> = { yesterday: -1, today: 0, tomorrow: 1 };
const [FIRST_YEAR, LAST_YEAR] = [1900, 2200];

/** 'd M yy' for a locale that writes 31/05/26. */
function orderOf(locale: Intl.Locale): string {
  const letters: Partial<Record<string, string>> = { day: 'd', month: 'M', year: 'yy' };
  return new Intl.DateTimeFormat(locale, { day: '2-digit', month: '2-digit', year: 'numeric' })
    .formatToParts(new Date(2026, 4, 31))
    .flatMap(({ type }) => letters[type] ?? [])
    .join(' ');
}

/** A day without a year is the one closest to now. */
function nearest(day: Date, now: Date): Date {
  const years = [-1, 0, 1].map((by) => new Date(day.getFullYear() + by, day.getMonth(), day.getDate()));
  return years.reduce((best, other) => (Math.abs(+other - +now) < Math.abs(+best - +now) ? other : best));
}

/**
 * Parses a day: in figures in the order of the locale, with a month's name, or 'today' and 'tomorrow'.
 *
 * @param now the moment from which 'today' and a day without its year are counted
 * @returns the day as '2026-05-31', or a sentence that says what to write
 * @example readDay('31/5/26', datesIn('en-GB', undefined)) // { ok: true, value: '2026-05-31' }
 */
export function readDay(text: string, dates: ShopDates, now: Date = new Date()): DateRead {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[.,/\-\s]+/g, ' ')
    .trim();
  const near = NEAR[plain];
  if (near !== undefined) return { ok: true, value: format(addDays(now, near), ISO) };
  const order = orderOf(dates.locale);
  const patterns = [order, order.replace('yy', 'yyyy'), order.replace(/ ?yy ?/, ''), 'yyyy M d'];
  const found = [...patterns, ...BY_NAME, ...BY_NAME_MONTH_FIRST]
    .map((pattern) => ({ pattern, day: parse(plain, pattern, now) }))
    .find(({ day }) => isValid(day) && day.getFullYear() > FIRST_YEAR && day.getFullYear() < LAST_YEAR);
  if (!found) return { ok: false, message: `Enter a date such as ${dates.day(format(now, ISO))}` };
  const day = found.pattern.includes('y') ? found.day : nearest(found.day, now);
  return { ok: true, value: format(day, ISO) };
}

/**
 * Parses a time of day: '14:30', '2.30 pm', '1430', '7'.
 *
 * @returns the time as '14:30', or a sentence that says what to write
 */
export function readTime(text: string, dates: ShopDates): DateRead {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/\s*([ap])\.? ?m\.?$/, ' $1m')
    .replace(/(\d)[.h](?=\d)/, '$1:')
    .replace(/\s+/g, ' ');
  const at = TIMES.map((pattern) => parse(plain, pattern, new Date())).find((moment) => isValid(moment));
  return at
    ? { ok: true, value: format(at, 'HH:mm') }
    : { ok: false, message: `Enter a time such as ${dates.time('14:30')}` };
}
