import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import type { Hours } from '../shop';
import type { Windows } from './activity';

const hoursAndMinutes = (text: string): readonly [number, number] => {
  const [hours = '0', minutes = '0'] = text.split(':');
  return [Number(hours), Number(minutes)];
};

/**
 * Returns working hours as minutes from a moment, over some days before and after it. Days with a clock change have their real
 * length.
 *
 * @param hours none means round the clock
 * @param zone IANA name, such as Europe/Dublin
 * @param origin the moment that minutes count from
 */
export function workingWindows(
  hours: readonly Hours[],
  zone: string,
  origin: Date,
  daysBefore: number,
  daysAfter: number,
): Windows {
  if (hours.length === 0) return [[-daysBefore * 1440, daysAfter * 1440]];
  const first = new TZDate(origin.getTime(), zone);
  const windows: [number, number][] = [];
  for (let i = -daysBefore; i <= daysAfter; i++) {
    const day = addDays(new TZDate(first.getFullYear(), first.getMonth(), first.getDate(), 12, 0, zone), i);
    for (const { day: weekday, from, to } of hours) {
      if (weekday !== day.getDay()) continue;
      const at = (clock: string, daysOn: number) => {
        const [h, m] = hoursAndMinutes(clock);
        const moment = new TZDate(day.getFullYear(), day.getMonth(), day.getDate() + daysOn, h, m, zone);
        return (moment.getTime() - origin.getTime()) / 60_000;
      };
      windows.push([at(from, 0), at(to, to <= from ? 1 : 0)]);
    }
  }
  return joined(windows.sort((a, b) => a[0] - b[0]));
}

/** Merges windows that touch or overlap. */
function joined(sorted: Windows): Windows {
  const all: [number, number][] = [];
  for (const [from, to] of sorted) {
    const last = all.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else all.push([from, to]);
  }
  return all;
}
