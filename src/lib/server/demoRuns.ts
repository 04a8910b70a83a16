import { figuresIn } from '$core/measure';
import { stepTexts } from '$wording/steps';
import { TZDate } from '@date-fns/tz';
import { addDays, subDays } from 'date-fns';
import { setImmediate } from 'node:timers/promises';
import { larderOf } from '$core/larder';
import type { RunPlan } from '$core/run';
import { USUAL_SHOP, type Shop } from '$core/shop';
import { meansOf } from '$core/time';
import { layOutDay, plan, runPlanOf, workOf } from '$core/usecases';
import { PAST_RUNS, pastEvents } from '../../../demo/runs/past';
import { runsOfToday } from '../../../demo/runs/today';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { addEvents, beginRun } from './runs';
import { wholeShop } from './shop';
import type { KeptSlab } from './slabs';

/** The shop works from Tuesday to Saturday and starts at half past seven. */
const CLOSED_BACK: Readonly<Record<number, number>> = { 0: 1, 1: 2 };
const CLOSED_AHEAD: Readonly<Record<number, number>> = { 0: 2, 1: 1 };
const BEGINS = [7, 30] as const;

function beginOf(daysAgo: number, now: string, zone: string): string {
  const day = subDays(new TZDate(now, zone), daysAgo);
  const open = subDays(day, CLOSED_BACK[day.getDay()] ?? 0);
  open.setHours(...BEGINS, 0, 0);
  return new Date(open.getTime()).toISOString();
}

/** Returns the snapshot of a slab's run. */
function planned({ slab, version }: KeptSlab, db: Db, shop: Shop) {
  const ingredients = ingredientsFor(db, [slab]);
  const larder = larderOf(ingredients);
  const start = new Date(0);
  const means = meansOf(shop);
  const day = layOutDay(
    workOf(slab, larder, shop),
    { start, deadline: undefined, ...means, blocked: [], hours: [], zone: 'UTC' },
    start,
  );
  const frozen = { version, lot: '', begin: start.toISOString(), means };
  return {
    ingredients,
    plan: runPlanOf(
      slab,
      shop,
      plan(slab, larder, shop),
      day,
      frozen,
      stepTexts(figuresIn(shop.shownIn, shop.measures)),
    ),
  };
}

/** Imports the demo shop's runs of the last half year, one by one, so that other requests are served in between. */
export async function bringInRuns(db: Db, slabs: readonly KeptSlab[], now: string): Promise<void> {
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const plans = new Map<string, ReturnType<typeof planned>>();
  for (const [at, past] of PAST_RUNS.entries()) {
    const kept = slabs.find(({ slab }) => slab.name === past.slab);
    if (!kept) continue;
    await setImmediate();
    const known = plans.get(past.slab) ?? planned(kept, db, shop);
    plans.set(past.slab, known);
    const begin = beginOf(past.daysAgo, now, shop.zone ?? 'UTC');
    let plan: RunPlan = { ...known.plan, begin };
    const { id: slabId, version, slab } = kept;
    const run = beginRun(
      db,
      { slabId, version, slab, begin, ingredients: known.ingredients, shop, booksStock: false },
      (lot) => {
        plan = { ...plan, lot };
        return plan;
      },
    );
    addEvents(db, run.id, pastEvents(past, plan, at));
  }
}

/** Imports what is on the bench of the demo shop: a run in progress, one for later today, and those of the next open days. */
export function bringInToday(db: Db, slabs: readonly KeptSlab[], now: string): void {
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  for (const { slab: name, minutesAgo, daysAhead } of runsOfToday) {
    const kept = slabs.find(({ slab }) => slab.name === name);
    if (!kept) continue;
    const begin =
      daysAhead > 0
        ? openingAfter(daysAhead, now, shop.zone ?? 'UTC')
        : new Date(Date.parse(now) - minutesAgo * 60_000).toISOString();
    const { ingredients, plan: known } = planned(kept, db, shop);
    let plan: RunPlan = { ...known, begin };
    const { id: slabId, version, slab } = kept;
    const run = beginRun(db, { slabId, version, slab, begin, ingredients, shop, booksStock: true }, (lot) => {
      plan = { ...plan, lot };
      return plan;
    });
    const events = minutesAgo > 0 ? pastEvents({ slab: name, daysAgo: 0 }, plan, PAST_RUNS.length) : [];
    // What is simulated after now has not happened yet.
    const until = events.filter(({ at }) => at <= now);
    if (until.length > 0) addEvents(db, run.id, until);
  }
}

/** Returns the opening of the shop a number of days ahead, on the next open day if it is closed then. */
function openingAfter(daysAhead: number, now: string, zone: string): string {
  const day = addDays(new TZDate(now, zone), daysAhead);
  const open = addDays(day, CLOSED_AHEAD[day.getDay()] ?? 0);
  open.setHours(...BEGINS, 0, 0);
  return new Date(open.getTime()).toISOString();
}
