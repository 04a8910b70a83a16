import { tinInWords } from '../tin';
import type { Rule } from './types';

/** A layer that stands above the rim of its tin. */
export const tinOverflow: Rule = ({ scaling, figures }) =>
  scaling.slabs.flatMap(({ tin, layers, heightMm }) => {
    // A sheet without bars has no rim.
    if (tin.depthMm === 0 || heightMm <= tin.depthMm + 1e-6) return [];
    const found = layers.findIndex(({ fromMm, thicknessMm }) => fromMm + thicknessMm > tin.depthMm + 1e-6);
    const at = found === -1 ? layers.length - 1 : found;
    const over = figures.length.say(heightMm - tin.depthMm);
    return [
      {
        code: 'tin-overflow',
        where: `/layers/${at}`,
        message: `The slab is ${figures.length.say(heightMm)} high and the tin (${tinInWords(tin, figures)}) holds ${figures.size(tin.depthMm)}: ${over} too much. Take a deeper or wider tin, or make ${layers[at]!.name} thinner`,
      },
    ];
  });
