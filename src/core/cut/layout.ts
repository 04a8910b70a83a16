import type { CutSpec, PieceShape } from '../slab';
import { outlineAt, type Outline, type Tin } from '../tin';
import { diamonds } from './diamonds';
import { gridOf, type Grid, type Side } from './grid';
import { FAR_MM, type Point } from './moments';
import { rectangleOf, type Box, type Layout, type Region, type Stroke } from './region';
import { stripsOf } from './strips';
import { wedges } from './wedges';

/**
 * Returns the position of every piece of a cut. Inside dimensions are taken at mid-height.
 *
 * @param heightMm height of the slab, mm
 * @returns null where trims and kerf leave nothing to cut, or it asks for more pieces than a slab can be cut into; null too for a slab
 *   that is broken by hand
 */
export function layOut(tin: Tin, heightMm: number, cut: CutSpec): Layout | null {
  const outline = outlineAt(tin, heightMm / 2);
  switch (cut.way ?? 'grid') {
    case 'break':
      return null;
    case 'wedges':
      return wedges(outline, cut);
    case 'grid':
    case 'mixed':
      if (cut.strips && cut.strips.length > 0) return stripsOf(outline, cut);
      return LAY_OUT[cut.shape ?? 'rectangle'](outline, cut, () => gridOf(tin, heightMm, cut));
  }
}

type LayOutShape = (outline: Outline, cut: CutSpec, grid: () => Grid | null) => Layout | null;

/** Lays out pieces in the cells of a grid. */
const inCells =
  (laid: (outline: Outline, grid: Grid, cut: CutSpec) => Layout): LayOutShape =>
  (outline, cut, gridFor) => {
    const grid = gridFor();
    return grid && laid(outline, grid, cut);
  };

/** Layout function of each piece shape. */
const LAY_OUT: Readonly<Record<PieceShape, LayOutShape>> = {
  rectangle: inCells((outline, grid) => rectangles(outline, grid)),
  triangle: inCells((outline, grid, cut) => triangles(outline, grid, cut.kerfMm ?? 0)),
  diamond: (outline, cut) => diamonds(outline, cut),
};

/** Whether the lines of each shape go straight through the slab both ways. */
const GOES_THROUGH: Readonly<Record<PieceShape, boolean>> = { rectangle: true, triangle: true, diamond: false };

/** Tells whether a cut consists of straight lines through the whole slab both ways. Such lines can be dragged. */
export const isOnLines = (cut: CutSpec): boolean =>
  (cut.way ?? 'grid') === 'grid' && !cut.strips?.length && GOES_THROUGH[cut.shape ?? 'rectangle'];

/** Spans from the middle. Without a trim, outer pieces reach to the wall. */
export function reach(side: Side): (readonly [number, number])[] {
  const half = side.insideMm / 2;
  const last = side.spans.length - 1;
  return side.spans.map(([from, to], i) => [
    i === 0 && from <= 0 ? -Infinity : from - half,
    i === last && to >= side.insideMm - 1e-9 ? Infinity : to - half,
  ]);
}

function frameOf(columns: readonly (readonly [number, number])[], rows: readonly (readonly [number, number])[]): Box {
  return [columns[0]![0], columns.at(-1)![1], rows[0]![0], rows.at(-1)![1]];
}

/** Returns the straight strokes across the slab at ruler marks. */
export function strokesAt({ lengthMm, widthMm }: Outline, marksMm: Layout['marksMm']): Stroke[] {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  return [
    ...marksMm.width.map((at): Stroke => ({ from: [-a, at - b], to: [a, at - b], set: 'along' })),
    ...marksMm.length.map((at): Stroke => ({ from: [at - a, -b], to: [at - a, b], set: 'across' })),
  ];
}

function rectangles(outline: Outline, grid: Grid): Layout {
  const [columns, rows] = [reach(grid.length), reach(grid.width)];
  const [a, b] = [outline.lengthMm / 2, outline.widthMm / 2];
  const marksMm = { length: grid.length.marksMm, width: grid.width.marksMm };
  return {
    outline,
    regions: columns.flatMap(([x1, x2], c) =>
      rows.map(([y1, y2], r): Region => {
        const [[fromX, toX], [fromY, toY]] = [grid.length.spans[c]!, grid.width.spans[r]!];
        const [lengthMm, widthMm] = [toX - fromX, toY - fromY];
        return {
          face: rectangleOf(fromX - a, toX - a, fromY - b, toY - b),
          takes: [x1, x2, y1, y2],
          lengthMm,
          widthMm,
          faceMm2: lengthMm * widthMm,
        };
      }),
    ),
    frame: frameOf(columns, rows),
    strokes: strokesAt(outline, marksMm),
    marksMm,
  };
}

/** Lays out rectangles halved on a diagonal from front left to back right. Both halves lose half the kerf. */
function triangles(outline: Outline, grid: Grid, kerfMm: number): Layout {
  const whole = rectangles(outline, grid);
  const rows = grid.width.spans.length;
  const regions: Region[] = [];
  const strokes: Stroke[] = [];
  whole.regions.forEach(({ face, takes, lengthMm, widthMm }, at) => {
    const [[x1, y1], , [x2, y2]] = face as [Point, Point, Point, Point];
    const [left, right, front, back] = (takes as Box).map((end, i) =>
      Number.isFinite(end) ? end : [-FAR_MM, FAR_MM, -FAR_MM, FAR_MM][i]!,
    ) as unknown as Box;
    const diagonalMm = Math.hypot(lengthMm, widthMm);
    const [dx, dy] = [((kerfMm / 2) * diagonalMm) / widthMm, ((kerfMm / 2) * diagonalMm) / lengthMm];
    const size = { lengthMm, widthMm, faceMm2: ((lengthMm - dx) * (widthMm - dy)) / 2 };
    if (size.lengthMm <= dx || size.widthMm <= dy) return;
    regions.push(
      {
        face: [
          [x1, y1 + dy],
          [x2 - dx, y2],
          [x1, y2],
        ],
        takes: [
          [x1, y1 + dy],
          [x2 - dx, y2],
          [x2 - dx, back],
          [left, back],
          [left, y1 + dy],
        ],
        ...size,
      },
      {
        face: [
          [x1 + dx, y1],
          [x2, y1],
          [x2, y2 - dy],
        ],
        takes: [
          [x1 + dx, y1],
          [x1 + dx, front],
          [right, front],
          [right, y2 - dy],
          [x2, y2 - dy],
        ],
        ...size,
      },
    );
    // Joins strokes through cells that meet at their corners into one stroke.
    const [column, row] = [Math.floor(at / rows), at % rows];
    if (column > 0 && row > 0) return;
    const run = Math.min(grid.length.spans.length - column, rows - row);
    const [end] = whole.regions[at + (run - 1) * (rows + 1)]!.face.slice(2);
    strokes.push({ from: [x1, y1], to: end!, set: 'slanted' });
  });
  return { ...whole, regions, strokes: [...whole.strokes, ...strokes] };
}
