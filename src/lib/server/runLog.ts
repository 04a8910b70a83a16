import { larderOf } from '../../core/larder';
import type { RunToLog } from '../../core/usecases';
import type { Db } from './db/open';
import { ingredientsFor } from './larder';
import { eventsOf, runContext, runsOfSlab, type StoredRun } from './runs';
import { wholeShop } from './shop';
import { slabById } from './slabs';
import { runTask } from './tasks/pool';

/** So many of a slab's last runs are looked at. */
export const MOST_LOGGED = 100;

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
  return runTask('slabLog', {
    slab: kept.slab,
    ingredients: ingredientsFor(db, [kept.slab]),
    shop: wholeShop(db),
    runs: runsOfSlab(db, slabId, MOST_LOGGED).map((run) => runToLog(db, run)),
  });
}

/** The larder and the shop that a run was reckoned with. */
export function reckonedWith(db: Db, run: StoredRun) {
  const { slab, ingredients, shop, events } = runToLog(db, run);
  return { slab, larder: larderOf(ingredients), shop, events };
}
