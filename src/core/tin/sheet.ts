import { outlinedSheet, ruleOf } from './shape';
import { sameTin } from './words';
import type { AnyTin, SheetTin, Tin } from './types';

export function isSheet(tin: AnyTin): tin is SheetTin {
  return tin.shape === 'sheet';
}

/**
 * Returns the tin as a shape with walls: a sheet is as large as its outline, or the whole sheet. Its depth is that of its bars; 0
 * means no rim, and no overflow.
 */
export function asTin(tin: AnyTin): Tin {
  return ruleOf(tin).standing(tin);
}

/** Returns a tin as it is on the rack: without the outline that a slab has on a sheet. */
export function withoutOutline<T extends AnyTin>(tin: T): T {
  return ruleOf(tin).bare(tin);
}

/** Tells whether two tins are the same on the rack: neither the outline on a sheet nor the corner radius makes another tin. */
export function sameOnRack(a: AnyTin, b: AnyTin): boolean {
  const [first, second] = [withoutOutline(a), withoutOutline(b)];
  const square = <T extends AnyTin>(tin: T): T => ('cornerMm' in tin ? { ...tin, cornerMm: 0 } : tin);
  return sameTin(square(first), square(second));
}

/**
 * Returns the outline of a sheet slab of a given area in the sheet's proportions, as a tin with straight walls.
 *
 * It may be larger than the sheet; a check reports it.
 *
 * @param areaMm2 > 0
 */
export function sheetOfArea(sheet: SheetTin, areaMm2: number): Tin {
  const scaleFactor = Math.sqrt(areaMm2 / (sheet.lengthMm * sheet.widthMm));
  return outlinedSheet(sheet, { length: sheet.lengthMm * scaleFactor, width: sheet.widthMm * scaleFactor });
}
