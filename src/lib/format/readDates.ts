/** Parsing of dates and times as typed. */
import { casual, GB } from 'chrono-node/en';
import { addDays, format, isValid, parse } from 'date-fns';
import type { ShopDates } from './dates';

type Refused = { readonly ok: false; readonly message: string };
export type TimeRead = { readonly ok: true; readonly value: string } | Refused;
/** A day, and the time of day if one was given with it. */
export type DayRead = { readonly ok: true; readonly value: string; readonly time?: string } | Refused;

const ISO = 'yyyy-MM-dd';
const BY_NAME = ['d MMM yy', 'd MMM yyyy', 'd MMM', 'd MMMM yy', 'd MMMM yyyy', 'd MMMM'];
const BY_NAME_MONTH_FIRST = ['MMM d yy', 'MMM d yyyy', 'MMM d', 'MMMM d yy', 'MMMM d yyyy', 'MMMM d'];
const TIMES = ['H:mm', 'HHmm', 'H', 'h:mm a', 'h:mma', 'h a', 'ha'];
const NEAR: Readonly<Record<string, number>> = {
  yesterday: -1,
  today: 0,
  tomorrow: 1,
  'day after tomorrow': 2,
  'the day after tomorrow': 2,
};
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

const PAST = /\b(?:last|past|ago|yesterday)\b/i;
/** No day is longer, characters. */
const MAX_LENGTH = 60;
/** Words around a day that say nothing more. */
const FILLERS = /^(?:on|by|the|for|until)\s+/i;

/** Parses a day in words, 'next Tuesday' or 'tomorrow 4pm'; `null` unless all of the text is one day. */
function dayInWords(text: string, isDayFirst: boolean, now: Date): DayRead | null {
  const plain = text
    .trim()
    .replace(FILLERS, '')
    .replace(/(\d)\.(?=\d\d$)/, '$1:');
  if (plain.length > MAX_LENGTH) return null;
  const found = (isDayFirst ? GB : casual).parse(plain, now, { forwardDate: !PAST.test(plain) });
  const [only] = found;
  if (!only || found.length > 1 || only.end || only.text.length !== plain.length) return null;
  const { start } = only;
  const isDay = start.isCertain('day') || start.isCertain('weekday') || start.isCertain('month');
  if (!isDay || (start.isCertain('month') && !start.isCertain('day'))) return null;
  const day = start.date();
  return {
    ok: true,
    value: format(day, ISO),
    ...(start.isCertain('hour') ? { time: format(day, 'HH:mm') } : {}),
  };
}

/**
 * Parses a day: in figures in the order of the locale, with a month's name, or in words, 'Friday' or 'tomorrow 4pm'.
 *
 * @param now the moment from which 'today' and a day without its year are counted
 * @returns the day as '2026-05-31', or a sentence that says what to write
 * @example readDay('31/5/26', datesIn('en-GB', undefined)) // { ok: true, value: '2026-05-31' }
 */
export function readDay(text: string, dates: ShopDates, now: Date = new Date()): DayRead {
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
  const inWords = found ? null : dayInWords(text, order.indexOf('d') < order.indexOf('M'), now);
  if (inWords) return inWords;
  if (!found) return { ok: false, message: `Enter a date such as ${dates.day(format(now, ISO))}` };
  const day = found.pattern.includes('y') ? found.day : nearest(found.day, now);
  return { ok: true, value: format(day, ISO) };
}

/**
 * Parses a time of day: '14:30', '2.30 pm', '1430', '7'.
 *
 * @returns the time as '14:30', or a sentence that says what to write
 */
export function readTime(text: string, dates: ShopDates): TimeRead {
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
