import { scaleOf, tinsOf, inTins, withLayer, type Scale, type Slab } from '../slab';
import { isSheet, outlineAt, sameTin, sheetOfArea, withoutOutline, type SheetTin } from '../tin';
import type { LaidLayer } from './laid';
import type { LaidSlab, Scaled } from './scaled';
import { SPREAD } from './spreads';

/** Decimals of thicknesses set by hand, mm; outlines of a sheet have one decimal. */
const THICKNESS_DECIMALS = 2;
const OUTLINE_DECIMALS = 1;
const NEAR = 1e-6;
const rounded = (value: number, decimals: number) => Number(value.toFixed(decimals));

/** Returns the current thickness of each layer that has one. */
const thicknesses = (layers: readonly Pick<LaidLayer, 'id' | 'thicknessMm'>[]): [string, number][] =>
  layers.filter(({ thicknessMm }) => thicknessMm > 0).map(({ id, thicknessMm }) => [id, thicknessMm]);

/**
 * Returns the slab with one layer at a given thickness; the others keep their current thickness.
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

/** Tells whether a slab lies on its original sheet at its original amounts. */
function isAsWritten(slab: Slab, sheet: SheetTin): boolean {
  const isWritten = isSheet(slab.tin) && sameTin(withoutOutline(sheet), withoutOutline(slab.tin));
  return isWritten && slab.tins === undefined && scaleOf(slab).mode === 'same-thickness';
}

const firstLevel = (slab: Slab) => slab.layers.findIndex(({ spread }) => spread === 'level');

/**
 * Returns the slab with another outline on one of its sheets. On its original sheet at its original amounts that changes the base
 * recipe; elsewhere it belongs to the chosen sheet.
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
 * Returns the slab with its first level layer at a given thickness on one of its sheets: it spreads less or more, and the amounts
 * stay the same.
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
 * Returns the scaling that keeps the current amounts while a slab spreads over another area: one scale factor if all preparations
 * share it; otherwise each layer's volume over the new area.
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
