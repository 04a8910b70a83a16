import { ENOUGH_DAYS, nextBatches, profitOf, type Candidate, type NextBatch } from '$core/profit';
import { shelfMsOf } from '$core/usecases';
import type { Db } from '../db/open';
import { pricesOfSlabs } from '../pricesOf';
import { slabsNamed, unclaimedStock } from '../stock/forOrders';
import type { Sales } from './sales';

const DAY_MS = 86_400_000;
/** How long prices are waited for, ms. */
const PATIENCE_MS = 5000;

/** Batches for spare time, and the number of days of sales they rest on. */
export interface SpareTime {
  readonly days: number;
  readonly batches: readonly (NextBatch & { readonly name: string })[];
}

/**
 * Returns the batches that would bring most with some hours of spare labour: of slabs that were sold in a range of time, at today's cost.
 *
 * @param hours of labour
 */
export async function spareTimeBatches(
  db: Db,
  { sold }: Pick<Sales, 'sold'>,
  range: { readonly from: string; readonly to: string },
  now: Date,
  hours: number,
): Promise<SpareTime> {
  const first = sold[0]?.at ?? now.toISOString();
  const endMs = Math.min(now.getTime(), Date.parse(range.to));
  const days = Math.max(1, (endMs - Math.max(Date.parse(range.from), Date.parse(first))) / DAY_MS);
  if (days < ENOUGH_DAYS) return { days: Math.floor(days), batches: [] };
  const slabs = slabsNamed(
    db,
    sold.map(({ slab }) => slab),
  );
  const prices = await pricesOfSlabs(db, [...slabs.keys()], PATIENCE_MS);
  const free = unclaimedStock(db, now, undefined);
  const candidates = [...slabs].flatMap(([slab, document]): Candidate[] => {
    const price = prices.get(slab);
    const own = sold.filter((one) => one.slab === slab && one.unit === 'piece');
    const { pieces, revenue, selling, unknownPieces } = profitOf(own, []);
    const known = pieces - unknownPieces;
    if (!price || price.labourMinutes === null || known <= 0) return [];
    return [
      {
        ...{ slab, pieces: price.pieces, costCoins: price.batchCost, labourMinutes: price.labourMinutes },
        bringsEach: (revenue - selling) / known,
        soldPerDay: pieces / days,
        shelfDays: shelfMsOf(document) / DAY_MS,
        free: free.reduce((sum, lot) => sum + (lot.slab === slab ? lot.pieces : 0), 0),
      },
    ];
  });
  return {
    days: Math.floor(days),
    batches: nextBatches(candidates, hours * 60).map((batch) => ({ ...batch, name: slabs.get(batch.slab)!.name })),
  };
}
