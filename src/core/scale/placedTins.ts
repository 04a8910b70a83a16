import type { Slab } from '../slab';
import {
  type TinCount,
  areaMm2At,
  asTin,
  isSheet,
  sameTin,
  sheetOfArea,
  type AnyTin,
  type SheetTin,
  type Tin,
} from '../tin';
import { laidVolumeMl } from './laidVolume';
import type { Mixture } from './mixture';

/** A tin that a slab fills; a sheet has an outline. */
export interface PlacedTin {
  readonly tin: Tin;
  /** The sheet below, for a free-form slab. */
  readonly sheet: SheetTin | null;
  readonly count: number;
}

const MM2_PER_ML_PER_MM = 1000;

/** The first level layer, which decides how far a slab spreads on a sheet: its index, and its volume in the base recipe, mL. */
function firstLevel(slab: Slab, mixtures: ReadonlyMap<string, Mixture>): { at: number; volumeMl: number } | null {
  const at = slab.layers.findIndex(({ spread }) => spread === 'level');
  const layer = slab.layers[at];
  if (!layer) return null;
  let massG = 0;
  let volumeMl = 0;
  for (const { preparation, share } of layer.from) {
    const source = mixtures.get(preparation);
    if (!source) continue;
    massG += share * source.massOutG;
    volumeMl += (share * source.massOutG) / source.densityGPerMl;
  }
  volumeMl = laidVolumeMl(layer, massG, volumeMl, slab, mixtures);
  return volumeMl > 0 ? { at, volumeMl } : null;
}

/**
 * Returns the tin of the base recipe. On a sheet without an outline the thickness of the first level layer sets it, in the
 * sheet's proportions; without a thickness the slab covers the sheet.
 */
export function writtenTin(slab: Slab, mixtures: ReadonlyMap<string, Mixture>): Tin {
  const { tin } = slab;
  if (!isSheet(tin) || tin.outlineMm) return asTin(tin);
  const first = firstLevel(slab, mixtures);
  const thicknessMm = first && slab.layers[first.at]!.thicknessMm;
  if (!first || !thicknessMm) return asTin(tin);
  return sheetOfArea(tin, (first.volumeMl * MM2_PER_ML_PER_MM) / thicknessMm);
}

/**
 * Returns the tins that a slab fills.
 *
 * A sheet without an outline: where the amounts are fixed, the first level layer keeps its written thickness and spreads as
 * far as it goes; otherwise the slab is as large as on its written sheet, or covers the sheet.
 *
 * @param scaleFactor times the written amounts over all tins together, or null where thickness is what is fixed
 */
export function placedTins(
  slab: Slab,
  mixtures: ReadonlyMap<string, Mixture>,
  tins: readonly TinCount[],
  scaleFactor: number | null,
): PlacedTin[] {
  const asWritten = writtenTin(slab, mixtures);
  const areasMm2 = tins.map(({ tin }) => areaMm2At(asTin(tin), 0));
  const totalAreaMm2 = tins.reduce((sum, { count }, i) => sum + count * areasMm2[i]!, 0);
  const first = firstLevel(slab, mixtures);
  const writtenAreaMm2 = areaMm2At(asWritten, 0);
  const outline = (tin: AnyTin, areaMm2: number): Tin => {
    if (!isSheet(tin) || tin.outlineMm) return asTin(tin);
    if (scaleFactor !== null && first) {
      // At its original thickness the first level layer covers its original area, in proportion to its volume.
      const shareOfArea = areaMm2 / totalAreaMm2;
      return sheetOfArea(tin, scaleFactor * writtenAreaMm2 * shareOfArea);
    }
    return sameTin(tin, slab.tin) ? asWritten : asTin(tin);
  };
  return tins.map(({ tin, count }, i) => ({
    tin: outline(tin, areasMm2[i]!),
    sheet: isSheet(tin) ? tin : null,
    count,
  }));
}
