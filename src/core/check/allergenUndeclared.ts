import { allergensInName, allergensOf, type Ingredient } from '../larder';
import { check } from './codes';
import type { Rule } from './types';

/**
 * Finds larder ingredients whose name states an allergen that their declaration lacks. An ingredient without any declaration is in the
 * allergen statement as unknown instead. Wheat is skipped beside gluten, since only some laws list it separately.
 */
export const allergenUndeclared: Rule = ({ mixtures, larder, slabLarder }) => {
  const checked = new Set<Ingredient>();
  return mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ ingredient }, l) => {
      if (!ingredient?.allergens || checked.has(ingredient)) return [];
      checked.add(ingredient);
      const declared = allergensOf(ingredient, larder, slabLarder);
      const missing = allergensInName(ingredient.name).filter(
        (allergen) => !declared.has(allergen) && !(allergen === 'wheat' && declared.has('gluten')),
      );
      if (missing.length === 0) return [];
      return [
        check('allergen-undeclared', `/preparations/${p}/lines/${l}/ingredient`, {
          ingredient: ingredient.name,
          allergens: missing,
        }),
      ];
    }),
  );
};
