import type { Rule } from './types';

/** A scatter that is more than one layer of its grains: what lies on top does not stick. */
export const scatterOverCover: Rule = ({ scaling }) =>
  scaling.written.flatMap(({ layer, coversMm2 }, at) => {
    if (coversMm2 === null) return [];
    return scaling.slabs.flatMap(({ layers }) => {
      const { scaleFactor, areaMm2 } = layers[at]!;
      const cover = (coversMm2 * scaleFactor) / areaMm2;
      if (cover <= 1 + 1e-9) return [];
      return [
        {
          code: 'scatter-over-cover',
          where: `/layers/${at}`,
          message: `${layer.name} covers the face ${cover.toFixed(1)} times over: only the grains that touch it stick. Give it ${(100 / cover).toFixed(0)} % of this or less, or lay it as a level layer`,
        },
      ];
    });
  });
