import type { Rule } from './types';

/** A preparation whose thickness rests on a density that nobody gave. */
export const assumedDensity: Rule = ({ slab, mixtures, figures }) =>
  mixtures.flatMap(({ densityFrom, massInG }, p) =>
    densityFrom !== 'assumed' || massInG === 0
      ? []
      : [
          {
            code: 'assumed-density',
            where: `/preparations/${p}/densityGPerMl`,
            message: `${slab.preparations[p]!.name} has no density: ${figures.density.say(mixtures[p]!.densityGPerMl)} is assumed for its thickness. Weigh ${figures.volume.unit === 'ml' ? '100 ml' : 'a cup'} of it and write the figure`,
          },
        ],
  );
