import { METRIC } from '$core/measure';
import { stepTexts } from '$wording/steps';
/** The demo shop: its larder, rack, slabs. */
import { readdirSync, readFileSync } from 'node:fs';
import { larderOf, type Ingredient } from '$core/larder';
import type { RunPlan } from '$core/run';
import type { Shop } from '$core/shop';
import { readSlab, type Slab } from '$core/slab';
import type { RackTin } from '$core/tin';
import type { SharedPot } from '$core/time';
import { layOutDay, plan, runPlanOf, workOf } from '$core/usecases';

export const shop: Shop = { name: '', currency: 'EUR', measures: 'metric', scaleStepG: 1 };

const demoFile = (name: string) => readFileSync(new URL(`../../demo/${name}`, import.meta.url), 'utf8');

export const demoIngredients = JSON.parse(demoFile('larder.json')) as Ingredient[];
export const demoLarder = larderOf(demoIngredients);

/** What the starter list knows. */
export const starterIngredients = JSON.parse(
  readFileSync(new URL('../../starter/larder.json', import.meta.url), 'utf8'),
) as Ingredient[];

export const demoShop = JSON.parse(demoFile('shop.json')) as Shop;

export const demoRack = JSON.parse(demoFile('tins.json')) as RackTin[];

export const demoSlabs: Slab[] = readdirSync(new URL('../../demo/slabs/', import.meta.url)).map((name) => {
  const read = readSlab(demoFile(`slabs/${name}`));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`);
  return read.value;
});
export const ryeSlice = demoSlabs.find(({ name }) => name === 'Rye and treacle slice')!;

/** What a run of a slab starts with. */
export function runPlanFor(
  slab: Slab,
  { hands = 1, begin = '2026-11-27T08:00:00Z' } = {},
  shared: readonly SharedPot[] = [],
): RunPlan {
  const means = { hands, ovens: 1, rings: 4 };
  const start = new Date(begin);
  const day = layOutDay(workOf(slab, demoLarder, shop, { shared }), { start, ...means, hours: [], zone: 'UTC' }, start);
  return runPlanOf(
    slab,
    shop,
    plan(slab, demoLarder, shop),
    day,
    { version: 1, lot: 'L261127', begin, means },
    stepTexts(METRIC),
    shared,
  );
}
