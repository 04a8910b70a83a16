import type { BatchAnswer, WeekAsk } from '$core/usecases';
import { takenFromStock, type Batch, type StockLot, type Wanted } from '$core/batches';
import { IS_CLOSED, type DueOrder } from '$core/orders';
import { USUAL_SHOP } from '$core/shop';
import type { Read } from '$core/validation';
import { shareNewPots } from './batchPots';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { ordersDue, setStatus } from './orders';
import { wholeShop } from './shop';
import { runTask, type TaskDone } from './tasks/pool';
import { slabsNamed, stockFor, wantedBy } from './stock/forOrders';
import { addBatches } from './week';

/** Statuses of orders whose pieces still have to be made. */
const isToMake = ({ status }: DueOrder) => !IS_CLOSED[status] && status !== 'made' && status !== 'packed';

/** Returns which batches to make for what is wanted. Slabs that were deleted are named in the answer. */
export async function chosenBatches(
  db: Db,
  wanted: readonly Wanted[],
  stock: readonly StockLot[],
  now: Date,
  rack = wholeShop(db).rack ?? [],
): Promise<TaskDone<Read<BatchAnswer>>> {
  const slabs = slabsNamed(
    db,
    wanted.map(({ slab }) => slab),
  );
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  return runTask(
    'batches',
    {
      asked: { wanted, slabs, stock, rack, nowMs: now.getTime() },
      ingredients: ingredientsFor(db, [...slabs.values()]),
      shop,
    },
    'week',
  );
}

/** What came of planning orders. */
export interface OrdersPlanned {
  readonly added: readonly number[];
  readonly orders: number;
  readonly answer: BatchAnswer;
}

/**
 * Adds batches for the open orders of a range, for what planned batches do not give already, and marks the orders as planned. Mixtures that
 * they share are cooked once where the pot holds them.
 */
export async function planOrders(db: Db, from: Date, to: Date, now: Date): Promise<TaskDone<Read<OrdersPlanned>>> {
  const orders = ordersDue(db, { from, to }, now).filter(isToMake);
  const done = await chosenBatches(db, wantedBy(db, orders), stockFor(db, now), now);
  if (!done.ok) return done;
  if (!done.value.ok) return { ok: true, value: done.value };
  const answer = done.value.value;
  const added =
    answer.batches.length === 0
      ? []
      : addBatches(
          db,
          answer.batches.map((batch) => batchOf(db, batch, orders)),
        );
  if (added.length > 0) await shareNewPots(db, added, now);
  const without = new Set(answer.missing.map(({ slab }) => slab));
  for (const order of orders) {
    const isPlanned = order.status === 'open' && !wantedBy(db, [order]).some(({ slab }) => without.has(slab));
    if (isPlanned) setStatus(db, order.id, order.occurrence, 'planned');
  }
  return { ok: true, value: { ok: true, value: { added, orders: orders.length, answer } } };
}

/** Returns a proposed batch as it is stored, with the orders that its pieces are for. */
function batchOf(
  db: Db,
  { slab, tins, scale, pieces, notBeforeMs, dueMs, lastMs }: BatchAnswer['batches'][number],
  orders: readonly DueOrder[],
): Batch {
  const own = orders.filter((order) => {
    const due = Date.parse(order.due);
    return due >= dueMs && due <= lastMs && wantedBy(db, [order]).some((want) => want.slab === slab);
  });
  return {
    ...{ slab, tins, pieces, due: new Date(dueMs).toISOString() },
    ...(scale ? { scale } : {}),
    notBefore: new Date(Math.min(notBeforeMs, dueMs - 60_000)).toISOString(),
    orders: own.map(({ id, occurrence }) => ({ order: id, ...(occurrence === undefined ? {} : { occurrence }) })),
  };
}

/** Returns the batches that orders need in a range, as a week is asked for; or the answer why there are none. */
export async function batchesForOrders(
  db: Db,
  orders: readonly number[],
  range: { readonly from: Date; readonly to: Date },
): Promise<Read<WeekAsk['batches']> | Response> {
  const due = ordersDue(db, range, range.from).filter(({ id }) => orders.includes(id));
  const wanted = wantedBy(db, due);
  const done = await chosenBatches(db, wanted, [], range.from);
  if (!done.ok) return done.response;
  if (!done.value.ok) return done.value;
  const slabs = slabsNamed(
    db,
    wanted.map(({ slab }) => slab),
  );
  return {
    ok: true,
    value: done.value.value.batches.map(({ id, slab, tins, scale, dueMs, notBeforeMs }) => ({
      ...{ id, slab: slabs.get(slab)!, tins, due: new Date(dueMs), notBefore: new Date(notBeforeMs) },
      ...(scale ? { scale } : {}),
    })),
  };
}

/** Returns how many pieces of each slab open orders want that no batch gives. A weight of a slab that was never weighed counts as one piece. */
export function missingFor(db: Db, orders: readonly DueOrder[], now: Date): { slab: number; pieces: number }[] {
  const wanted = wantedBy(db, orders.filter(isToMake)).map(({ grams = 0, pieces, ...want }) => ({
    ...want,
    pieces: pieces + (grams > 0 ? 1 : 0),
  }));
  const { toMake } = takenFromStock(wanted, stockFor(db, now), 0);
  const sums = new Map<number, number>();
  for (const { slab, pieces } of toMake) sums.set(slab, (sums.get(slab) ?? 0) + pieces);
  return [...sums].map(([slab, pieces]) => ({ slab, pieces }));
}
