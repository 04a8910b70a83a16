import type { Ingredient } from '$core/larder';
import type { Expected } from '$core/measure';

/**
 * Returns what an amount of an ingredient can be typed in besides a mass: a volume where its density is known, and a number of pieces
 * where the mass of one is known.
 *
 * @param ingredient the entry of the line in the larder of the run, if there is one
 */
export const countableAs = (
  line: { readonly ingredient: string },
  ingredient: Ingredient | null,
): Pick<Expected, 'densityGPerMl' | 'piece'> => ({
  densityGPerMl: ingredient?.densityGPerMl,
  piece:
    ingredient?.unitMassG === undefined
      ? undefined
      : { name: `${ingredient.name} ${line.ingredient}`, massG: ingredient.unitMassG },
});
