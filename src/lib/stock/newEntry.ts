import type { StockEntry } from '$core/stock';
import { uuid } from '$lib/devices/uuid';

/** Returns an entry of now, made on this device. */
export const newEntry = (part: Omit<StockEntry, 'id' | 'at'>): StockEntry => ({
  id: uuid(),
  at: new Date().toISOString(),
  ...part,
});

/** Returns the end of a day as a moment; a best-before date holds until then. */
export const endOfDay = (day: string): string => `${day}T23:59:59Z`;
