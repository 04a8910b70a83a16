import type { Rule } from './types';

/** A line whose name the larder does not know. Grams still count; price, volume and allergens are not known. */
export const notInLarder: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ lines }, p) =>
    lines.flatMap(({ why, massG }, l) => {
      if (why !== 'not-in-larder') return [];
      const { ingredient } = slab.preparations[p]!.lines[l]!;
      const lost = massG === null ? 'It counts as 0' : `Its ${figures.mass.say(massG)} are weighed but not priced`;
      return [
        {
          code: 'not-in-larder',
          where: `/preparations/${p}/lines/${l}/ingredient`,
          message: `The larder has no "${ingredient}". ${lost}. Add it to the larder, or write the name that the larder uses`,
        },
      ];
    }),
  );
