import { MAX_GRID, type CutSpec } from '../slab';
import { outlineAt, type Tin } from '../tin';

/** Pieces along one side, mm from the left or front edge at mid-height. */
export interface Side {
  readonly insideMm: number;
  readonly pieceMm: number;
  /** Start and end of each piece. */
  readonly spans: readonly (readonly [number, number])[];
  /** Ruler marks from one edge, cumulative: the start of each cut. A trim of 0 has no mark. */
  readonly marksMm: readonly number[];
}

export interface Grid {
  readonly length: Side;
  readonly width: Side;
}

/**
 * Divides one side evenly: (inside - trims - (n - 1) kerf) / n each.
 *
 * @param count >= 1
 * @returns the side, or null where trims and kerf leave nothing for the pieces
 */
function sideOf(insideMm: number, count: number, startMm: number, endMm: number, kerfMm: number): Side | null {
  const pieceMm = (insideMm - startMm - endMm - (count - 1) * kerfMm) / count;
  if (pieceMm <= 0) return null;
  const spans = Array.from({ length: count }, (_, i) => {
    const from = startMm + i * (pieceMm + kerfMm);
    return [from, from + pieceMm] as const;
  });
  const cuts = spans.slice(0, endMm > 0 ? count : count - 1).map(([, to]) => to);
  return { insideMm, pieceMm, spans, marksMm: startMm > 0 ? [startMm, ...cuts] : cuts };
}

/**
 * Divides one side at given lines. A line outside the trims, or closer to another than a kerf, leaves no piece.
 *
 * @param linesMm where each cut begins, from the left or the front
 */
function sideAt(
  insideMm: number,
  linesMm: readonly number[],
  startMm: number,
  endMm: number,
  kerfMm: number,
): Side | null {
  const lines = [...linesMm].sort((a, b) => a - b);
  const from = [startMm, ...lines.map((at) => at + kerfMm)];
  const to = [...lines, insideMm - endMm];
  const spans = from.map((at, i) => [at, to[i]!] as const);
  if (spans.some(([near, far]) => far - near < MIN_PIECE_MM)) return null;
  const marks = [...(startMm > 0 ? [startMm] : []), ...lines, ...(endMm > 0 ? [insideMm - endMm] : [])];
  const pieceMm = spans.reduce((sum, [near, far]) => sum + far - near, 0) / spans.length;
  return { insideMm, pieceMm, spans, marksMm: marks };
}

/** Minimum width of a piece. */
const MIN_PIECE_MM = 0.5;

/**
 * Returns a grid over a slab: columns along the length, rows along the width, even or at given lines. Inside dimensions are taken
 * at mid-height.
 *
 * @param heightMm height of the slab, mm
 * @returns null where trims and kerf leave nothing to cut, or it asks for more columns or rows than a slab can be cut into
 */
export function gridOf(tin: Tin, heightMm: number, cut: CutSpec): Grid | null {
  if (Math.max(cut.columns, cut.rows) > MAX_GRID) return null;
  const { lengthMm, widthMm } = outlineAt(tin, heightMm / 2);
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  const kerfMm = cut.kerfMm ?? 0;
  const { length: along = [], width: across = [] } = cut.linesMm ?? {};
  const length =
    along.length > 0
      ? sideAt(lengthMm, along, left, right, kerfMm)
      : sideOf(lengthMm, cut.columns, left, right, kerfMm);
  const width =
    across.length > 0 ? sideAt(widthMm, across, front, back, kerfMm) : sideOf(widthMm, cut.rows, front, back, kerfMm);
  return length && width && { length, width };
}

/**
 * Returns the same cut starts measured from the far edge.
 *
 * @param marksMm where each cut begins from the near edge, mm
 * @param kerfMm what each cut takes beyond its mark
 */
export const marksFromFarEdge = (marksMm: readonly number[], insideMm: number, kerfMm: number): number[] =>
  [...marksMm].reverse().map((at) => Math.max(0, insideMm - at - kerfMm));
