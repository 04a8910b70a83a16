import type { Rule } from './types';

/** A free-form slab that runs over the edge of its sheet. */
export const sheetTooSmall: Rule = ({ scaling }) =>
  scaling.slabs.flatMap(({ tin, sheet }, at) => {
    if (!sheet || tin.shape !== 'rectangle') return [];
    const over = Math.max(tin.lengthMm / sheet.lengthMm, tin.widthMm / sheet.widthMm);
    if (over <= 1 + 1e-6) return [];
    return [
      {
        code: 'sheet-too-small',
        where: `/tins/${at}`,
        message: `The slab spreads to ${tin.lengthMm.toFixed(0)} x ${tin.widthMm.toFixed(0)} mm and the sheet is ${sheet.lengthMm} x ${sheet.widthMm} mm. Make it thicker, make less of it, or take two sheets`,
      },
    ];
  });
