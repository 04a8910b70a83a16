import type { Allergen } from './allergenLists';
import { ingredientNamed, type Larder } from './match';
import type { Ingredient } from './types';

/** Path of an allergen into an ingredient: the compounds from the ingredient itself to the carrier. */
export type AllergenPaths = ReadonlyMap<string, readonly string[]>;

/**
 * Returns the allergens of an ingredient: its own, and those of its components at any depth.
 *
 * @param larder finds what it is made of; a name that is not in it adds nothing
 * @param slabLarder a slab file's own entries, which win
 * @returns each allergen with the names on the way to it; the shortest way stands
 * @example allergensOf({ name: 'praline paste', madeOf: [{ ingredient: 'hazelnuts' }] }, larder).get('tree nuts')
 * // ['praline paste', 'hazelnuts']
 */
export function allergensOf(ingredient: Ingredient, larder: Larder, slabLarder?: Larder): AllergenPaths {
  const found = new Map<string, readonly string[]>();
  const seen = new Set<Ingredient>();
  let level: { carrier: Ingredient; path: readonly string[] }[] = [{ carrier: ingredient, path: [ingredient.name] }];
  while (level.length > 0) {
    const next: typeof level = [];
    for (const { carrier, path } of level) {
      if (seen.has(carrier)) continue;
      seen.add(carrier);
      for (const allergen of carrier.allergens ?? []) if (!found.has(allergen)) found.set(allergen, path);
      for (const part of carrier.madeOf ?? []) {
        const inside = ingredientNamed(part.ingredient, larder, slabLarder);
        if (inside) next.push({ carrier: inside, path: [...path, inside.name] });
      }
    }
    level = next;
  }
  return found;
}

/** Returns whether an ingredient states its allergens, itself or by its components. An empty list states that it has none. */
export function declaresAllergens(ingredient: Ingredient | null): ingredient is Ingredient {
  return ingredient !== null && (ingredient.allergens !== undefined || (ingredient.madeOf ?? []).length > 0);
}

/**
 * Returns a name and those of its components at any depth, each once, with what the larder has for it.
 *
 * @param slabLarder a slab file's own entries, which win
 */
export function componentsOf(
  name: string,
  larder: Larder,
  slabLarder?: Larder,
): ReadonlyMap<string, Ingredient | null> {
  const found = new Map<string, Ingredient | null>([[name, null]]);
  // A map's keys include those added during the loop.
  for (const each of found.keys()) {
    const ingredient = ingredientNamed(each, larder, slabLarder);
    found.set(each, ingredient);
    for (const part of ingredient?.madeOf ?? []) if (!found.has(part.ingredient)) found.set(part.ingredient, null);
  }
  return found;
}

/** What is known of a slab's allergens. It is complete only if `unknownFor` is empty. */
export interface AllergenStatement {
  /** Declared in the larder, directly or by a component. */
  readonly contains: readonly Allergen[];
  /** Not declared, but listed in the starter list or stated by an ingredient's name. */
  readonly assumed: readonly Allergen[];
  /** Ingredients whose allergens are not known completely, in the order of the slab. */
  readonly unknownFor: readonly string[];
}
