import { ingredientNamed, plainName, type Larder } from '../larder';
import { massOf, type Measures } from '../measure';
import type { StockItem, Slab } from '../slab';
import type { Mixture } from './mixture';

/** How far the cupboard reaches. */
export interface StockLimit {
  /** Times the written amounts. */
  readonly scaleFactor: number;
  /** The ingredient that runs out first, or null where nothing given is in the slab. */
  readonly limit: string | null;
  /** What is left of each thing given, g; 0 of the limit. */
  readonly left: readonly { readonly ingredient: string; readonly leftG: number }[];
  /** Given things that the slab does not use, or that cannot be weighed. */
  readonly ignored: readonly string[];
}

/**
 * The largest slab that some given amounts allow: the least of (what there is / what is written) over what is given.
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
