import type { Rule } from './types';

/** A film that the written amounts do not reach to. */
export const filmShort: Rule = ({ slab, scaling, figures }) =>
  scaling.written.flatMap(({ reaches, layer }, at) =>
    reaches > 1 - 1e-9
      ? []
      : [
          {
            code: 'film-short',
            where: `/layers/${at}`,
            message: `${slab.layers[at]!.name}: the written amounts give ${(reaches * 100).toFixed(0)} % of what ${layer.spread === 'per-piece' ? `${figures.mass.say(layer.gramsPerPiece!)} on each piece` : `a film of ${figures.size(layer.thicknessMm!)}`} needs. Write more of it, or ask for less`,
          },
        ],
  );
