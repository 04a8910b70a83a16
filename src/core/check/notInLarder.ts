import type { Rule } from './types';

/** A line whose name the larder does not know. Grams still count; price, volume and allergens are not known. */
export const notInLarder: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why, massG, guess }, l) => {
      if (why !== 'not-in-larder') return [];
      const { ingredient } = slab.preparations[p]!.lines[l]!;
      const weight = massG === null ? '' : figures.mass.say(massG);
      const isGuess = guess?.of.includes('mass');
      const lost =
        massG === null
          ? 'It counts as 0'
          : isGuess
            ? `It is taken to weigh ${weight}, as ${guess!.as}, and has no price`
            : `Its ${weight} are weighed but not priced`;
      return [
        {
          code: 'not-in-larder',
          where: `/preparations/${p}/lines/${l}/ingredient`,
          message: `The larder has no "${ingredient}". ${lost}. Add it to the larder, or write the name that the larder uses`,
        },
      ];
    }),
  );
