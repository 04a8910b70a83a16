import { check } from './codes';
import type { Rule } from './types';

/** Finds free-form slabs larger than their sheet. */
export const sheetTooSmall: Rule = ({ scaling }) =>
  scaling.slabs.flatMap(({ tin, sheet }, at) => {
    if (!sheet || tin.shape !== 'rectangle') return [];
    const over = Math.max(tin.lengthMm / sheet.lengthMm, tin.widthMm / sheet.widthMm);
    if (over <= 1 + 1e-6) return [];
    return [
      check('sheet-too-small', `/tins/${at}`, {
        slab: { lengthMm: tin.lengthMm, widthMm: tin.widthMm },
        sheet: { lengthMm: sheet.lengthMm, widthMm: sheet.widthMm },
      }),
    ];
  });
