import type { Db } from './db/open';
import { endOfShopDay } from './shopDay';
import { slabById } from './slabs';
import { ordersDue } from './orders';
import { batchesDue, type PlacedStep } from './week';
import { IS_CLOSED } from '$core/orders';

const DAY_MS = 86_400_000;

/** A batch that is begun today. */
export interface BatchToday {
  readonly id: number;
  readonly name: string;
  readonly start: string;
  readonly tins: number;
  readonly pieces: number;
}

/** A planned step of today. */
export type StepToday = Pick<PlacedStep, 'batch' | 'step' | 'title' | 'start' | 'end' | 'hands'> & {
  readonly name: string;
};

export interface WeekToday {
  readonly batches: readonly BatchToday[];
  readonly steps: readonly StepToday[];
  /** Orders that a batch is planned too late for, by name. */
  readonly atRisk: readonly { readonly name: string; readonly due: string }[];
}

/** Returns what the week plans for today: batches to begin, and the steps of those that are not begun yet. */
export function weekToday(db: Db, now: Date): WeekToday {
  const end = endOfShopDay(db, now).toISOString();
  const from = new Date(now.getTime() - 14 * DAY_MS);
  const batches = batchesDue(db, from.toISOString()).filter(({ run }) => run === null);
  const nameOf = (slab: number) => slabById(db, slab)?.slab.name ?? '';
  const late = batches.filter(({ placed, due }) => (placed ?? []).some((step) => step.end > due));
  const risky = new Set(
    late.flatMap(({ orders = [] }) => orders.map(({ order, occurrence = '' }) => `${order} ${occurrence}`)),
  );
  return {
    batches: batches
      .flatMap(({ id, slab, placed, tins, pieces }): BatchToday[] => {
        const start = placed?.[0]?.start;
        if (start === undefined || start >= end) return [];
        return [
          {
            ...{ id, name: nameOf(slab), start },
            tins: tins.reduce((sum, { count }) => sum + count, 0),
            pieces: pieces.reduce((sum, { count }) => sum + count, 0),
          },
        ];
      })
      .sort((a, b) => (a.start < b.start ? -1 : 1)),
    steps: batches
      .flatMap(({ slab, placed }) => (placed ?? []).map((step) => ({ ...step, name: nameOf(slab) })))
      .filter(({ start, attended }) => start < end && attended)
      .map(({ batch, step, title, start, end: until, hands, name }) => ({
        ...{ batch, step, title, start, end: until, hands, name },
      }))
      .sort((a, b) => (a.start < b.start ? -1 : 1)),
    atRisk: ordersDue(db, { from, to: new Date(now.getTime() + 14 * DAY_MS) }, now)
      .filter(({ id, occurrence = '', status }) => !IS_CLOSED[status] && risky.has(`${id} ${occurrence}`))
      .map(({ name, due }) => ({ name, due })),
  };
}
