import type { Rule } from './types';

/** A preparation whose thickness rests on a density that nobody gave. */
export const assumedDensity: Rule = ({ slab, mixtures }) =>
  mixtures.flatMap(({ densityFrom, massInG }, p) =>
    densityFrom !== 'assumed' || massInG === 0
      ? []
      : [
          {
            code: 'assumed-density',
            where: `/preparations/${p}/densityGPerMl`,
            message: `${slab.preparations[p]!.name} has no density: 1.00 g per mL is assumed for its thickness. Weigh 100 mL of it and write the figure`,
          },
        ],
  );
