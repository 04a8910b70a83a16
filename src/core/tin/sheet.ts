import type { AnyTin, RectangleTin, SheetTin, Tin } from './types';

export function isSheet(tin: AnyTin): tin is SheetTin {
  return tin.shape === 'sheet';
}

/** The tin as it stands: a sheet is one as large as all of it, or as its outline. */
export function asTin(tin: AnyTin): Tin {
  return isSheet(tin) ? outlined(tin, tin.outlineMm ?? { length: tin.lengthMm, width: tin.widthMm }) : tin;
}

/**
 * The outline of a sheet slab of a given area, in the sheet's own proportions, as a tin with straight walls.
 *
 * It may be larger than the sheet; the second reader says so.
 *
 * @param areaMm2 > 0
 */
export function sheetOfArea(sheet: SheetTin, areaMm2: number): Tin {
  const times = Math.sqrt(areaMm2 / (sheet.lengthMm * sheet.widthMm));
  return outlined(sheet, { length: sheet.lengthMm * times, width: sheet.widthMm * times });
}

function outlined({ depthMm = 0 }: SheetTin, { length, width }: { length: number; width: number }): RectangleTin {
  return { shape: 'rectangle', lengthMm: length, widthMm: width, depthMm, cornerMm: 0, flareDeg: 0 };
}
