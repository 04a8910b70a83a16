import { check } from './codes';
import type { Rule } from './types';

/** A film that the written amounts do not reach to. */
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
