import { TZDate } from '@date-fns/tz';
import { addDays, format, subDays } from 'date-fns';
import { isDay } from '$core/validation';

/** A range of days in the shop's zone, both included, and the moments it begins and ends. */
export interface DayRange {
  readonly firstDay: string;
  readonly lastDay: string;
  /** ISO 8601 in UTC. */
  readonly from: string;
  readonly to: string;
}

/** Days that are shown where none are asked for, counted from today. */
export interface UsualDays {
  readonly first: number;
  readonly last: number;
}
const TWELVE_WEEKS: UsualDays = { first: -83, last: 0 };
const MAX_DAYS = 5 * 366;

const startOf = (day: string, zone: string): TZDate => {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return new TZDate(year, month - 1, date, zone);
};
const asDay = (at: TZDate) => format(at, 'yyyy-MM-dd');

/**
 * Returns the days of `?from&to`; `null` if they are no range of at most five years.
 *
 * @param usual what counts where they are missing; without `from`, the first day lies as far before the last one
 */
export function readDayRange(url: URL, zone: string, now: Date, usual = TWELVE_WEEKS): DayRange | null {
  const today = new TZDate(now.getTime(), zone);
  const given = (name: string) => url.searchParams.get(name) || null;
  const lastDay = given('to') ?? asDay(addDays(today, usual.last));
  if (!isDay(lastDay)) return null;
  const firstDay = given('from') ?? asDay(subDays(startOf(lastDay, zone), usual.last - usual.first));
  if (!isDay(firstDay) || firstDay > lastDay) return null;
  const [from, to] = [startOf(firstDay, zone), addDays(startOf(lastDay, zone), 1)];
  if (to.getTime() - from.getTime() > MAX_DAYS * 86_400_000) return null;
  const inUtc = (at: TZDate) => new Date(at.getTime()).toISOString();
  return { firstDay, lastDay, from: inUtc(from), to: inUtc(to) };
}
