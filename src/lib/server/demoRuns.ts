import { larderOf } from '../../core/larder';
import type { RunPlan } from '../../core/run';
import { USUAL_SHOP, type Shop } from '../../core/shop';
import { layOutDay, plan, runPlanOf, workOf } from '../../core/usecases';
import { PAST_RUNS, pastEvents } from '../../../demo/runs/past';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { addEvents, beginRun } from './runs';
import { wholeShop } from './shop';
import type { KeptSlab } from './slabs';

const DAY_MS = 86_400_000;
/** The shop works from Tuesday to Saturday, and begins at half past seven. */
const CLOSED_BACK: Readonly<Record<number, number>> = { 0: 1, 1: 2 };
const BEGINS_MS = 6.5 * 3_600_000;

function beginOf(daysAgo: number, now: string): string {
  const midnight = Math.floor(Date.parse(now) / DAY_MS) * DAY_MS - daysAgo * DAY_MS;
  const closed = CLOSED_BACK[new Date(midnight).getUTCDay()] ?? 0;
  return new Date(midnight - closed * DAY_MS + BEGINS_MS).toISOString();
}

/** What a slab's run is begun with, whenever that is. */
function planned({ slab, version }: KeptSlab, db: Db, shop: Shop) {
  const ingredients = ingredientsFor(db, [slab]);
  const larder = larderOf(ingredients);
  const start = new Date(0);
  const means = { hands: shop.hands ?? 1, ovens: shop.ovens ?? 1, rings: shop.rings ?? USUAL_SHOP.rings };
  const day = layOutDay(
    workOf(slab, larder, shop),
    { start, deadline: undefined, ...means, hours: [], zone: 'UTC' },
    start,
  );
  const frozen = { version, lot: '', begin: start.toISOString(), means };
  return { ingredients, plan: runPlanOf(slab, shop, plan(slab, larder, shop), day, frozen) };
}

/** Brings in what the made-up shop has made in the half year before now. */
export function bringInRuns(db: Db, slabs: readonly KeptSlab[], now: string): void {
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const plans = new Map<string, ReturnType<typeof planned>>();
  PAST_RUNS.forEach((past, at) => {
    const kept = slabs.find(({ slab }) => slab.name === past.slab);
    if (!kept) return;
    const known = plans.get(past.slab) ?? planned(kept, db, shop);
    plans.set(past.slab, known);
    const begin = beginOf(past.daysAgo, now);
    let plan: RunPlan = { ...known.plan, begin };
    const { id: slabId, version, slab } = kept;
    const run = beginRun(db, { slabId, version, slab, begin, ingredients: known.ingredients, shop }, (lot) => {
      plan = { ...plan, lot };
      return plan;
    });
    addEvents(db, run.id, pastEvents(past, plan, at));
  });
}
