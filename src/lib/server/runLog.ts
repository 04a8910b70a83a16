import { larderOf } from '$core/larder';
import type { RunOutcome, RunToLog, SlabLog } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { refusal } from './http';
import { resultKey, resultOf } from './results';
import { eventsOf, lastOfRun, runContext, runsOfSlab, type StoredRun } from './runs';
import { shopSettings, wholeShop } from './shop';
import { slabById } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';

const BUSY = () => refusal('busy');

/** Number of recent runs of a slab. */
export const MAX_LOGGED = 100;

/** Returns a run with its snapshot; older runs without one use today's larder and settings. */
export function runToLog(db: Db, { id, plan }: StoredRun, events = eventsOf(db, id)): RunToLog {
  const { slab, reckoned } = runContext(db, id)!;
  const { ingredients, shop } = reckoned ?? { ingredients: ingredientsFor(db, [slab]), shop: wholeShop(db) };
  return { id, plan, slab, ingredients, shop, events };
}

/** Returns the history of a slab; `null` if the slab does not exist. */
export async function slabLogOf(db: Db, slabId: number) {
  const kept = slabById(db, slabId);
  if (!kept) return null;
  const inputs = { slab: kept.slab, ingredients: ingredientsFor(db, [kept.slab]), shop: shopSettings(db) };
  const runs = runsOfSlab(db, slabId, MAX_LOGGED);
  // A run only changes by added events, so its number and its last event identify its state.
  const seen = runs.map(({ id }) => [id, lastOfRun(db, id)]);
  let refusal: TaskDone<never> | null = null;
  const log = await resultOf<SlabLog>(db, resultKey('log', inputs, seen), async () => {
    const done = await runTask('slabLog', { ...inputs, runs: runs.map((run) => runToLog(db, run)) });
    if (done.ok) return done.value;
    refusal = done;
    return null;
  });
  return log ? ({ ok: true, value: log } as const) : (refusal ?? ({ ok: false, response: BUSY() } as const));
}

/** Returns the cost and result of a run beside its plan; `null` if the server is too busy, or it cannot be calculated. */
export function runOutcomeOf(db: Db, run: StoredRun): Promise<RunOutcome | null> {
  const given = runToLog(db, run);
  const { slab, ingredients, shop } = given;
  return resultOf(db, resultKey('outcome', run.id, lastOfRun(db, run.id), slab, ingredients, shop), async () => {
    const done = await runTask('runOutcome', given);
    return done.ok ? done.value : null;
  });
}

/** Returns the larder and settings of a run's snapshot. */
export function reckonedWith(db: Db, run: StoredRun) {
  const { slab, ingredients, shop, events } = runToLog(db, run);
  return { slab, larder: larderOf(ingredients), shop, events };
}
