/** Tasks that choose batches and plan a week. */
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import {
  batchesFor,
  prepareWeek,
  settingProblems,
  takesToPropose,
  waysOutOf,
  weekPlanOf,
  type BatchAnswer,
  type BatchAsk,
  type BatchWithPots,
  type WeekAsk,
  type WeekPlan,
  type WeekWayOut,
} from '$core/usecases';
import type { Read } from '$core/validation';
import { searchWeek } from '$core/week';
import { linearSolver } from './solvers';

/** What is wanted of which slabs, with their ingredients and the shop. */
export interface BatchesTask {
  readonly asked: BatchAsk;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

const BATCH_SECONDS = 4;

/** Chooses batches for what is wanted. */
export async function batches({ asked, ingredients, shop }: BatchesTask): Promise<Read<BatchAnswer>> {
  const larder = larderOf(ingredients);
  const problems = [...asked.slabs].flatMap(([id, slab]) =>
    settingProblems(slab, larder, shop).map((wrong) => ({ ...wrong, path: `/slabs/${id}${wrong.path}` })),
  );
  if (problems.length > 0) return { ok: false, problems };
  const solve = await linearSolver();
  return { ok: true, value: await batchesFor(asked, larder, shop, solve, BATCH_SECONDS) };
}

/** Batches that are not begun, with the day of each. */
export interface PotsTask {
  readonly batches: readonly BatchWithPots[];
  /** Day on which each is due, by its id. */
  readonly days: ReadonlyMap<string, string>;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

/** Proposes what batches of the same day take from one another's pots. */
export const pots = ({ batches, days, ingredients, shop }: PotsTask): ReturnType<typeof takesToPropose> =>
  takesToPropose(batches, larderOf(ingredients), shop, (a, b) => days.get(a) === days.get(b));

/** A week of batches, with their ingredients and the shop. */
export interface WeekTask {
  readonly asked: WeekAsk;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  /** Time of the search. */
  readonly seconds: number;
  /** Whether a slab that cannot be planned is a problem, and not only a batch without steps. */
  readonly isStrict?: boolean | undefined;
}

/** Share of the time of a search that is left for ways out, if something is late. */
const SHARE_FOR_WAYS_OUT = 0.35;

/** Plans a week in the time that is given. */
export function week({
  asked,
  ingredients,
  shop,
  seconds,
  isStrict = false,
}: WeekTask): Read<WeekPlan & { waysOut: WeekWayOut[] }> {
  const begun = performance.now();
  const isUp = (share: number) => performance.now() - begun > seconds * 1000 * share;
  const larder = larderOf(ingredients);
  const problems = (isStrict ? asked.batches : []).flatMap(({ slab, tins }, i) =>
    settingProblems(slab, larder, shop, { tins }).map((wrong) => ({
      ...wrong,
      path: `/batches/${i}${wrong.path}`,
    })),
  );
  if (problems.length > 0) return { ok: false, problems };
  const prepared = prepareWeek(asked, larder, shop);
  const found = searchWeek(
    prepared.question,
    (_, { score }) => !isUp(score.lateMinutes > 0 || score.unplaced > 0 ? 1 - SHARE_FOR_WAYS_OUT : 1),
  );
  const isLate = found.score.lateMinutes > 0 || found.score.unplaced > 0;
  const ways = isLate ? waysOutOf(prepared, found, () => isUp(1)) : [];
  return { ok: true, value: { ...weekPlanOf(prepared, found), waysOut: ways } };
}
