import type { Rule } from './types';

const MOST = 0.1;

/** More of a preparation left over than a bowl's scrapings. */
export const leftoverLarge: Rule = ({ slab, mixtures, scaling, figures }) =>
  scaling.preparations.flatMap(({ leftoverShare, scaleFactor }, p) =>
    leftoverShare <= MOST || leftoverShare >= 1 || mixtures[p]!.massOutG === 0
      ? []
      : [
          {
            code: 'leftover-large',
            where: `/preparations/${p}`,
            message: `${figures.mass.say(leftoverShare * mixtures[p]!.massOutG * scaleFactor)} of ${slab.preparations[p]!.name}, ${(leftoverShare * 100).toFixed(0)} %, are left over. Make less of it, or give a layer more`,
          },
        ],
  );
