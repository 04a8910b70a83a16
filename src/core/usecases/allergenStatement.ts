import {
  ALLERGENS,
  allergensInName,
  componentsOf,
  declaresAllergens,
  ingredientNamed,
  larderOf,
  type AllergenStatement,
  type Larder,
} from '../larder';
import { larderMatch } from '../recipe';
import type { Slab } from '../slab';

/** Maximum length of an unrecognised line in the statement. */
const MAX_TEXT = 60;

/**
 * Returns what is known of a slab's allergens, in the order of the law's list.
 *
 * An ingredient without a declaration counts as the starter list has it, as an assumption. If the starter list does not have it
 * either, it is listed as unknown, whatever its name states. A declaration of no allergens is an empty list, not a missing one.
 *
 * @param larder finds the larder's ingredients
 * @param starter finds entries of the starter list, by any of their names
 */
export function allergenStatement(slab: Slab, larder: Larder, starter: Larder): AllergenStatement {
  const slabLarder = larderOf(slab.larder ?? []);
  const contains = new Set<string>();
  const assumed = new Set<string>();
  const unknownFor = new Set<string>();

  const add = (line: string) => {
    for (const [name, ingredient] of componentsOf(line, larder, slabLarder)) {
      for (const allergen of ingredient?.allergens ?? []) contains.add(allergen);
      if (declaresAllergens(ingredient)) continue;
      const listed = larderMatch(name, starter)?.allergens;
      if (!listed) unknownFor.add(line);
      for (const allergen of listed ?? allergensInName(name)) assumed.add(allergen);
    }
  };

  for (const { lines, unread = [] } of slab.preparations) {
    for (const { ingredient, quantity } of lines) if (quantity > 0) add(ingredient);
    for (const text of unread) unknownFor.add(text.length > MAX_TEXT ? `${text.slice(0, MAX_TEXT - 1)}…` : text);
  }
  return {
    contains: ALLERGENS.filter((allergen) => contains.has(allergen)),
    assumed: ALLERGENS.filter((allergen) => assumed.has(allergen) && !contains.has(allergen)),
    unknownFor: [...unknownFor],
  };
}

/** Returns the names of a slab whose allergens the larder does not declare: those to look up in the starter list. */
export function undeclaredNames(names: readonly string[], larder: Larder): string[] {
  return names.filter((name) => !declaresAllergens(ingredientNamed(name, larder)));
}
