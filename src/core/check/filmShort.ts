import { check } from './codes';
import type { Rule } from './types';

/** Finds films for which the written amounts are too small. */
export const filmShort: Rule = ({ slab, scaling }) =>
  scaling.written.flatMap(({ reaches, layer }, at) =>
    reaches > 1 - 1e-9
      ? []
      : [
          check('film-short', `/layers/${at}`, {
            ...{ layer: slab.layers[at]!.name, share: reaches },
            thicknessMm: layer.spread === 'per-piece' ? null : layer.thicknessMm!,
            perPieceG: layer.spread === 'per-piece' ? layer.gramsPerPiece! : null,
          }),
        ],
  );
