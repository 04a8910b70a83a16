import { check } from './codes';
import type { Rule } from './types';

/** Finds preparations whose layer thickness depends on an assumed density. */
export const assumedDensity: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ densityFrom, massInG }, p) =>
    densityFrom !== 'assumed' || massInG === 0
      ? []
      : [
          check('assumed-density', `/preparations/${p}/densityGPerMl`, {
            ...{ preparation: slab.preparations[p]!.name, gPerMl: mixtures[p]!.densityGPerMl },
          }),
        ],
  );
