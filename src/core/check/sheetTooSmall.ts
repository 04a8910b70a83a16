import type { Rule } from './types';

/** A free-form slab that runs over the edge of its sheet. */
export const sheetTooSmall: Rule = ({ scaling, figures }) =>
  scaling.slabs.flatMap(({ tin, sheet }, at) => {
    if (!sheet || tin.shape !== 'rectangle') return [];
    const over = Math.max(tin.lengthMm / sheet.lengthMm, tin.widthMm / sheet.widthMm);
    if (over <= 1 + 1e-6) return [];
    return [
      {
        code: 'sheet-too-small',
        where: `/tins/${at}`,
        message: `The slab spreads to ${figures.size(tin.lengthMm, tin.widthMm)} and the sheet is ${figures.size(sheet.lengthMm, sheet.widthMm)}. Make it thicker, make less of it, or take two sheets`,
      },
    ];
  });
