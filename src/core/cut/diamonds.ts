import { MAX_GRID, type CutSpec } from '../slab';
import type { Outline } from '../tin';
import type { Box, Layout, Region, Stroke } from './region';
import { FAR_MM, type Point } from './moments';

const SLANT = Math.PI / 3;
/** Distance along the slab per mm across it for a 60° line. */
const LEAN = 1 / Math.tan(SLANT);

/**
 * Lays out diamonds: rows straight along the slab, crossed by parallel lines at 60°. Columns are counted along the front edge;
 * columns that start left of the front edge reach in further back. End pieces are clipped by the frame.
 *
 * @returns null where trims and kerf leave nothing to cut
 */
export function diamonds(outline: Outline, cut: CutSpec): Layout | null {
  const { lengthMm, widthMm } = outline;
  const { left = 0, right = 0, front = 0, back = 0 } = cut.trimMm ?? {};
  const kerfMm = cut.kerfMm ?? 0;
  const slantKerfMm = kerfMm / Math.sin(SLANT);
  const [wideMm, deepMm] = [lengthMm - left - right, widthMm - front - back];
  const sideMm = (wideMm - (cut.columns - 1) * slantKerfMm) / cut.columns;
  const rowMm = (deepMm - (cut.rows - 1) * kerfMm) / cut.rows;
  if (sideMm <= 0 || rowMm <= 0 || Math.max(cut.columns, cut.rows) > MAX_GRID) return null;
  const [a, b] = [lengthMm / 2, widthMm / 2];
  const [x1, x2, y1, y2] = [left - a, a - right, front - b, b - back];
  const open = (trimmedMm: number, at: number, far: number) => (trimmedMm > 0 ? at : far);
  const frame: Box = [
    open(left, x1, -Infinity),
    open(right, x2, Infinity),
    open(front, y1, -Infinity),
    open(back, y2, Infinity),
  ];
  const stepMm = sideMm + slantKerfMm;
  const before = Math.ceil((deepMm * LEAN) / stepMm);
  // Maximum number of columns, so that slanted slivers do not multiply without end.
  if (before > MAX_GRID) return null;
  const slanted = (fromX: number, toX: number, low: number, high: number): Point[] => {
    const at = (x: number, y: number): Point => [x + (y - y1) * LEAN, y];
    return [at(fromX, low), at(toX, low), at(toX, high), at(fromX, high)];
  };
  const regions: Region[] = [];
  for (let row = 0; row < cut.rows; row++) {
    const low = y1 + row * (rowMm + kerfMm);
    const high = low + rowMm;
    const [lowest, highest] = [
      row === 0 && front === 0 ? -FAR_MM : low,
      row === cut.rows - 1 && back === 0 ? FAR_MM : high,
    ];
    for (let column = -before; column < cut.columns; column++) {
      const fromX = x1 + column * stepMm;
      const ends = (points: readonly Point[]) => clipAlong(points, left > 0 ? x1 : -FAR_MM, right > 0 ? x2 : FAR_MM);
      const takes = ends(slanted(fromX, fromX + sideMm, lowest, highest));
      const face = clipAlong(slanted(fromX, fromX + sideMm, low, high), x1, x2);
      if (takes.length < 3 || face.length < 3) continue;
      regions.push({ face, takes, lengthMm: sideMm, widthMm: rowMm, faceMm2: sideMm * rowMm });
    }
  }
  const strokes: Stroke[] = [];
  const marks = { length: [] as number[], width: [] as number[] };
  const rowLines = Array.from({ length: cut.rows - 1 }, (_, i) => y1 + (i + 1) * rowMm + i * kerfMm);
  for (const y of [...(front > 0 ? [y1] : []), ...rowLines, ...(back > 0 ? [y2] : [])]) {
    marks.width.push(y + b);
    strokes.push({ from: [-a, y], to: [a, y], set: 'along' });
  }
  for (const x of [...(left > 0 ? [x1] : []), ...(right > 0 ? [x2] : [])]) {
    strokes.push({ from: [x, -b], to: [x, b], set: 'across' });
  }
  for (let line = 1 - before; line < cut.columns; line++) {
    const x = x1 + line * stepMm - slantKerfMm;
    const [from, to] = clipAlong(
      [
        [x, y1],
        [x + deepMm * LEAN, y2],
      ],
      x1,
      x2,
    );
    if (!from || !to) continue;
    if (x > x1 + 1e-9) marks.length.push(x + a);
    strokes.push({ from, to, set: 'slanted' });
  }
  return { outline, regions, frame, strokes, marksMm: marks };
}

/** Clips a polygon, or a line of two points, to x1..x2. */
function clipAlong(points: readonly Point[], x1: number, x2: number): Point[] {
  const closed = points.length > 2;
  const clip = (corners: readonly Point[], side: (point: Point) => number): Point[] =>
    corners.flatMap((to, i) => {
      const from = corners[(i + corners.length - 1) % corners.length]!;
      const [before, now] = [side(from), side(to)];
      const crosses = (i > 0 || closed) && before * now < 0;
      const t = before / (before - now);
      const met: Point = [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
      return [...(crosses ? [met] : []), ...(now >= 0 ? [to] : [])];
    });
  return clip(
    clip(points, ([x]) => x - x1),
    ([x]) => x2 - x,
  );
}
