import { TZDate } from '@date-fns/tz';
import { addDays, set } from 'date-fns';

/** Returns the time that a clock shows at a moment, such as 14:30, ms since 1970. */
export const clockTime = (atMs: number, zone?: string): string =>
  new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(atMs);

/**
 * Returns the next moment at which a clock shows a time: today, or tomorrow if it has passed.
 *
 * @param time such as 14:30
 * @param zone IANA time zone; the device's own if it is not given
 * @returns ms since 1970; `null` for text that is no time
 */
export function nextTime(time: string, nowMs: number, zone?: string): number | null {
  const found = /^([01]?\d|2[0-3]):([0-5]\d)$/.exec(time);
  if (!found) return null;
  const now = zone === undefined ? new Date(nowMs) : new TZDate(nowMs, zone);
  const today = set(now, { hours: Number(found[1]), minutes: Number(found[2]), seconds: 0, milliseconds: 0 });
  return (today.getTime() > nowMs ? today : addDays(today, 1)).getTime();
}
