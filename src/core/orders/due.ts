import { occurrencesOf } from './repeat';
import type { DueOrder, OccurrenceChange, StoredOrder } from './types';

/** Changes of single occurrences, by the moment that the rule gives them. */
export type OccurrenceChanges = ReadonlyMap<string, OccurrenceChange>;

/** Moments between which orders are due; a missing one is open. */
export interface DueRange {
  readonly from?: Date | undefined;
  readonly to?: Date | undefined;
}

/** How far standing orders are listed where the range has no end, days. */
const AHEAD_DAYS = 28;
const BACK_DAYS = 7;
const DAY_MS = 86_400_000;

/**
 * Returns an order at each of its due times in a range: once, or once for every occurrence of a standing order. An occurrence that was
 * changed has its own lines, due time and status; one that was moved counts where it was moved to.
 *
 * @param zone of the shop
 * @param now standing orders without a range are listed around it
 */
export function dueOrders(
  order: StoredOrder,
  changes: OccurrenceChanges,
  { from, to }: DueRange,
  zone: string,
  now: Date,
): DueOrder[] {
  const isIn = (due: string) =>
    (from === undefined || Date.parse(due) >= from.getTime()) && (to === undefined || Date.parse(due) < to.getTime());
  if (order.repeat === undefined) return isIn(order.due) ? [order] : [];
  const start = from ?? new Date(now.getTime() - BACK_DAYS * DAY_MS);
  const end = to ?? new Date(now.getTime() + AHEAD_DAYS * DAY_MS);
  const regular = occurrencesOf(order.repeat, order.due, zone, start, end);
  // Occurrences moved into the range from outside it.
  const moved = [...changes.keys()].filter((moment) => !regular.includes(moment));
  return [...regular, ...moved]
    .map((occurrence): DueOrder => {
      const change = changes.get(occurrence) ?? {};
      return { ...order, due: occurrence, ...change, occurrence };
    })
    .filter(({ due, occurrence }) => (regular.includes(occurrence!) && isIn(due)) || (from !== undefined && isIn(due)))
    .sort((a, b) => Date.parse(a.due) - Date.parse(b.due));
}
