import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import demo from '../../../demo/orders.json';
import { addAssortment } from './assortments';
import type { Db } from './db/open';
import { addOrder } from './orders';
import { wholeShop } from './shop';
import type { KeptSlab } from './slabs';

/** A line of the demo file, with names in place of numbers. */
interface NamedLine {
  readonly slab?: string;
  readonly assortment?: string;
  readonly count: number;
  readonly unit?: string;
  readonly pieces?: number;
}

/** Returns the next moment of a weekday at a time of day, some weeks ahead, in the zone of the shop. */
function nextMoment(now: string, zone: string, weekday: number, weeks: number, time: string): string {
  const here = new TZDate(now, zone);
  const day = addDays(here, ((weekday - here.getDay() + 7) % 7 || 7) + 7 * weeks);
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  day.setHours(hours, minutes, 0, 0);
  return new Date(day.getTime()).toISOString();
}

/** Imports the orders of the demo shop for the next two weeks, and its assortments. */
export function bringInOrders(db: Db, slabs: readonly KeptSlab[], now: string): void {
  const zone = wholeShop(db).zone ?? 'UTC';
  const idOf = (name: string) => slabs.find(({ slab }) => slab.name === name)?.id;
  const packs = new Map<string, number>();
  for (const { parts, ...assortment } of demo.assortments) {
    const known = parts.flatMap(({ slab, count }) => {
      const id = idOf(slab);
      return id === undefined ? [] : [{ slab: id, count }];
    });
    if (known.length === parts.length)
      packs.set(assortment.name, addAssortment(db, { ...assortment, parts: known }).id);
  }
  for (const { weekday, weeks, time, lines, ...order } of demo.orders) {
    const known = (lines as readonly NamedLine[]).flatMap(({ slab, assortment, ...line }) => {
      const id = slab === undefined ? packs.get(assortment!) : idOf(slab);
      if (id === undefined) return [];
      return [{ ...(slab === undefined ? { assortment: id } : { slab: id }), ...line } as const];
    });
    if (known.length === lines.length)
      addOrder(db, {
        ...order,
        due: nextMoment(now, zone, weekday, weeks, time),
        status: 'open',
        lines: known as Parameters<typeof addOrder>[1]['lines'],
      });
  }
}
