import { outlinedSheet, ruleOf } from './shape';
import { sameTin } from './words';
import type { AnyTin, SheetTin, Tin } from './types';

export function isSheet(tin: AnyTin): tin is SheetTin {
  return tin.shape === 'sheet';
}

/**
 * The tin as it stands: a sheet is one as large as all of it, or as the outline of the slab on it. Its depth is that of the bars round
 * it; 0 is no rim, and cannot overflow.
 */
export function asTin(tin: AnyTin): Tin {
  return ruleOf(tin).standing(tin);
}

/** A tin as it is on the rack: without the outline that one slab has on a sheet. */
export function withoutOutline<T extends AnyTin>(tin: T): T {
  return ruleOf(tin).bare(tin);
}

/**
 * Whether two tins are one and the same to somebody who looks for it on the rack: where a slab lies on a sheet makes no other sheet,
 * nor does the roundness of the corners make another tin.
 */
export function sameOnRack(a: AnyTin, b: AnyTin): boolean {
  const [first, second] = [withoutOutline(a), withoutOutline(b)];
  const square = <T extends AnyTin>(tin: T): T => ('cornerMm' in tin ? { ...tin, cornerMm: 0 } : tin);
  return sameTin(square(first), square(second));
}

/**
 * The outline of a sheet slab of a given area, in the sheet's own proportions, as a tin with straight walls.
 *
 * It may be larger than the sheet; the second reader says so.
 *
 * @param areaMm2 > 0
 */
export function sheetOfArea(sheet: SheetTin, areaMm2: number): Tin {
  const scaleFactor = Math.sqrt(areaMm2 / (sheet.lengthMm * sheet.widthMm));
  return outlinedSheet(sheet, { length: sheet.lengthMm * scaleFactor, width: sheet.widthMm * scaleFactor });
}
