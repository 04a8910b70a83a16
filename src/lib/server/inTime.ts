import { takenFromStock } from '$core/batches';
import type { OrderLine } from '$core/orders';
import type { WeekAsk, WeekPlan } from '$core/usecases';
import type { Read } from '$core/validation';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { chosenBatches } from './fromOrders';
import { slabsNamed, unclaimedStock, wantedBy } from './stock/forOrders';
import type { TaskDone } from './tasks/pool';
import { plannedWeek, weekContext } from './weekPlan';

/** Whether an order can be made in time, and what it does to others. */
export interface InTime {
  /** Whether planned batches give all its pieces already. */
  readonly isPlanned: boolean;
  /** When the last of its pieces is ready; `null` where that is planned already, or it fits nowhere. */
  readonly readyAt: string | null;
  readonly lateMinutes: number;
  /** Other batches that would be late, or later than now, by the name of their slab. */
  readonly displaced: readonly { readonly name: string; readonly minutes: number }[];
}

/** Time of the search, s. */
const SECONDS = 0.6;

const lateBy = ({ late }: WeekPlan) => new Map(late.map(({ batch, minutes }) => [batch, minutes ?? Infinity]));

/**
 * Plans an order into the week as it is, without saving it.
 *
 * @param order with its number if it is one that is being changed
 */
export async function inTime(
  db: Db,
  order: { readonly lines: readonly OrderLine[]; readonly due: string; readonly id?: number | undefined },
  now: Date,
): Promise<TaskDone<Read<InTime>>> {
  const wanted = wantedBy(db, [{ ...order, id: 0, revision: 0, name: '', status: 'open' }]);
  const { toMake } = takenFromStock(wanted, unclaimedStock(db, now, order.id), 0);
  const none = { isPlanned: true, readyAt: null, lateMinutes: 0, displaced: [] };
  if (toMake.length === 0) return { ok: true, value: { ok: true, value: none } };
  const chosen = await chosenBatches(db, toMake, [], now);
  if (!chosen.ok) return chosen;
  if (!chosen.value.ok) return { ok: true, value: chosen.value };
  const context = weekContext(db, now);
  const { asked } = context;
  const slabs = slabsNamed(
    db,
    toMake.map(({ slab }) => slab),
  );
  const added = chosen.value.value.batches.map(({ id, slab, tins, scale, dueMs }): WeekAsk['batches'][number] => ({
    ...{ id: `new ${id}`, slab: slabs.get(slab)!, tins, due: new Date(dueMs) },
    ...(scale ? { scale } : {}),
  }));
  const batches = [...asked.batches, ...added];
  const done = await plannedWeek(
    {
      ...context,
      asked: { ...asked, batches },
      ingredients: ingredientsFor(
        db,
        batches.map(({ slab }) => slab),
      ),
    },
    SECONDS,
  );
  if (!done.ok) return done;
  if (!done.value.ok) return { ok: true, value: done.value };
  const plan = done.value.value;
  const own = plan.steps.filter(({ batch }) => batch.startsWith('new '));
  const late = lateBy(plan);
  const ownLate = added.map(({ id }) => late.get(id) ?? 0);
  const placed = new Set(own.map(({ batch }) => batch));
  const before = new Map(
    context.batches.map(({ id, placed: steps, due }) => {
      const end = Math.max(0, ...(steps ?? []).map((step) => Date.parse(step.end)));
      return [String(id), Math.max(0, (end - Date.parse(due)) / 60_000)];
    }),
  );
  return {
    ok: true,
    value: {
      ok: true,
      value: {
        isPlanned: false,
        readyAt:
          placed.size < added.length || own.length === 0
            ? null
            : new Date(Math.max(...own.map(({ end }) => end.getTime()))).toISOString(),
        lateMinutes: Math.max(0, ...ownLate.filter(Number.isFinite)),
        displaced: asked.batches.flatMap(({ id, slab }) => {
          const minutes = (late.get(id) ?? 0) - (before.get(id) ?? 0);
          return minutes >= 1 && Number.isFinite(minutes) ? [{ name: slab.name, minutes }] : [];
        }),
      },
    },
  };
}
