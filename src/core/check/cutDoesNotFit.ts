import type { Rule } from './types';

/** Trims and cuts that leave nothing of the slab to sell. */
export const cutDoesNotFit: Rule = ({ cuts, scaling }) =>
  cuts.some(({ pieces }, at) => pieces.length === 0 && scaling.slabs[at]!.massG > 0)
    ? [
        {
          code: 'cut-does-not-fit',
          where: '/cut',
          message: 'Trims and cuts leave 0 for the pieces. Make the trims smaller, or ask for fewer columns and rows',
        },
      ]
    : [];
