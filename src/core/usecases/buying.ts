import { cashToBuy, packsToBuy } from '../cost';
import { ingredientNamed, larderOf, plainName, type Ingredient, type Larder } from '../larder';
import type { Shop } from '../shop';
import { tinsOf, type Scale, type Slab } from '../slab';
import type { TinCount } from '../tin';
import { plan } from './plan';

/** A batch that is to be made. */
export interface BatchToBuyFor {
  readonly slab: Slab;
  readonly tins?: readonly TinCount[] | undefined;
  readonly scale?: Scale | undefined;
  /** When its ingredients must be there, ms since 1970. */
  readonly beginMs: number;
}

/** What a run that has begun still needs of an ingredient. */
export interface NeededByRun {
  readonly ingredient: string;
  /** `null` where a line has no weight. */
  readonly massG: number | null;
  readonly beginMs: number;
}

/** One ingredient to buy. */
export interface BuyLine {
  readonly ingredient: string;
  /** What the batches need, g; `null` if a line cannot be weighed. */
  readonly needG: number | null;
  /** What is on the shelf, g; `null` if nobody has counted it. */
  readonly heldG: number | null;
  /** Whole usual packs to buy; `null` if the larder has no pack. */
  readonly pack: {
    readonly name: string;
    readonly massG: number;
    readonly count: number;
    readonly cash: number | null;
  } | null;
  readonly supplier: string | null;
  /** When the shelf runs out, ms since 1970; `null` where only the minimum stock is missing. */
  readonly byMs: number | null;
  /** Minimum stock, g. */
  readonly minimumG: number | null;
}

interface Need {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  readonly portions: { readonly massG: number | null; readonly beginMs: number }[];
}

/**
 * Returns what to buy: what batches and runs need beyond the shelf, and what falls below its minimum stock, in whole usual packs. Each line
 * says by when it must be there: when the first batch begins that the shelf is not enough for, the earliest first.
 *
 * An ingredient without a weight is listed, as it cannot be known whether there is enough of it.
 *
 * @param shelf every ingredient that has a minimum stock, and those that the batches name, with what is held
 */
export function buyingList(
  batches: readonly BatchToBuyFor[],
  runs: readonly NeededByRun[],
  shelf: readonly Ingredient[],
  shop: Shop,
): BuyLine[] {
  const larder = larderOf(shelf);
  const needs = new Map<string, Need>();
  const need = (name: string, own: Larder | undefined, massG: number | null, beginMs: number) => {
    const ingredient = ingredientNamed(name, larder, own);
    const key = plainName(ingredient?.name ?? name);
    const before = needs.get(key) ?? { name: ingredient?.name ?? name, ingredient, portions: [] };
    before.portions.push({ massG, beginMs });
    needs.set(key, before);
  };
  for (const { slab, tins = tinsOf(slab), scale, beginMs } of batches) {
    const planned = plan(slab, larder, shop, { tins, ...(scale ? { scale } : {}) });
    const own = slab.larder ? larderOf(slab.larder) : undefined;
    for (const { lines } of planned.preparations)
      for (const { ingredient, massG } of lines) need(ingredient, own, massG, beginMs);
  }
  for (const { ingredient, massG, beginMs } of runs) need(ingredient, undefined, massG, beginMs);
  for (const ingredient of shelf)
    if (ingredient.minimumStockG !== undefined && !needs.has(plainName(ingredient.name)))
      needs.set(plainName(ingredient.name), { name: ingredient.name, ingredient, portions: [] });
  return [...needs.values()]
    .flatMap((one) => lineOf(one) ?? [])
    .sort((a, b) => (a.byMs ?? Infinity) - (b.byMs ?? Infinity) || (a.ingredient < b.ingredient ? -1 : 1));
}

const EPS_G = 1e-6;

function lineOf({ name, ingredient, portions }: Need): BuyLine | null {
  const isKnown = portions.every(({ massG }) => massG !== null);
  const needG = isKnown ? portions.reduce((sum, { massG }) => sum + massG!, 0) : null;
  const heldG = ingredient?.heldG ?? null;
  const minimumG = ingredient?.minimumStockG ?? null;
  const shelfG = heldG ?? 0;
  let used = 0;
  let byMs: number | null = null;
  for (const { massG, beginMs } of [...portions].sort((a, b) => a.beginMs - b.beginMs)) {
    used += massG ?? 0;
    if (byMs === null && (massG === null || used > shelfG + EPS_G)) byMs = beginMs;
  }
  const lacksG = Math.max(0, used + (minimumG ?? 0) - shelfG);
  if (byMs === null && lacksG <= EPS_G) return null;
  const [pack] = ingredient?.packs ?? [];
  // What costs nothing, such as water from the tap, is not bought.
  if (pack?.price === 0) return null;
  return {
    ...{ ingredient: name, needG, heldG, minimumG, byMs },
    pack: pack
      ? {
          name: pack.name,
          massG: pack.massG,
          count: packsToBuy(ingredient, lacksG) ?? 0,
          cash: cashToBuy(ingredient, lacksG),
        }
      : null,
    supplier: pack?.supplier ?? null,
  };
}
