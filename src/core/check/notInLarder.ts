import { check } from './codes';
import type { Rule } from './types';

/** A line whose name the larder does not know. Grams still count; price, volume and allergens are not known. */
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
