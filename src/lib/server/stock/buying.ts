import type { Ingredient } from '$core/larder';
import { USUAL_SHOP } from '$core/shop';
import { stillNeededByRun } from '$core/stock';
import type { BatchToBuyFor, BuyLine, NeededByRun } from '$core/usecases';
import type { Db } from '../db/open';
import { ingredientsFor, ingredientsKeptStocked, ingredientsNamed, withHeld } from '../larder';
import { bookedRuns, openRuns } from '../runs';
import { wholeShop } from '../shop';
import { slabsNamed } from './forOrders';
import { stockEvents } from './ofRuns';
import { runTask, type TaskDone } from '../tasks/pool';
import { batchesDue } from '../week';

/** Returns what batches need beyond the shelf, with what runs in progress still need, and what falls below its least amount. */
export async function toBuy(
  db: Db,
  batches: readonly BatchToBuyFor[],
  runs: readonly NeededByRun[],
  isWhole: boolean,
): Promise<TaskDone<BuyLine[]>> {
  const named = ingredientsFor(
    db,
    batches.map(({ slab }) => slab),
  );
  const ofRuns = ingredientsNamed(
    db,
    runs.map(({ ingredient }) => ingredient),
    0,
  );
  const kept = isWhole ? ingredientsKeptStocked(db) : [];
  const byId = new Map([...kept, ...ofRuns, ...named].map((ingredient) => [ingredient.id, ingredient]));
  const shelf: Ingredient[] = withHeld(db, [...byId.values()]);
  return runTask('buying', { batches, runs, shelf, shop: { ...USUAL_SHOP, ...wholeShop(db) } }, 'week');
}

/** Returns what the batches that begin in a range need, as they are planned. Runs in progress come first: they need theirs now. */
export function buyingForWeek(db: Db, from: Date, to: Date): Promise<TaskDone<BuyLine[]>> {
  const planned = batchesDue(db, from.toISOString()).filter(({ run }) => run === null);
  const slabs = slabsNamed(
    db,
    planned.map(({ slab }) => slab),
  );
  const batches = planned.flatMap(({ slab: id, tins, scale, placed, due }): BatchToBuyFor[] => {
    const slab = slabs.get(id);
    const begins = (placed ?? []).map(({ start }) => Date.parse(start));
    const beginMs = begins.length > 0 ? Math.min(...begins) : Date.parse(due);
    if (!slab || beginMs >= to.getTime()) return [];
    return [{ slab, tins, scale, beginMs: Math.max(beginMs, from.getTime()) }];
  });
  return toBuy(db, batches, runsNeed(db, from), true);
}

/** Returns what open runs have still to weigh. */
function runsNeed(db: Db, now: Date): NeededByRun[] {
  const open = openRuns(db);
  const booking = new Set(
    bookedRuns(
      db,
      open.map(({ id }) => id),
    ),
  );
  return open
    .filter(({ id }) => booking.has(id))
    .flatMap(({ id, plan }): NeededByRun[] => {
      const beginMs = Math.max(now.getTime(), Date.parse(plan.begin));
      return [...stillNeededByRun(plan, stockEvents(db, id))].map(([ingredient, massG]) => ({
        ingredient,
        massG,
        beginMs,
      }));
    });
}

/** Returns a line as the service answers it. */
export const buyLineAnswer = ({ ingredient, needG, heldG, minimumG, pack, supplier, byMs }: BuyLine) => ({
  ...{ ingredient, needG, heldG, minimumG },
  packs: pack && pack.count > 0 ? [{ name: pack.name, massG: pack.massG, count: pack.count, price: pack.cash }] : [],
  supplier,
  by: byMs === null ? null : new Date(byMs).toISOString(),
});
