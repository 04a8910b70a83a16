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
import type { Prepared } from './prepared';

/** A tin as the slab stands in it; a sheet has got its outline. */
export interface Standing {
  readonly tin: Tin;
  /** The sheet that it lies on, where it is one. */
  readonly sheet: SheetTin | null;
  readonly count: number;
}

const MM2_PER_ML_PER_MM = 1000;

/** The first level layer, which decides how far a slab spreads on a sheet: its position, and its volume as written, mL. */
function firstLevel(slab: Slab, made: ReadonlyMap<string, Prepared>): { at: number; volumeMl: number } | null {
  const at = slab.layers.findIndex(({ spread }) => spread === 'level');
  const layer = slab.layers[at];
  if (!layer) return null;
  let massG = 0;
  let volumeMl = 0;
  for (const { preparation, share } of layer.from) {
    const source = made.get(preparation);
    if (!source) continue;
    massG += share * source.massOutG;
    volumeMl += (share * source.massOutG) / source.densityGPerMl;
  }
  if (layer.densityGPerMl !== undefined) volumeMl = massG / layer.densityGPerMl;
  return volumeMl > 0 ? { at, volumeMl } : null;
}

/**
 * The tin that a slab is written for. On a sheet without an outline the first level layer's thickness fixes it, in the sheet's
 * proportions; without a thickness the slab covers the sheet.
 */
export function writtenTin(slab: Slab, made: ReadonlyMap<string, Prepared>): Tin {
  const { tin } = slab;
  if (!isSheet(tin) || tin.outlineMm) return asTin(tin);
  const first = firstLevel(slab, made);
  const thicknessMm = first && slab.layers[first.at]!.thicknessMm;
  if (!first || !thicknessMm) return asTin(tin);
  return sheetOfArea(tin, (first.volumeMl * MM2_PER_ML_PER_MM) / thicknessMm);
}

/**
 * The tins that a slab is made in, as it stands in them.
 *
 * A sheet without an outline: where the amounts are fixed, the first level layer keeps its written thickness and spreads as
 * far as it goes; otherwise the slab is as large as on its written sheet, or covers the sheet.
 *
 * @param by times the written amounts over all tins together, or null where thickness is what is fixed
 */
export function standingIn(
  slab: Slab,
  made: ReadonlyMap<string, Prepared>,
  tins: readonly TinCount[],
  by: number | null,
): Standing[] {
  const own = writtenTin(slab, made);
  const areas = tins.map(({ tin }) => areaMm2At(asTin(tin), 0));
  const allMm2 = tins.reduce((sum, { count }, i) => sum + count * areas[i]!, 0);
  const first = firstLevel(slab, made);
  const filmMm = first && (first.volumeMl * MM2_PER_ML_PER_MM) / areaMm2At(own, 0);
  const outline = (tin: AnyTin, areaMm2: number): Tin => {
    if (!isSheet(tin) || tin.outlineMm) return asTin(tin);
    if (by !== null && first && filmMm) {
      return sheetOfArea(tin, ((by * areaMm2) / allMm2) * ((first.volumeMl * MM2_PER_ML_PER_MM) / filmMm));
    }
    return sameTin(tin, slab.tin) ? own : asTin(tin);
  };
  return tins.map(({ tin, count }, i) => ({
    tin: outline(tin, areas[i]!),
    sheet: isSheet(tin) ? tin : null,
    count,
  }));
}
