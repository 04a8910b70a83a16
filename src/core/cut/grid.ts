import { MOST_GRID, type CutSpec } from '../slab';
import { outlineAt, type Tin } from '../tin';

/** Where the pieces lie along one side, mm from the left or front edge at mid-height. */
export interface Side {
  readonly insideMm: number;
  readonly pieceMm: number;
  /** Start and end of each piece. */
  readonly spans: readonly (readonly [number, number])[];
  /** Ruler marks from one edge, cumulative: where each cut begins. A trim of nothing has no mark. */
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
 * An even grid over a slab: columns along the length, rows along the width. Inside measures are taken at mid-height.
 *
 * @param heightMm height of the slab, mm
 * @returns null where trims and kerf leave nothing to cut, or it asks for more columns or rows than a slab can be cut into
 */
export function evenGrid(tin: Tin, heightMm: number, cut: CutSpec): Grid | null {
  if (Math.max(cut.columns, cut.rows) > MOST_GRID) return null;
  const { lengthMm, widthMm } = outlineAt(tin, heightMm / 2);
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  const kerfMm = cut.kerfMm ?? 0;
  const length = sideOf(lengthMm, cut.columns, left, right, kerfMm);
  const width = sideOf(widthMm, cut.rows, front, back, kerfMm);
  return length && width && { length, width };
}
