import { check } from './codes';
import type { Rule } from './types';

/** Finds layers that rise above the rim of their tin. */
export const tinOverflow: Rule = ({ scaling }) =>
  scaling.slabs.flatMap(({ tin, layers, heightMm }) => {
    // A sheet without bars has no rim.
    if (tin.depthMm === 0 || heightMm <= tin.depthMm + 1e-6) return [];
    const found = layers.findIndex(({ fromMm, thicknessMm }) => fromMm + thicknessMm > tin.depthMm + 1e-6);
    const at = found === -1 ? layers.length - 1 : found;
    return [check('tin-overflow', `/layers/${at}`, { heightMm, depthMm: tin.depthMm, tin, layer: layers[at]!.name })];
  });
