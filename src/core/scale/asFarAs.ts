import { ingredientNamed, plainName, type Larder } from '../larder';
import { massOf, type Measures } from '../measure';
import type { Have, Slab } from '../slab';
import type { Prepared } from './prepared';

/** How far the cupboard reaches. */
export interface AsFar {
  /** Times the written amounts. */
  readonly by: number;
  /** The ingredient that runs out first, or null where nothing given is in the slab. */
  readonly limit: string | null;
  /** What is left of each thing given, g; 0 of the limit. */
  readonly left: readonly { readonly ingredient: string; readonly leftG: number }[];
  /** Given things that the slab does not use, or that cannot be weighed. */
  readonly ignored: readonly string[];
}

/**
 * The largest slab that some given amounts allow: the least of (have / written) over what is given.
 *
 * What is not given is taken to be enough. An ingredient that several lines name is counted once, over all of them.
 *
 * @param made the preparations as written, in the slab's order
 */
export function asFarAs(
  have: readonly Have[],
  slab: Slab,
  made: readonly Prepared[],
  larder: Larder,
  own: Larder | undefined,
  measures: Measures,
): AsFar {
  const nameOf = (name: string) => plainName(ingredientNamed(name, larder, own)?.name ?? name);
  const neededG = new Map<string, number>();
  slab.preparations.forEach(({ lines }, p) =>
    lines.forEach(({ ingredient }, l) => {
      const name = nameOf(ingredient);
      neededG.set(name, (neededG.get(name) ?? 0) + (made[p]!.lines[l]!.massG ?? 0));
    }),
  );
  const counted = have.map((one) => {
    const weighed = massOf(one, ingredientNamed(one.ingredient, larder, own) ?? {}, measures);
    const needG = neededG.get(nameOf(one.ingredient)) ?? 0;
    return { ingredient: one.ingredient, needG, haveG: weighed.ok && needG > 0 ? weighed.massG : null };
  });
  const usable = counted.flatMap(({ haveG, ...one }) => (haveG === null ? [] : [{ ...one, haveG }]));
  const by = usable.reduce((least, { haveG, needG }) => Math.min(least, haveG / needG), Infinity);
  const times = Number.isFinite(by) ? by : 1;
  return {
    by: times,
    limit: usable.find(({ haveG, needG }) => haveG / needG === by)?.ingredient ?? null,
    left: usable.map(({ ingredient, haveG, needG }) => ({ ingredient, leftG: Math.max(0, haveG - needG * times) })),
    ignored: counted.filter(({ haveG }) => haveG === null).map(({ ingredient }) => ingredient),
  };
}
