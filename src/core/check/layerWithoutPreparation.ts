import { check } from './codes';
import type { Rule } from './types';

/** A layer that is laid from nothing. */
export const layerWithoutPreparation: Rule = ({ slab }) =>
  slab.layers.flatMap(({ name, from }, at) =>
    from.some(({ share }) => share > 0) ? [] : [check('layer-without-preparation', `/layers/${at}`, { layer: name })],
  );
