/** Computes in a worker what other cuts and larger batches of a slab would earn. */
import { READY } from './newestAnswer';
import type { RunMinutes } from '$core/cost';
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import { cutsByMoney, plan, priceSlab, runsByMoney, type MoneyCut, type MoneyRun } from '$core/usecases';

export interface MoneyQuestion {
  readonly of: 'cuts' | 'runs';
  readonly slab: Slab;
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
  readonly run: RunMinutes | null;
}
export interface MoneyAnswer {
  readonly cuts: readonly MoneyCut[];
  readonly runs: readonly MoneyRun[];
}

/** Maximum batch of a small workroom, slabs. */
const COUNTS = [1, 2, 3, 4] as const;

addEventListener('message', ({ data }: MessageEvent<MoneyQuestion>) => {
  const { of, slab, ingredients, shop, run } = data;
  const larder = larderOf(ingredients);
  const planned = plan(slab, larder, shop);
  const cuts = of === 'cuts' ? cutsByMoney(slab, larder, shop, planned, priceSlab(slab, shop, planned, run), run) : [];
  const runs = of === 'runs' ? runsByMoney(slab, larder, shop, COUNTS) : [];
  postMessage({ cuts, runs } satisfies MoneyAnswer);
});
postMessage(READY);
