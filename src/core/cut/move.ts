import type { CutSpec } from '../slab';
import type { Grid, Side } from './grid';

/** A line that can be dragged: its side, and its ruler mark counted from the left or front. */
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

/** Minimum piece width that a moved line leaves, mm. */
const MIN_MM = 1;

/** Returns the starts of the cuts between pieces, mm from the left or the front. */
export const linesOf = ({ spans }: Side): number[] => spans.slice(0, -1).map(([, to]) => to);

/**
 * Returns the cut after one line between pieces has been moved separately. The others stay, and the grid then has its own lines.
 * The line stays between its neighbours.
 *
 * @param grid the cut as it lies now
 * @returns lines to half a mm
 */
export function movedAlone(cut: CutSpec, grid: Grid, line: CutLine, toMm: number): CutSpec {
  const side = grid[line.side];
  if (!('after' in line)) return movedLine(cut, line, toMm, side.insideMm);
  const kerfMm = cut.kerfMm ?? 0;
  const lines = linesOf(side);
  const at = line.after - 1;
  const from = side.spans[at]![0] + MIN_MM;
  const to = side.spans[at + 1]![1] - kerfMm - MIN_MM;
  if (to < from) return cut;
  lines[at] = Math.round(Math.min(to, Math.max(from, toMm)) * 2) / 2;
  return { ...cut, linesMm: { ...cut.linesMm, [line.side]: lines } };
}

/** Locked lines: by side, counted from 0. */
export type LockedLines = { readonly [side in CutLine['side']]: ReadonlySet<number> };

/** Resets a cut to even spacing between locked lines and trims. A side without locked lines becomes a plain grid. */
export function madeEven(cut: CutSpec, grid: Grid, locked: LockedLines): CutSpec {
  const kerfMm = cut.kerfMm ?? 0;
  const even = (side: CutLine['side']): number[] | undefined => {
    const { spans } = grid[side];
    const lines = linesOf(grid[side]);
    const fixed = [...locked[side]].filter((at) => at < lines.length).sort((a, b) => a - b);
    if (fixed.length === 0) return undefined;
    let [before, startMm] = [-1, spans[0]![0]];
    for (const at of [...fixed, lines.length]) {
      const endMm = lines[at] ?? spans.at(-1)![1];
      const pieces = at - before;
      const pieceMm = (endMm - startMm - (pieces - 1) * kerfMm) / pieces;
      for (let i = before + 1; i < at; i++) lines[i] = startMm + (i - before) * pieceMm + (i - before - 1) * kerfMm;
      [before, startMm] = [at, endMm + kerfMm];
    }
    return lines;
  };
  const linesMm = { length: even('length'), width: even('width') };
  const [columns, rows] = [grid.length.spans.length, grid.width.spans.length];
  return withoutEmpty({ ...cut, columns, rows, linesMm });
}

/** Returns a cut without fields at their defaults: a plain grid is written with its four fields. */
export function withoutEmpty(cut: CutSpec): CutSpec {
  const { length = [], width = [] } = cut.linesMm ?? {};
  const linesMm = {
    ...(length.length > 0 ? { length } : {}),
    ...(width.length > 0 ? { width } : {}),
  };
  const tidy = {
    ...cut,
    linesMm: Object.keys(linesMm).length > 0 ? linesMm : undefined,
    strips: cut.strips?.length ? cut.strips : undefined,
    kinds: cut.kinds?.length ? cut.kinds : undefined,
    thicknessAt: cut.thicknessAt?.length ? cut.thicknessAt : undefined,
  };
  return Object.fromEntries(Object.entries(tidy).filter(([, value]) => value !== undefined)) as CutSpec;
}
