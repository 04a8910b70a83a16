import { MAX_GRID, type CutSpec } from '../slab';
import { outlineAt, type Tin } from '../tin';
import { layOut } from './layout';
import { divide } from './pieces';

/** Pieces of one size, as ordered. */
export interface PieceSize {
  readonly lengthMm: number;
  readonly widthMm: number;
}

const ROUNDING_MM = 1e-6;

/**
 * Returns the cut into pieces of an exact size along one side, within the trims. The rest is trimmed equally on both sides. The
 * number of columns and rows is limited.
 */
export function laidOneWay(
  tin: Tin,
  heightMm: number,
  { lengthMm, widthMm }: PieceSize,
  kerfMm: number,
  trimMm: NonNullable<CutSpec['trimMm']> = {},
): CutSpec | null {
  const { left: atLeft = 0, right: atRight = 0, front: atFront = 0, back: atBack = 0 } = trimMm;
  const inside = outlineAt(tin, heightMm / 2);
  const count = (whole: number, piece: number) =>
    Math.min(MAX_GRID, Math.floor((whole + kerfMm + ROUNDING_MM) / (piece + kerfMm)));
  const [along, across] = [inside.lengthMm - atLeft - atRight, inside.widthMm - atFront - atBack];
  const [columns, rows] = [count(along, lengthMm), count(across, widthMm)];
  if (columns < 1 || rows < 1) return null;
  const side = (whole: number, piece: number, n: number) => Math.max(0, (whole - n * piece - (n - 1) * kerfMm) / 2);
  const [more, further] = [side(along, lengthMm, columns), side(across, widthMm, rows)];
  return {
    columns,
    rows,
    trimMm: { left: atLeft + more, right: atRight + more, front: atFront + further, back: atBack + further },
    kerfMm,
  };
}

/** Returns how many pieces of a cut are whole, not clipped by the rim. */
export function wholePieces(tin: Tin, heightMm: number, cut: CutSpec): number {
  const layout = layOut(tin, heightMm, cut);
  if (!layout) return 0;
  const { piecesMm2 } = divide(tin, heightMm, [], layout);
  return layout.regions.filter(({ faceMm2 }, at) => piecesMm2[at]! > faceMm2 * WHOLE).length;
}

/** Share of a face that a rounded corner may take before the piece no longer counts as ordered. */
const WHOLE = 0.97;

/**
 * Returns the even cut with the most whole pieces of a size, laid along the tin or across it. The rest is trimmed equally on both
 * sides.
 *
 * @param heightMm height of the slab, mm
 * @param trimMm the least that is trimmed of each side, mm
 * @returns null where not even one piece fits
 */
export function cutBySize(
  tin: Tin,
  heightMm: number,
  size: PieceSize,
  kerfMm = 0,
  trimMm: NonNullable<CutSpec['trimMm']> = {},
): CutSpec | null {
  const turned = { lengthMm: size.widthMm, widthMm: size.lengthMm };
  const [along, across] = [size, turned].map((pieceSize) => {
    const cut = laidOneWay(tin, heightMm, pieceSize, kerfMm, trimMm);
    return cut && { cut, count: wholePieces(tin, heightMm, cut) };
  });
  const best = !along || (across && across.count > along.count) ? across : along;
  return best && best.count > 0 ? best.cut : null;
}
