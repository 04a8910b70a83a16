import { behaviourOf } from '../classify';
import { layerParts } from '../scale';
import type { Rule } from './types';

const MOST = 0.25;

/** A chocolate top so thick that it cracks what is under it when it is cut. */
export const chocolateTop: Rule = ({ slab, mixtures, scaling }) =>
  scaling.slabs.flatMap(({ layers, heightMm }) => {
    const at = layers.findLastIndex(({ thicknessMm }) => thicknessMm > 0);
    const top = layers[at];
    if (!top || at === 0 || top.spread !== 'level') return [];
    const share = top.thicknessMm / heightMm;
    const behaviour = behaviourOf(layerParts(slab.layers[at]!, slab, mixtures));
    if (behaviour !== 'chocolate' || share <= MOST) return [];
    return [
      {
        code: 'chocolate-top-thick',
        where: `/layers/${at}`,
        message: `${top.name} is ${(share * 100).toFixed(0)} % of the height: over a quarter squeezes out what lies below when it is cut. Make it thinner, or soften it with 5-10 % oil`,
      },
    ];
  });
