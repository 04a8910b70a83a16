import { check } from './codes';
import type { Rule } from './types';

/** Finds lines of larder ingredients that cannot be converted to grams, or only by an estimate. */
export const unweighedLine: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why, massG, guess }, l) => {
      if (why === null || why === 'not-in-larder') return [];
      const { ingredient, unit } = slab.preparations[p]!.lines[l]!;
      const guessedAs = massG === null ? null : guess!.as;
      return [check(why, `/preparations/${p}/lines/${l}`, { ingredient, unit, massG, guessedAs })];
    }),
  );
