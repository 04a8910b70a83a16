import type { Ingredient } from './types';

/** Ingredients by name and alias, in the form of `plainName`. */
export type Larder = Pick<ReadonlyMap<string, Ingredient>, 'get'>;

/**
 * Normalises a name for comparison: case, encoding of accents and extra spaces do not count.
 *
 * @example plainName('  Rye  Flour ') // 'rye flour'
 */
export function plainName(name: string): string {
  const known = plainNames.get(name);
  if (known !== undefined) return known;
  const plain = name.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();
  if (plainNames.size >= MAX_REMEMBERED) plainNames.clear();
  plainNames.set(name, plain);
  return plain;
}

/** Normalised names: a plan compares the same few dozen again and again. */
const plainNames = new Map<string, string>();
const MAX_REMEMBERED = 2000;

/**
 * Returns a larder that finds ingredients by name or alias. Names win over aliases; of two equal names the first wins.
 *
 * @param ingredients in the shop's order
 */
export function larderOf(ingredients: readonly Ingredient[]): ReadonlyMap<string, Ingredient> {
  const found = new Map<string, Ingredient>();
  const add = (name: string, ingredient: Ingredient) => {
    const key = plainName(name);
    if (!found.has(key)) found.set(key, ingredient);
  };
  for (const ingredient of ingredients) add(ingredient.name, ingredient);
  for (const ingredient of ingredients) for (const alias of ingredient.aliases ?? []) add(alias, ingredient);
  return found;
}

/** Returns the ingredient that a name means, or `null`. A slab file's own entries win over the shop's. */
export function ingredientNamed(name: string, larder: Larder, slabLarder?: Larder): Ingredient | null {
  const key = plainName(name);
  return slabLarder?.get(key) ?? larder.get(key) ?? null;
}
