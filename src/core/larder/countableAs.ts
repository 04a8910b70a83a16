import type { Expected } from '../measure';
import type { Ingredient } from './types';

/**
 * Returns what an amount of an ingredient can be typed in besides a mass: a volume where its density is known, and a number of pieces
 * where the mass of one is known, called by any of its names.
 *
 * @param ingredient as kept in a larder, or as far as it is entered; `null` for one that is in no larder
 * @param written its name in a recipe
 */
export const countableAs = (
  ingredient: Pick<Ingredient, 'name' | 'aliases' | 'densityGPerMl' | 'unitMassG'> | null,
  written = '',
): Pick<Expected, 'densityGPerMl' | 'piece'> => ({
  densityGPerMl: ingredient?.densityGPerMl,
  piece:
    ingredient?.unitMassG === undefined
      ? undefined
      : { name: [ingredient.name, ...(ingredient.aliases ?? []), written].join(' '), massG: ingredient.unitMassG },
});
