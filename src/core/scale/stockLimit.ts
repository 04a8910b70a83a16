import { ingredientNamed, plainName, type Larder } from '../larder';
import { massOf, type Measures } from '../measure';
import type { StockItem, Slab } from '../slab';
import type { Mixture } from './mixture';

/** The largest batch that the stock allows. */
export interface StockLimit {
  /** Factor on the base recipe. */
  readonly scaleFactor: number;
  /** The ingredient that runs out first, or `null` if none of the stock is used. */
  readonly limit: string | null;
  /** Remaining stock, g; 0 for the limiting ingredient. */
  readonly left: readonly { readonly ingredient: string; readonly leftG: number }[];
  /** Stock entries that the slab does not use, or that cannot be weighed. */
  readonly ignored: readonly string[];
}

/**
 * Returns the largest batch that the given stock allows: the minimum of stock divided by the written amount.
 *
 * What is not given is taken to be enough. An ingredient that several lines name is counted once, over all of them.
 *
 * @param mixtures the preparations as written, in the slab's order
 */
export function stockLimitOf(
  stock: readonly StockItem[],
  slab: Slab,
  mixtures: readonly Mixture[],
  larder: Larder,
  slabLarder: Larder | undefined,
  measures: Measures,
): StockLimit {
  const nameOf = (name: string) => plainName(ingredientNamed(name, larder, slabLarder)?.name ?? name);
  const neededG = new Map<string, number>();
  slab.preparations.forEach(({ lines }, p) =>
    lines.forEach(({ ingredient }, l) => {
      const name = nameOf(ingredient);
      neededG.set(name, (neededG.get(name) ?? 0) + (mixtures[p]!.lines[l]!.massG ?? 0));
    }),
  );
  const counted = stock.map((item) => {
    const weighed = massOf(item, ingredientNamed(item.ingredient, larder, slabLarder) ?? {}, measures);
    const needG = neededG.get(nameOf(item.ingredient)) ?? 0;
    return { ingredient: item.ingredient, needG, haveG: weighed.ok && needG > 0 ? weighed.massG : null };
  });
  const usable = counted.flatMap(({ haveG, ...item }) => (haveG === null ? [] : [{ ...item, haveG }]));
  const least = usable.reduce((low, { haveG, needG }) => Math.min(low, haveG / needG), Infinity);
  const scaleFactor = Number.isFinite(least) ? least : 1;
  return {
    scaleFactor,
    limit: usable.find(({ haveG, needG }) => haveG / needG === least)?.ingredient ?? null,
    left: usable.map(({ ingredient, haveG, needG }) => ({
      ingredient,
      leftG: Math.max(0, haveG - needG * scaleFactor),
    })),
    ignored: counted.filter(({ haveG }) => haveG === null).map(({ ingredient }) => ingredient),
  };
}
