import { larderOf } from '../../core/larder';
import type { RunPlan } from '../../core/run';
import { USUAL_SHOP, type Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';
import { plan, runPlanOf, type Day } from '../../core/usecases';
import type { Db } from './db/open';
import { problem, refused } from './http';
import { ingredientsFor } from './larder';
import { shopSettings, wholeShop } from './shop';
import { resultKey, resultOf } from './results';
import { slabById } from './slabs';
import { runTask, type Lane, type TaskDone } from './tasks/pool';

/** What a run of a slab would be begun with, and what that is reckoned with. */
export interface PlannedRun {
  readonly planFor: (lot: string) => RunPlan;
  readonly ingredients: ReturnType<typeof ingredientsFor>;
  readonly shop: ReturnType<typeof wholeShop>;
}

/** Runs are laid out from here: round the clock a day is the same whenever it begins, and so is worked out once. */
const EPOCH = new Date(0).toISOString();

/** Lays out a slab's steps round the clock, with the shop's people, ovens and rings. */
async function dayOf(
  db: Db,
  slab: Slab,
  ingredients: PlannedRun['ingredients'],
  shop: PlannedRun['shop'] & Required<Pick<Shop, 'hands' | 'ovens' | 'rings'>>,
  lane: Lane,
): Promise<TaskDone<Day>> {
  const { hands, ovens, rings } = shop;
  const start = new Date(EPOCH);
  let refusal: Response | null = null;
  const day = await resultOf<Day>(db, resultKey('day', slab, ingredients, shop), async () => {
    const given = {
      ...{ slab, ingredients, shop, asked: {}, pace: undefined, now: start },
      day: { start, deadline: undefined, ...{ hands, ovens, rings }, hours: [], zone: 'UTC' },
    };
    const done = await runTask('timeline', given, lane);
    if (done.ok && done.value.ok) return done.value.value;
    refusal = !done.ok ? done.response : done.value.ok ? null : refused(done.value.problems);
    return null;
  });
  if (day) return { ok: true, value: day };
  return { ok: false, response: refusal ?? problem('The server is busy. Try again in a few seconds', '', 503) };
}

/** Lays out the day of a slab that was just saved, so that a run of it begins at once. */
export async function warmDay(db: Db, id: number): Promise<void> {
  const kept = slabById(db, id);
  if (kept) await plannedRun(db, kept.slab, kept.version, EPOCH, 'background');
}

/** Lays out the run of a slab from a moment on: as soon as it can be, whatever the hours. */
export async function plannedRun(
  db: Db,
  slab: Slab,
  version: number,
  begin: string,
  lane: Lane = 'runs',
): Promise<TaskDone<PlannedRun>> {
  const ingredients = ingredientsFor(db, [slab]);
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const { hands, ovens, rings } = shop;
  const means = { hands, ovens, rings };
  const day = await dayOf(db, slab, ingredients, { ...USUAL_SHOP, ...shopSettings(db) }, lane);
  if (!day.ok) return day;
  if (!day.value.feasible) return { ok: false, response: problem(`It cannot be made: ${day.value.because}`, '/slab') };
  const planned = plan(slab, larderOf(ingredients), shop);
  const planFor = (lot: string) => ({
    ...runPlanOf(slab, shop, planned, day.value, { version, lot, begin: EPOCH, means }),
    begin,
  });
  return { ok: true, value: { planFor, ingredients, shop } };
}
