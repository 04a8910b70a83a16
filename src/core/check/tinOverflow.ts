import { tinInWords } from '../tin';
import type { Rule } from './types';

/** A layer that stands above the rim of its tin. */
export const tinOverflow: Rule = ({ scaling }) =>
  scaling.slabs.flatMap(({ tin, layers, heightMm }) => {
    // A sheet without bars has no rim.
    if (tin.depthMm === 0 || heightMm <= tin.depthMm + 1e-6) return [];
    const found = layers.findIndex(({ fromMm, thicknessMm }) => fromMm + thicknessMm > tin.depthMm + 1e-6);
    const at = found === -1 ? layers.length - 1 : found;
    const over = (heightMm - tin.depthMm).toFixed(1);
    return [
      {
        code: 'tin-overflow',
        where: `/layers/${at}`,
        message: `The slab is ${heightMm.toFixed(1)} mm high and the tin (${tinInWords(tin)}) holds ${tin.depthMm}: ${over} mm too much. Take a deeper or wider tin, or make ${layers[at]!.name} thinner`,
      },
    ];
  });
