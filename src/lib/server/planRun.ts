import type { RunPlan } from '$core/run';
import { USUAL_SHOP } from '$core/shop';
import { meansOf, type Means, type SharedPot } from '$core/time';
import type { Slab } from '$core/slab';
import type { Db } from './db/open';
import { refused } from './http';
import { allergensOfSlab } from './labels';
import { ingredientsFor } from './larder';
import { shopSettings, wholeShop } from './shop';
import { slabById } from './slabs';
import { cachedTask } from './tasks/cached';
import type { Lane, TaskDone } from './tasks/pool';

/** Snapshot of a run, and its inputs. */
export interface PlannedRun {
  readonly planFor: (lot: string) => RunPlan;
  readonly ingredients: ReturnType<typeof ingredientsFor>;
  readonly shop: ReturnType<typeof wholeShop>;
}

/** Reference moment of cached schedules: round the clock, a schedule does not depend on its start. */
const EPOCH = new Date(0).toISOString();

/** What a run is planned with besides the shop's own resources; blocked times in minutes from its start. */
export type OwnMeans = Partial<Pick<Means, 'hands' | 'blocked'>>;
/** Where steps are planned, in minutes from the start. */
export type PlannedStarts = readonly (readonly [step: string, minutes: number])[];

/** What is known of a run that was planned with the week. */
export interface FromWeek {
  readonly starts?: PlannedStarts | undefined;
  readonly shared?: readonly SharedPot[] | undefined;
}

/** Plans the run of a slab from a moment: as early as possible, regardless of working hours. */
export async function plannedRun(
  db: Db,
  slab: Slab,
  version: number,
  begin: string,
  own: OwnMeans = {},
  lane: Lane = 'runs',
  { starts, shared }: FromWeek = {},
): Promise<TaskDone<PlannedRun>> {
  const ingredients = ingredientsFor(db, [slab]);
  const shop = { ...USUAL_SHOP, ...shopSettings(db) };
  const means = { ...meansOf(shop), ...own };
  const done = await cachedTask(
    db,
    'runPlan',
    { slab, ingredients, shop, version, begin: EPOCH, means, starts, shared },
    lane,
  );
  if (!done.ok) return done;
  const found = done.value;
  if (!found.ok) return { ok: false, response: refused(found.problems) };
  const plan = found.value;
  const allergens = allergensOfSlab(slab, ingredients);
  const planFor = (lot: string): RunPlan => ({ ...plan, lot, begin, allergens });
  return { ok: true, value: { planFor, ingredients, shop: { ...USUAL_SHOP, ...wholeShop(db) } } };
}

/** Prepares the schedule of a saved slab, so that a run starts at once. */
export async function warmRun(db: Db, id: number): Promise<void> {
  const kept = slabById(db, id);
  if (kept) await plannedRun(db, kept.slab, kept.version, EPOCH, {}, 'background');
}
