import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import { cutWork, tinsOf, type Slab } from '$core/slab';
import { asksForTins, plan, type Plan, type PlanOptions } from '$core/usecases';
import { runTask, type Lane, type TaskDone } from './tasks/pool';

/** Share of the cutting budget up to which a plan takes a few milliseconds. */
const QUICK_WORK = 0.1;

/** Tells whether a plan has too many pieces for the main thread. */
export function isHeavy(slab: Slab, { tins, cut, scale }: PlanOptions = {}): boolean {
  const cutting = { layers: slab.layers, tins: tins ?? tinsOf(slab), cut: cut ?? slab.cut, scale: scale ?? slab.scale };
  return cutWork(cutting) > QUICK_WORK;
}

/**
 * Plans a saved slab, directly or, if it is much work, in a thread.
 *
 * @returns the plan, or the answer to send where it took too long or the server is too busy
 */
export async function planned(
  slab: Slab,
  ingredients: readonly Ingredient[],
  shop: Shop,
  lane: Lane = 'general',
): Promise<TaskDone<Plan>> {
  if (isHeavy(slab)) return runTask('planInItsTins', { slab, ingredients, shop }, lane);
  return { ok: true, value: plan(slab, larderOf(ingredients), shop) };
}

/** Plans a slab for a request; for an order in the tins with the least waste. */
export async function plannedAsAsked(
  slab: Slab,
  ingredients: readonly Ingredient[],
  shop: Shop,
  asked: PlanOptions,
): Promise<TaskDone<Plan>> {
  if (isHeavy(slab, asked) || asksForTins(slab, asked)) return runTask('plan', { slab, ingredients, shop, asked });
  return { ok: true, value: plan(slab, larderOf(ingredients), shop, asked) };
}
