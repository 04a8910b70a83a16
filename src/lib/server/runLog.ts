import { larderOf } from '$core/larder';
import type { RunOutcome, RunToLog, SlabLog } from '$core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { problem } from './http';
import { resultKey, resultOf } from './results';
import { eventsOf, lastOfRun, runContext, runsOfSlab, type StoredRun } from './runs';
import { shopSettings, wholeShop } from './shop';
import { slabById } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';

const BUSY = () => problem('The server is busy. Try again in a few seconds', '', 503);

/** So many of a slab's last runs are looked at. */
export const MAX_LOGGED = 100;

/** A run with all that it was begun with; one from before that was kept is reckoned with the larder and the shop of today. */
export function runToLog(db: Db, { id, plan }: StoredRun, events = eventsOf(db, id)): RunToLog {
  const { slab, reckoned } = runContext(db, id)!;
  const { ingredients, shop } = reckoned ?? { ingredients: ingredientsFor(db, [slab]), shop: wholeShop(db) };
  return { id, plan, slab, ingredients, shop, events };
}

/** What the last runs of a slab say; null where there is no such slab. */
export async function slabLogOf(db: Db, slabId: number) {
  const kept = slabById(db, slabId);
  if (!kept) return null;
  const inputs = { slab: kept.slab, ingredients: ingredientsFor(db, [kept.slab]), shop: shopSettings(db) };
  const runs = runsOfSlab(db, slabId, MAX_LOGGED);
  // A run never changes but by events that are added: its number and its last event say all of it.
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

/** What a run cost and came to beside its plan; null while the server is too busy, or where that cannot be worked out. */
export function runOutcomeOf(db: Db, run: StoredRun): Promise<RunOutcome | null> {
  const given = runToLog(db, run);
  const { slab, ingredients, shop } = given;
  return resultOf(db, resultKey('outcome', run.id, lastOfRun(db, run.id), slab, ingredients, shop), async () => {
    const done = await runTask('runOutcome', given);
    return done.ok ? done.value : null;
  });
}

/** The larder and the shop that a run was reckoned with. */
export function reckonedWith(db: Db, run: StoredRun) {
  const { slab, ingredients, shop, events } = runToLog(db, run);
  return { slab, larder: larderOf(ingredients), shop, events };
}
