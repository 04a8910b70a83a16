import { larderOf } from '../../core/larder';
import type { RunPlan } from '../../core/run';
import { USUAL_SHOP } from '../../core/shop';
import type { Slab } from '../../core/slab';
import { plan, runPlanOf } from '../../core/usecases';
import type { Db } from './db/open';
import { problem, refused } from './http';
import { ingredientsFor } from './larder';
import { wholeShop } from './shop';
import { runTask, type TaskDone } from './tasks/pool';

/** What a run of a slab would be begun with, and what that is reckoned with. */
export interface PlannedRun {
  readonly planFor: (lot: string) => RunPlan;
  readonly ingredients: ReturnType<typeof ingredientsFor>;
  readonly shop: ReturnType<typeof wholeShop>;
}

/** Lays out the run of a slab from a moment on: as soon as it can be, whatever the hours. */
export async function plannedRun(db: Db, slab: Slab, version: number, begin: string): Promise<TaskDone<PlannedRun>> {
  const ingredients = ingredientsFor(db, [slab]);
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const { hands, ovens, rings } = shop;
  const means = { hands, ovens, rings };
  const start = new Date(begin);
  const work = {
    ...{ slab, ingredients, shop, asked: {}, pace: undefined, now: start },
    day: { start, deadline: undefined, ...means, hours: [], zone: 'UTC' },
  };
  const done = await runTask('timeline', work, 'runs');
  if (!done.ok) return done;
  if (!done.value.ok) return { ok: false, response: refused(done.value.problems) };
  const day = done.value.value;
  if (!day.feasible) return { ok: false, response: problem(`It cannot be made: ${day.because}`, '/slab') };
  const planned = plan(slab, larderOf(ingredients), shop);
  const planFor = (lot: string) => runPlanOf(slab, shop, planned, day, { version, lot, begin, means });
  return { ok: true, value: { planFor, ingredients, shop } };
}
