import { TZDate } from '@date-fns/tz';
import type { StockEntry } from '$core/stock';
import { uuid } from '$lib/devices/uuid';

/** Returns an entry of now, made on this device. */
export const newEntry = (part: Omit<StockEntry, 'id' | 'at'>): StockEntry => ({
  id: uuid(),
  at: new Date().toISOString(),
  ...part,
});

/**
 * Returns the last moment of a day: a best-before date holds until then.
 *
 * @param zone the shop's time zone; the device's where it has none
 */
export function endOfDay(day: string, zone: string | undefined): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return new Date(new TZDate(year, month - 1, date, 23, 59, 59, zone).getTime()).toISOString();
}
