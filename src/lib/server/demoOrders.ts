import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns';
import demo from '../../../demo/orders.json';
import { addAssortment } from './assortments';
import type { Db } from './db/open';
import { addMarketDay } from './marketDays';
import { addOrder } from './orders';
import { wholeShop } from './shop';
import { planOrders } from './fromOrders';
import type { KeptSlab } from './slabs';
import { replan } from './weekPlan';

/** A line of the demo file, with names in place of numbers. */
interface NamedLine {
  readonly slab?: string;
  readonly assortment?: string;
  readonly count: number;
  readonly unit?: string;
  readonly pieces?: number;
}

/** An order of the demo file: due on a weekday some weeks ahead, or a number of days ahead. */
interface DemoOrder {
  readonly name: string;
  readonly channel?: string;
  readonly weekday?: number;
  readonly weeks?: number;
  readonly daysAhead?: number;
  readonly time: string;
  readonly repeat?: string;
  readonly note?: string;
  readonly lines: readonly NamedLine[];
}

/** A market of the demo file. */
interface DemoMarket {
  readonly slab: string;
  readonly market: string;
  readonly weeksAgo: number;
  readonly taken: number;
  readonly sold: number;
  readonly soldOutAt?: string;
}
const SATURDAY = 6;

/** Returns a time of day some days ahead, in the zone of the shop. */
function momentAhead(now: string, zone: string, days: number, time: string): string {
  const day = addDays(new TZDate(now, zone), days);
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  day.setHours(hours, minutes, 0, 0);
  return new Date(day.getTime()).toISOString();
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
  for (const { slab, weeksAgo, ...market } of demo.markets as readonly DemoMarket[]) {
    const id = idOf(slab);
    // Markets are on Saturdays.
    const day = nextMoment(now, zone, SATURDAY, -weeksAgo, '08:00').slice(0, 10);
    if (id !== undefined) addMarketDay(db, { slab: id, day, ...market });
  }
  for (const { weekday = 0, weeks = 0, daysAhead, time, lines, ...order } of demo.orders as readonly DemoOrder[]) {
    const known = lines.flatMap(({ slab, assortment, ...line }) => {
      const id = slab === undefined ? packs.get(assortment!) : idOf(slab);
      if (id === undefined) return [];
      return [{ ...(slab === undefined ? { assortment: id } : { slab: id }), ...line } as const];
    });
    if (known.length === lines.length)
      addOrder(db, {
        ...order,
        due:
          daysAhead === undefined
            ? nextMoment(now, zone, weekday, weeks, time)
            : momentAhead(now, zone, daysAhead, time),
        status: 'open',
        lines: known as Parameters<typeof addOrder>[1]['lines'],
      });
  }
}

const AHEAD_MS = 14 * 86_400_000;
/** Time of the search for the plan of the demo, s. */
const SECONDS = 1.5;

/** Plans the orders of the demo shop, so that its week opens on work. What cannot be planned now is planned when the week is opened. */
export async function planDemoWeek(db: Db, now: Date): Promise<void> {
  const planned = await planOrders(db, now, new Date(now.getTime() + AHEAD_MS), now);
  if (planned.ok) await replan(db, now, SECONDS);
}
