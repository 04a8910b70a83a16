import { check } from './codes';
import type { Rule } from './types';

/** Finds lines whose ingredient is not in the larder. Their grams count; price, volume and allergens are unknown. */
export const notInLarder: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why, massG, guess }, l) => {
      if (why !== 'not-in-larder') return [];
      return [
        check('not-in-larder', `/preparations/${p}/lines/${l}/ingredient`, {
          ingredient: slab.preparations[p]!.lines[l]!.ingredient,
          massG,
          guessedAs: guess?.of.includes('mass') ? guess.as : null,
        }),
      ];
    }),
  );
