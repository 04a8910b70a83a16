import { TZDate } from '@date-fns/tz';
import { format } from 'date-fns';
import type { Hours } from '$core/shop';
import type { Blockable, Pace } from '$core/time';
import type { BlockedTime } from '$core/usecases';
import { storedText, storeText } from '$lib/devices/deviceStore';

/** Form of a schedule. */
export interface DayForm {
  way: 'deadline' | 'start';
  /** Values of the fields: "2026-12-04T12:00", in the shop's time zone. */
  deadline: string;
  start: string;
  hands: number;
  pace: Pace;
  within: 'shop' | 'edges' | 'always';
  /** Mornings and evenings as working hours. */
  morning: { from: string; to: string };
  evening: { from: string; to: string };
  /** Pinned steps with their moments, ms. */
  pinned: Record<string, number>;
  /** Times at which a resource is not there: "2026-12-04", "10:00" to "12:00" in the shop's time zone. */
  blocked: { what: Blockable; day: string; from: string; to: string }[];
}

const inDays = (days: number, hour: number, zone: string) => {
  const today = new TZDate(Date.now(), zone);
  const moment = new TZDate(today.getFullYear(), today.getMonth(), today.getDate() + days, hour, 0, zone);
  return format(moment, "yyyy-MM-dd'T'HH:mm");
};

/** Default form: done in three days at noon. */
function blankDay(zone: string, hands: number): DayForm {
  return {
    way: 'deadline',
    deadline: inDays(3, 12, zone),
    start: inDays(1, 8, zone),
    hands,
    pace: 'usual',
    within: 'shop',
    morning: { from: '06:00', to: '08:00' },
    evening: { from: '18:00', to: '22:00' },
    pinned: {},
    blocked: [],
  };
}

const keyOf = (slab: number) => `knife-tray day ${slab}`;

/** Returns the last form of this window, or the default. */
export function dayFormOf(slab: number, zone: string, hands: number): DayForm {
  const blank = blankDay(zone, hands);
  try {
    const kept: unknown = JSON.parse(storedText('window', keyOf(slab)) ?? 'null');
    return typeof kept === 'object' ? { ...blank, ...kept } : blank;
  } catch {
    return blank;
  }
}

export function keepDayForm(slab: number, form: DayForm): void {
  // If it cannot be stored, the next visit starts with the default.
  storeText('window', keyOf(slab), JSON.stringify(form));
}

/** Returns the working hours of the schedule. */
export function hoursOf({ within, morning, evening }: DayForm, shop: readonly Hours[]): readonly Hours[] {
  if (within === 'always') return [];
  if (within === 'shop') return shop;
  return [0, 1, 2, 3, 4, 5, 6].flatMap((day) => [morning, evening].map((span) => ({ day, ...span })));
}

/** Returns the moment of a field in the shop's time zone, or `null`. */
export function momentOf(text: string, zone: string): Date | null {
  const found = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/.exec(text);
  if (!found) return null;
  const [y, mo, d, h, mi] = found.slice(1).map(Number) as [number, number, number, number, number];
  return new Date(new TZDate(y, mo - 1, d, h, mi, zone).getTime());
}

/** Returns the blocked times of a form; those that end before they begin last into the next day. */
export function blockedOf({ blocked }: DayForm, zone: string): BlockedTime[] {
  return blocked.flatMap(({ what, day, from, to }) => {
    const [start, end] = [momentOf(`${day}T${from}`, zone), momentOf(`${day}T${to}`, zone)];
    if (!start || !end) return [];
    return [{ what, from: start, to: end > start ? end : new Date(end.getTime() + 86_400_000) }];
  });
}
