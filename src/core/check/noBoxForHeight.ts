import type { Rule } from './types';

/** Pieces higher than any box. Asked only where the shop has named its boxes. */
export const noBoxForHeight: Rule = ({ scaling, shop, figures }) => {
  const { boxes = [] } = shop;
  const highest = boxes.reduce((most, { heightMm }) => Math.max(most, heightMm), 0);
  const heightMm = Math.max(...scaling.slabs.map((slab) => slab.heightMm));
  if (boxes.length === 0 || heightMm <= highest) return [];
  return [
    {
      code: 'no-box-for-height',
      where: '/layers',
      message: `The pieces are ${figures.length.say(heightMm)} high and the highest box takes ${figures.size(highest)}. Make the slab lower, pack the pieces on their side, or add a box in the settings`,
    },
  ];
};
