import { allergensDenied, allergensInName, allergensOf, type Allergen, type Ingredient } from '../larder';
import { check } from './codes';
import type { Facts, Rule } from './types';

/** Calls a function once for each larder ingredient of a slab, with the JSON pointer of its first line. */
function forEachIngredient<T>(
  { mixtures }: Facts,
  found: (ingredient: Ingredient, where: string) => readonly T[],
): T[] {
  const seen = new Set<Ingredient>();
  return mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient }, l) => {
      if (!ingredient?.allergens || seen.has(ingredient)) return [];
      seen.add(ingredient);
      return found(ingredient, `/preparations/${p}/lines/${l}/ingredient`);
    }),
  );
}

/**
 * Finds larder ingredients whose name states an allergen that their declaration lacks. An ingredient without any declaration is in the
 * allergen statement as unknown instead. Wheat is skipped beside gluten, since only some laws list it separately.
 */
export const allergenUndeclared: Rule = (facts) =>
  forEachIngredient(facts, (ingredient, where) => {
    const declared = allergensOf(ingredient, facts.larder, facts.slabLarder);
    const missing = allergensInName(ingredient.name).filter(
      (allergen) => !declared.has(allergen) && !(allergen === 'wheat' && declared.has('gluten')),
    );
    return missing.length === 0
      ? []
      : [check('allergen-undeclared', where, { ingredient: ingredient.name, allergens: missing })];
  });

/** Finds larder ingredients that declare an allergen which their name says they are free from. */
export const allergenDenied: Rule = (facts) =>
  forEachIngredient(facts, ({ name, allergens = [] }, where) => {
    const denied = allergensDenied(name);
    const both: Allergen[] = allergens.filter((allergen) => denied.includes(allergen));
    return both.length === 0 ? [] : [check('allergen-denied', where, { ingredient: name, allergens: both })];
  });
