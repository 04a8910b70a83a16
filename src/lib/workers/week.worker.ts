/** Plans a week in a worker: the best plan so far comes while the search goes on. */
import { READY } from './newestAnswer';
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import {
  prepareWeek,
  waysOutOf,
  weekPlanOf,
  type KnownWorks,
  type WeekAsk,
  type WeekPlan,
  type WeekWayOut,
} from '$core/usecases';
import { compareScores, searchWeek, type WeekScore } from '$core/week';

export interface WeekQuestionAsked {
  readonly asked: WeekAsk;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly seconds: number;
  /** Whether ways out are looked for if something is late. */
  readonly withWaysOut: boolean;
}

export interface WeekAnswer {
  readonly plan: WeekPlan;
  readonly waysOut: readonly WeekWayOut[];
  /** Share of the time that has passed, 0 to 1. */
  readonly progress: number;
  readonly isLast: boolean;
}

const TELL_MS = 500;
/** Time for ways out, after the plan, ms. */
const WAYS_OUT_MS = 3000;

/** Steps of the slabs of the last question, and what they depend on. */
let last: { readonly key: string; readonly known: KnownWorks } = { key: '', known: new Map() };

addEventListener('message', ({ data }: MessageEvent<WeekQuestionAsked>) => {
  const { asked, ingredients, shop, seconds, withWaysOut } = data;
  const key = JSON.stringify([ingredients, shop]);
  if (key !== last.key) last = { key, known: new Map() };
  const prepared = prepareWeek(asked, larderOf(ingredients), shop, last.known);
  const begun = performance.now();
  const passed = () => (performance.now() - begun) / (seconds * 1000 || 1);
  let told = begun;
  let shown: WeekScore | null = null;
  const tell = (plan: WeekPlan, waysOut: readonly WeekWayOut[], isLast: boolean) =>
    postMessage({ plan, waysOut, progress: isLast ? 1 : Math.min(1, passed()), isLast } satisfies WeekAnswer);
  const found = searchWeek(prepared.question, (_, best) => {
    if (performance.now() - told > TELL_MS && (shown === null || compareScores(best.score, shown) < 0)) {
      told = performance.now();
      shown = best.score;
      tell(weekPlanOf(prepared, best), [], false);
    }
    return passed() < 1;
  });
  const plan = weekPlanOf(prepared, found);
  const planned = performance.now();
  const isLate = plan.late.length > 0 && withWaysOut;
  if (isLate) tell(plan, [], false);
  const waysOut = isLate ? waysOutOf(prepared, found, () => performance.now() > planned + WAYS_OUT_MS) : [];
  tell(plan, waysOut, true);
});
postMessage(READY);
