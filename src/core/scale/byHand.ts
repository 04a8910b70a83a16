import { scaleOf, tinsOf, inTins, withLayer, type Scale, type Slab } from '../slab';
import { isSheet, outlineAt, sameTin, sheetOfArea, withoutOutline, type SheetTin } from '../tin';
import type { LaidLayer } from './laid';
import type { LaidSlab, Scaled } from './scaled';
import { SPREAD } from './spreads';

/** Thicknesses that are set by hand are kept to this many decimals of a mm, outlines of a sheet to a tenth. */
const THICKNESS_DECIMALS = 2;
const OUTLINE_DECIMALS = 1;
const NEAR = 1e-6;
const rounded = (value: number, decimals: number) => Number(value.toFixed(decimals));

/** How thick each layer that has a height stands now. */
const thicknesses = (layers: readonly Pick<LaidLayer, 'id' | 'thicknessMm'>[]): [string, number][] =>
  layers.filter(({ thicknessMm }) => thicknessMm > 0).map(({ id, thicknessMm }) => [id, thicknessMm]);

/**
 * The slab with one layer as thick as is wanted; the others stay as thick as they stand now, whatever has made them so.
 *
 * @param standing the layers of the slab as it is made now
 */
export function withThickness(
  slab: Slab,
  standing: readonly Pick<LaidLayer, 'id' | 'thicknessMm'>[],
  id: string,
  thicknessMm: number,
): Slab {
  const scale = scaleOf(slab);
  const before =
    scale.mode === 'layer-thickness'
      ? scale.mm
      : scale.mode === 'same-thickness'
        ? {}
        : Object.fromEntries(thicknesses(standing));
  const mm = { ...before, [id]: rounded(thicknessMm, THICKNESS_DECIMALS) };
  return { ...slab, scale: { mode: 'layer-thickness', mm } };
}

/** Whether a slab lies on the sheet that it is written for, as it is written. */
function isAsWritten(slab: Slab, sheet: SheetTin): boolean {
  const isWritten = isSheet(slab.tin) && sameTin(withoutOutline(sheet), withoutOutline(slab.tin));
  return isWritten && slab.tins === undefined && scaleOf(slab).mode === 'same-thickness';
}

const firstLevel = (slab: Slab) => slab.layers.findIndex(({ spread }) => spread === 'level');

/**
 * The slab with another outline on one of its sheets. As written on its own sheet that is the slab's own shape; elsewhere it
 * belongs to the sheet that is chosen.
 *
 * @param at which of its tins
 * @param outlineMm undefined covers the sheet
 */
export function withSheetOutline(slab: Slab, at: number, outlineMm: SheetTin['outlineMm']): Slab {
  const tins = tinsOf(slab);
  const sheet = tins[at]!.tin as SheetTin;
  if (!isAsWritten(slab, sheet)) {
    return inTins(
      slab,
      tins.map((placed, i) => (i === at ? { ...placed, tin: { ...sheet, outlineMm } } : placed)),
    );
  }
  const shaped = { ...slab, tin: { ...sheet, outlineMm } };
  const level = firstLevel(slab);
  return level === -1 ? shaped : withLayer(shaped, level, { thicknessMm: undefined });
}

/**
 * The slab with its first level layer as thick as is wanted on one of its sheets: it spreads less far, or farther, and the amounts
 * stay as they are.
 *
 * @param at which of its tins
 * @param scaled the slab as it is made now
 */
export function withSheetThickness(slab: Slab, at: number, thicknessMm: number, scaled: Scaled): Slab {
  const tins = tinsOf(slab);
  const sheet = tins[at]!.tin as SheetTin;
  const level = firstLevel(slab);
  if (isAsWritten(slab, sheet)) {
    return withLayer({ ...slab, tin: withoutOutline(sheet) }, level, { thicknessMm });
  }
  const laid = scaled.slabs[at]!;
  const areaMm2 = (laid.layers[level]!.volumeMl * 1000) / thicknessMm;
  const { lengthMm, widthMm } = outlineAt(sheetOfArea(sheet, areaMm2), 0);
  const outlineMm = { length: rounded(lengthMm, OUTLINE_DECIMALS), width: rounded(widthMm, OUTLINE_DECIMALS) };
  const next = tins.map((placed, i) => (i === at ? { ...placed, tin: { ...sheet, outlineMm } } : placed));
  return inTins(slab, next, amountsAsNow(scaled, laid, outlineMm.length * outlineMm.width));
}

/**
 * The scaling that keeps the amounts as they are now while a slab spreads over another area: so many times the written ones, where
 * all preparations are made as often; else each layer's own volume over the new area.
 */
function amountsAsNow({ preparations, written }: Scaled, laid: LaidSlab, areaMm2: number): Scale {
  const [first, ...others] = preparations.map(({ scaleFactor }) => scaleFactor);
  if (first !== undefined && others.every((other) => Math.abs(other - first) <= NEAR * first)) {
    return { mode: 'scaleFactor', by: first };
  }
  const mm = laid.layers.flatMap(({ id, volumeMl }, i): [string, number][] => {
    const { filmsInHeight } = SPREAD[written[i]!.layer.spread];
    return filmsInHeight > 0 ? [[id, (volumeMl * 1000) / areaMm2 / filmsInHeight]] : [];
  });
  return { mode: 'layer-thickness', mm: Object.fromEntries(mm) };
}
