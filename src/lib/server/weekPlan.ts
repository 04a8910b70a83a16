import { runState } from '$core/run';
import { USUAL_SHOP, type Shop } from '$core/shop';
import { stateOfRunning, type RunningBatch, type WeekAsk, type WeekPlan, type WeekWayOut } from '$core/usecases';
import type { Read } from '$core/validation';
import type { Db } from './db/open';
import { ingredientsFor, type StoredIngredient } from './larder';
import { firstEvents, openRuns } from './runs';
import { wholeShop } from './shop';
import { slabById } from './slabs';
import { runTask, type TaskDone } from './tasks/pool';
import {
  batchesDue,
  blockedTimes,
  extraHours,
  savePlaces,
  weekRevision,
  type PlacedStep,
  type StoredBatch,
} from './week';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;
/** Days that are planned from now, and days for which a late batch is still planned. */
export const AHEAD_DAYS = 14;
const BACK_DAYS = 14;

/** Everything that a plan of the next days is made from. */
export interface WeekContext {
  readonly asked: WeekAsk;
  readonly ingredients: readonly StoredIngredient[];
  readonly shop: Shop;
  readonly batches: readonly StoredBatch[];
  readonly revision: number;
}

/** Returns the first minute that has not begun. */
const nextMinute = (now: Date) => new Date(Math.ceil(now.getTime() / MINUTE_MS) * MINUTE_MS);

/** Returns the question of the days from now on: batches that are not begun, runs in progress, blocked times and pins. */
export function weekContext(db: Db, now: Date): WeekContext {
  const shop = { ...USUAL_SHOP, ...wholeShop(db) };
  const from = nextMinute(now);
  const revision = weekRevision(db);
  const batches = batchesDue(db, new Date(now.getTime() - BACK_DAYS * DAY_MS).toISOString());
  const toPlan = batches.flatMap((batch) => {
    const slab = batch.run === null ? slabById(db, batch.slab)?.slab : undefined;
    return slab ? [{ batch, slab }] : [];
  });
  const isAhead = ({ start }: { readonly start: string }) => Date.parse(start) >= from.getTime();
  return {
    asked: {
      from,
      to: new Date(from.getTime() + AHEAD_DAYS * DAY_MS),
      batches: toPlan.map(({ batch, slab }) => ({
        ...{ id: String(batch.id), slab, tins: batch.tins, scale: batch.scale, due: new Date(batch.due) },
        ...(batch.notBefore === undefined ? {} : { notBefore: new Date(batch.notBefore) }),
        takes: (batch.takes ?? []).map(({ preparation, from: cook }) => ({ preparation, from: String(cook) })),
      })),
      blocked: blockedTimes(db, from.toISOString()).map((blocked) => ({
        ...{ resource: blocked.resource, from: new Date(blocked.from), to: new Date(blocked.to) },
      })),
      extraHours: extraHours(db, from.toISOString()).map(({ person, from: begin, to }) => ({
        ...{ person, from: new Date(begin), to: new Date(to) },
      })),
      keep: toPlan.flatMap(({ batch: { id, pinned = [] } }) =>
        pinned.filter(isAhead).map(({ step, start }) => ({ batch: String(id), step, start: new Date(start) })),
      ),
      before: toPlan.flatMap(({ batch: { id, placed } }) =>
        placed?.every(isAhead)
          ? placed.map(({ step, start }) => ({ batch: String(id), step, start: new Date(start) }))
          : [],
      ),
      running: runningNow(db, now),
    },
    ingredients: ingredientsFor(
      db,
      toPlan.map(({ slab }) => slab),
    ),
    ...{ shop, batches, revision },
  };
}

/** Returns the runs in progress with what is left of them. */
function runningNow(db: Db, now: Date): RunningBatch[] {
  const open = openRuns(db);
  const { byRun } = firstEvents(
    db,
    open.map(({ id }) => id),
  );
  return open.map(({ id, plan }) => stateOfRunning(`run ${id}`, runState(plan, byRun.get(id) ?? [], now.getTime())));
}

/** Returns a plan for the days from now on. */
export const plannedWeek = (
  { asked, ingredients, shop }: Pick<WeekContext, 'asked' | 'ingredients' | 'shop'>,
  seconds: number,
): Promise<TaskDone<Read<WeekPlan & { readonly waysOut: readonly WeekWayOut[] }>>> =>
  runTask('week', { asked, ingredients, shop, seconds }, 'week');

/** Returns a plan's steps as they are stored, by batch. */
export function placesOf({ steps }: Pick<WeekPlan, 'steps'>, batches: readonly { readonly id: string }[]) {
  return batches.map(({ id }) => {
    const own = steps.filter(({ batch }) => batch === id);
    return { batch: Number(id), steps: own.length === 0 ? null : own.map(storedStep) };
  });
}

const storedStep = ({ start, end, uses, ...step }: WeekPlan['steps'][number]): PlacedStep => ({
  ...step,
  ...{ start: start.toISOString(), end: end.toISOString() },
  uses: uses.map(({ until, ...use }) => ({ ...use, ...(until ? { until: until.toISOString() } : {}) })),
});

/**
 * Replans the week and saves it.
 *
 * @param seconds time of the search; with 0 only what does not fit any more is moved
 * @returns `null` if the week was changed meanwhile
 */
export async function replan(
  db: Db,
  now: Date,
  seconds: number,
): Promise<TaskDone<Read<WeekPlan & { readonly waysOut: readonly WeekWayOut[] }> | null>> {
  const context = weekContext(db, now);
  const done = await plannedWeek(context, seconds);
  if (!done.ok || !done.value.ok) return done;
  const saved = savePlaces(db, context.revision, placesOf(done.value.value, context.asked.batches));
  return saved === null ? { ok: true, value: null } : done;
}
