import { behaviourOf } from '../classify';
import { layerParts } from '../scale';
import { check } from './codes';
import type { Rule } from './types';

const MOST = 0.25;

/** Finds chocolate tops so thick that cutting them cracks the layers below. */
export const chocolateTop: Rule = ({ slab, mixtures, scaling }) =>
  scaling.slabs.flatMap(({ layers, heightMm }) => {
    const at = layers.findLastIndex(({ thicknessMm }) => thicknessMm > 0);
    const top = layers[at];
    if (!top || at === 0 || top.spread !== 'level') return [];
    const share = top.thicknessMm / heightMm;
    const behaviour = behaviourOf(layerParts(slab.layers[at]!, slab, mixtures));
    if (behaviour !== 'chocolate' || share <= MOST) return [];
    return [check('chocolate-top-thick', `/layers/${at}`, { layer: top.name, share })];
  });
