import { check } from './codes';
import type { Rule } from './types';

/** Finds layers without a mixture. */
export const layerWithoutPreparation: Rule = ({ slab }) =>
  slab.layers.flatMap(({ name, from }, at) =>
    from.some(({ share }) => share > 0) ? [] : [check('layer-without-preparation', `/layers/${at}`, { layer: name })],
  );
