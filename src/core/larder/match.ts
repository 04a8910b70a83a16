import type { Ingredient } from './types';

/** Ingredients by every name they go by, as `plainName` writes it. */
export type Larder = Pick<ReadonlyMap<string, Ingredient>, 'get'>;

/**
 * A name as it is compared: case, accents' encoding, spaces at the ends and doubled spaces do not count.
 *
 * @example plainName('  Rye  Flour ') // 'rye flour'
 */
export function plainName(name: string): string {
  return name.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();
}

/**
 * A larder that finds ingredients by name or alias. Names win over aliases; of two equal names the first stands.
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

/** The ingredient that a written name means, or null. A slab file's own entries win over the shop's. */
export function ingredientNamed(name: string, larder: Larder, slabLarder?: Larder): Ingredient | null {
  const key = plainName(name);
  return slabLarder?.get(key) ?? larder.get(key) ?? null;
}
