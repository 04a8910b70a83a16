import type { Rule } from './types';

/** A film that the written amounts do not reach to. */
export const filmShort: Rule = ({ slab, scaling }) =>
  scaling.written.flatMap(({ reaches, layer }, at) =>
    reaches > 1 - 1e-9
      ? []
      : [
          {
            code: 'film-short',
            where: `/layers/${at}`,
            message: `${slab.layers[at]!.name}: the written amounts give ${(reaches * 100).toFixed(0)} % of what ${layer.spread === 'per-piece' ? `${layer.gramsPerPiece} g on each piece` : `a film of ${layer.thicknessMm} mm`} needs. Write more of it, or ask for less`,
          },
        ],
  );
