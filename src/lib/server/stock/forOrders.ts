import { takenFromStock, type FromStock, type StockLot, type Wanted } from '$core/batches';
import { IS_CLOSED, neededFor, type DueOrder } from '$core/orders';
import type { Slab } from '$core/slab';
import { shelfMsOf } from '$core/usecases';
import { allAssortments } from '../assortments';
import type { Db } from '../db/open';
import { ordersDue } from '../orders';
import { bookedRuns, finishedRuns } from '../runs';
import { slabById } from '../slabs';
import { heldPieces, lastPieceG } from './held';
import { batchesDue } from '../week';

const DAY_MS = 86_400_000;
const PIECE = 1000;

type Assortments = Parameters<typeof neededFor>[1];

/** Returns what an order wants by its due time. What is ordered by weight is wanted as pieces that reach it, once a piece of the slab was weighed. */
const wantsOf = (db: Db, { lines, due }: DueOrder, assortments: Assortments): Wanted[] =>
  neededFor(lines, assortments).map(({ slab, kind, pieces, grams }) => {
    const want = { slab, kind, pieces, dueMs: Date.parse(due) };
    const pieceG = grams > 0 ? lastPieceG(db, slab) : null;
    if (pieceG !== null) return { ...want, pieces: pieces + Math.ceil(grams / pieceG) };
    return grams > 0 ? { ...want, grams } : want;
  });

/** Returns what orders want, for each of their due times. */
export function wantedBy(db: Db, orders: readonly DueOrder[]): Wanted[] {
  const assortments = new Map(allAssortments(db).map((own) => [own.id, own]));
  return orders.flatMap((order) => wantsOf(db, order, assortments));
}

/** Returns the slabs that are named, without those that were deleted. */
export function slabsNamed(db: Db, ids: readonly number[]): Map<number, Slab> {
  return new Map(
    [...new Set(ids)].flatMap((id) => {
      const slab = slabById(db, id)?.slab;
      return slab ? [[id, slab] as const] : [];
    }),
  );
}

/** Returns the pieces that are made and not handed over, by lot. What is past its date is left out: nothing is promised from it. */
export const heldStock = (db: Db, now: Date): StockLot[] =>
  heldPieces(db).flatMap(({ slab, kind, lot, unit, thousandths, keepsUntil }) => {
    const keepsUntilMs = keepsUntil === null ? Infinity : Date.parse(keepsUntil);
    const pieces = Math.floor(thousandths / PIECE);
    if (unit !== 'piece' || pieces <= 0 || keepsUntilMs < now.getTime()) return [];
    return [{ slab, kind: kind === '' ? null : kind, pieces, keepsUntilMs, lot }];
  });

/** Returns the pieces of batches that are planned or in progress, as stock from when they are due. Finished ones are held already. */
function plannedStock(db: Db, now: Date): StockLot[] {
  const batches = batchesDue(db, new Date(now.getTime() - 7 * DAY_MS).toISOString());
  const inStock = new Set(
    bookedRuns(
      db,
      finishedRuns(
        db,
        batches.flatMap(({ run }) => run ?? []),
      ),
    ),
  );
  const open = batches.filter(({ run }) => run === null || !inStock.has(run));
  const slabs = slabsNamed(
    db,
    open.map(({ slab }) => slab),
  );
  return open.flatMap(({ slab, pieces, due }) =>
    pieces.map(({ kind, count }) => ({
      ...{ slab, kind: kind ?? null, pieces: count, fromMs: Date.parse(due) },
      keepsUntilMs: Date.parse(due) + (slabs.has(slab) ? shelfMsOf(slabs.get(slab)!) : 0),
    })),
  );
}

const isReserved = ({ status }: DueOrder) => status === 'made' || status === 'packed';

/** Orders that may still have pieces on the shelf. */
const recentOrders = (db: Db, now: Date): DueOrder[] =>
  ordersDue(db, { from: new Date(now.getTime() - 14 * DAY_MS), to: new Date(now.getTime() + 28 * DAY_MS) }, now);

/** Returns the pieces on the shelf without those of orders that are made or packed. */
export function shelfFor(db: Db, now: Date): readonly StockLot[] {
  const made = wantedBy(db, recentOrders(db, now).filter(isReserved));
  return takenFromStock(made, heldStock(db, now), 0).left;
}

/** Returns the pieces that orders can still have: on the shelf, and of batches that are planned. */
export const stockFor = (db: Db, now: Date): StockLot[] => [...shelfFor(db, now), ...plannedStock(db, now)];

/**
 * Returns the pieces on the shelf and of planned batches that no open order claims.
 *
 * @param except an order that is being changed, and claims nothing
 */
export function unclaimedStock(db: Db, now: Date, except: number | undefined): readonly StockLot[] {
  const claims = recentOrders(db, now).filter(
    (order) => !IS_CLOSED[order.status] && !isReserved(order) && order.id !== except,
  );
  return takenFromStock(wantedBy(db, claims), stockFor(db, now), 0).left;
}

/** Pieces on the shelf that an order gets. */
export interface Allocated {
  readonly order: DueOrder;
  readonly lots: readonly FromStock[];
  /** Pieces that the order needs. */
  readonly wanted: number;
  /** Ordered by weight of slabs whose pieces were never weighed, g: how many pieces that takes is unknown. */
  readonly uncountedG: number;
}

/** Divides the pieces on the shelf among open orders, the earliest due first, from the oldest lots that keep until then. */
export function allocatedPieces(db: Db, orders: readonly DueOrder[], now: Date): Allocated[] {
  const assortments = new Map(allAssortments(db).map((own) => [own.id, own]));
  const left = new Map<number, readonly StockLot[]>();
  for (const lot of heldStock(db, now)) left.set(lot.slab, [...(left.get(lot.slab) ?? []), lot]);
  return [...orders]
    .filter(({ status }) => !IS_CLOSED[status])
    .sort((a, b) => Number(isReserved(b)) - Number(isReserved(a)) || (a.due < b.due ? -1 : a.due > b.due ? 1 : 0))
    .map((order) => {
      const wants = wantsOf(db, order, assortments);
      const lots = wants.flatMap((want) => {
        const { taken, left: rest } = takenFromStock([want], left.get(want.slab) ?? [], 0);
        if (taken.length > 0) left.set(want.slab, rest);
        return taken;
      });
      const wanted = wants.reduce((sum, { pieces }) => sum + pieces, 0);
      return { order, lots, wanted, uncountedG: wants.reduce((sum, { grams = 0 }) => sum + grams, 0) };
    });
}
