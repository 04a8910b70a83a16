import type { CutSpec } from '../slab';

/** A line that can be taken hold of: along which side, and which ruler mark counted from the left or front. */
export type CutLine =
  | { readonly side: 'length' | 'width'; readonly end: 'start' | 'end' }
  | { readonly side: 'length' | 'width'; readonly after: number };

const ENDS = { length: ['left', 'right'], width: ['front', 'back'] } as const;

/**
 * The cut after a line has been moved to a place, with the grid still even.
 *
 * A trim line sets its trim. A line between pieces stretches or shrinks all of them from the left or front edge, and the
 * trim at the far side takes up the rest.
 *
 * @param toMm where the line goes, mm from the left or front edge
 * @param insideMm inside length of that side at mid-height, mm
 * @returns the cut with trims to a tenth of a mm; the same cut where the move is not possible
 */
export function movedLine(cut: CutSpec, line: CutLine, toMm: number, insideMm: number): CutSpec {
  const [near, far] = ENDS[line.side];
  const count = line.side === 'length' ? cut.columns : cut.rows;
  const kerfMm = cut.kerfMm ?? 0;
  const startMm = cut.trimMm?.[near] ?? 0;
  const endMm = cut.trimMm?.[far] ?? 0;
  let trims: { readonly [side in typeof near | typeof far]?: number };
  if ('end' in line) {
    trims = line.end === 'start' ? { [near]: toMm } : { [far]: insideMm - toMm };
  } else {
    const pieceMm = (toMm - startMm - (line.after - 1) * kerfMm) / line.after;
    trims = { [far]: insideMm - startMm - count * pieceMm - (count - 1) * kerfMm };
  }
  const rounded = Object.fromEntries(
    Object.entries(trims).map(([side, mm]) => [side, Math.max(0, Math.round(mm * 10) / 10)]),
  );
  const next = { [near]: startMm, [far]: endMm, ...rounded };
  const left = insideMm - (next[near] ?? 0) - (next[far] ?? 0) - (count - 1) * kerfMm;
  if (left < count) return cut;
  return { ...cut, trimMm: { ...cut.trimMm, ...rounded } };
}
