/** Dates and times in a locale. They are stored as "2026-05-31" and "14:30". */

export interface ShopDates {
  readonly locale: Intl.Locale;
  /** Formats a day in figures, '31/05/2026'. */
  day(day: string): string;
  /** Formats the day of a moment in the shop's time zone, in figures. */
  dayOf(at: Date | number): string;
  /** Formats a day in words, 'Sunday, 31 May 2026'. */
  longDay(day: string): string;
  /** Formats a time of day, '14:30'. */
  time(time: string): string;
  /** Formats a moment in the shop's time zone: '14:30'. */
  clock(at: Date | number): string;
  /** The same with its weekday: 'Sun 14:30'. */
  weekTime(at: Date | number): string;
  /** Formats the day of a moment in the shop's time zone: 'Sun 31 May'. */
  shortDay(at: Date | number): string;
  /** Formats a moment with its day: 'Sun 31 May, 14:30'. */
  moment(at: Date | number): string;
}

/** Splits 2026-05-31 or 14:30 into numbers, or returns `null`. */
const numbersIn = (text: string, form: RegExp) => form.exec(text)?.slice(1).map(Number) ?? null;

/** Formats by locale and time zone. Creating them is slow, so the last ones are kept. */
const known = new Map<string, ShopDates>();
const MAX_KNOWN = 50;

/**
 * Returns the date and time formats of a shop.
 *
 * @param tag a locale by its BCP 47 tag; days are those of the calendar that all know, digits those that are typed
 * @param zone the shop's time zone, by its IANA name; without one, that of the device
 * @example datesIn('en-GB', 'Europe/Dublin').day('2026-05-31') // '31/05/2026'
 */
export function datesIn(tag: string, zone: string | undefined): ShopDates {
  const key = `${tag} ${zone ?? ''}`;
  const existing = known.get(key);
  if (existing) return existing;
  if (known.size >= MAX_KNOWN) known.clear();
  const dates = newDates(tag, zone);
  known.set(key, dates);
  return dates;
}

function newDates(tag: string, zone: string | undefined): ShopDates {
  const locale = new Intl.Locale(tag, { calendar: 'gregory', numberingSystem: 'latn' });
  const formatOf = (how: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, how);
  const clock = { hour: '2-digit', minute: '2-digit' } as const;
  const inFigures = formatOf({ day: '2-digit', month: '2-digit', year: 'numeric' });
  const inWords = formatOf({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
  const dayHere = formatOf({ day: '2-digit', month: '2-digit', year: 'numeric', timeZone: zone });
  const time = formatOf(clock);
  const here = formatOf({ ...clock, timeZone: zone });
  const week = formatOf({ weekday: 'short', ...clock, timeZone: zone });
  const shortDay = formatOf({ weekday: 'short', day: 'numeric', month: 'short', timeZone: zone });
  const full = formatOf({ weekday: 'short', day: 'numeric', month: 'short', ...clock, timeZone: zone });
  const format = (day: string, how: Intl.DateTimeFormat) => {
    const [year, month, date] = numbersIn(day, /^(\d{4})-(\d{2})-(\d{2})$/) ?? [];
    return date === undefined ? day : how.format(new Date(year!, month! - 1, date));
  };
  return {
    locale,
    day: (day) => format(day, inFigures),
    dayOf: (at) => dayHere.format(at),
    longDay: (day) => format(day, inWords),
    time: (text) => {
      const [hours, minutes] = numbersIn(text, /^(\d{2}):(\d{2})$/) ?? [];
      return minutes === undefined ? text : time.format(new Date(2026, 0, 1, hours, minutes));
    },
    clock: (at) => here.format(at),
    weekTime: (at) => week.format(at),
    shortDay: (at) => shortDay.format(at),
    moment: (at) => full.format(at),
  };
}
