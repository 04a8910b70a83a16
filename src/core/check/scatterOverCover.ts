import { check } from './codes';
import type { Rule } from './types';

/** Finds scattered layers deeper than one layer of grains: the upper grains do not stick. */
export const scatterOverCover: Rule = ({ scaling }) =>
  scaling.written.flatMap(({ layer, coversMm2 }, at) => {
    if (coversMm2 === null) return [];
    return scaling.slabs.flatMap(({ layers }) => {
      const { scaleFactor, areaMm2 } = layers[at]!;
      const cover = (coversMm2 * scaleFactor) / areaMm2;
      if (cover <= 1 + 1e-9) return [];
      return [check('scatter-over-cover', `/layers/${at}`, { layer: layer.name, cover })];
    });
  });
