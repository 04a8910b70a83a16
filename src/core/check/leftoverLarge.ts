import { check } from './codes';
import type { Rule } from './types';

const MOST = 0.1;

/** Finds preparations with more left over than bowl scrapings. */
export const leftoverLarge: Rule = ({ slab, mixtures, scaling }) =>
  scaling.preparations.flatMap(({ leftoverShare, scaleFactor }, p) =>
    leftoverShare <= MOST || leftoverShare >= 1 || mixtures[p]!.massOutG === 0
      ? []
      : [
          check('leftover-large', `/preparations/${p}`, {
            ...{ preparation: slab.preparations[p]!.name, share: leftoverShare },
            massG: leftoverShare * mixtures[p]!.massOutG * scaleFactor,
          }),
        ],
  );
