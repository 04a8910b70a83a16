import type { CutSpec } from '../slab';
import { outlineAt, type Tin } from '../tin';
import { variation } from './cutSlab';
import { gridOf } from './grid';
import { layOut } from './layout';
import { linesOf, withoutEmpty } from './move';
import { divide, weigherOf, type Stratum, type Weigher } from './pieces';
import type { Box } from './region';
import { fitSurface, thinnest, type FittedSurface, type Reading } from './surface';

/** One way to cut an uneven slab, with the mass of every piece. */
export interface EvenWay {
  /** Coefficient of variation of piece mass: 0 when all weigh the same. */
  readonly massVariation: number;
  /** Piece masses by row from the front, then from the left, g. */
  readonly massesG: readonly (readonly number[])[];
  /** Starts of the through-cuts, mm from the left and from the front. */
  readonly marksMm: { readonly length: readonly number[]; readonly width: readonly number[] };
  /** Strips along the length, if each is cut separately. */
  readonly strips:
    readonly { readonly fromMm: number; readonly toMm: number; readonly linesMm: readonly number[] }[] | null;
  readonly cut: CutSpec;
}

export interface EvenWays {
  readonly surface: FittedSurface;
  /** Ways to cut: equal sizes; straight cuts whose strips weigh the same both ways; each strip cut separately. */
  readonly ways: { readonly size: EvenWay; readonly through: EvenWay; readonly strips: EvenWay };
}

export type EvenRefusal = 'no-cut' | 'below-zero';

const MAX_ROUNDS = 20;
const MAX_STEPS = 30;
const NEAR = 1e-10;

/**
 * Returns cut positions at which all parts of a stretch have equal or proportional mass, with kerf.
 *
 * Parts of some mass are laid off one after the other; what the last is heavier or lighter by is shared by all, until they are alike.
 *
 * @param massG what lies between two places, g
 * @param due what is due to each part, in proportion
 * @returns the beginnings of the cuts, mm
 */
function alike(
  massG: (fromMm: number, toMm: number) => number,
  fromMm: number,
  toMm: number,
  due: readonly number[],
  kerfMm: number,
): number[] {
  const parts = due.length;
  if (parts === 1) return [];
  const dues = due.reduce((sum, share) => sum + share, 0);
  const lessMm = (parts - 1) * kerfMm;
  let unitG = (massG(fromMm, toMm) * (1 - lessMm / (toMm - fromMm))) / dues;
  let lines: number[] = [];
  for (let round = 0; round < MAX_ROUNDS; round++) {
    lines = [];
    let at = fromMm;
    for (const share of due.slice(0, -1)) {
      const guess = Math.min(toMm, at + ((toMm - fromMm - lessMm) * share) / dues);
      const line = placeOf((to) => massG(at, to), unitG * share, at, guess, toMm);
      lines.push(line);
      at = line + kerfMm;
    }
    const off = massG(Math.min(at, toMm), toMm) - unitG * due.at(-1)!;
    if (Math.abs(off) < NEAR * unitG) break;
    unitG += off / dues;
  }
  return lines;
}

/** Returns where an increasing mass reaches an amount, by the secant rule within its bounds. */
function placeOf(
  massTo: (toMm: number) => number,
  wantedG: number,
  fromMm: number,
  guessMm: number,
  mostMm: number,
): number {
  let [low, high] = [fromMm, mostMm];
  let [beforeMm, beforeG] = [fromMm, 0];
  let at = guessMm;
  for (let step = 0; step < MAX_STEPS; step++) {
    const g = massTo(at);
    if (g > wantedG) high = at;
    else low = at;
    if (Math.abs(g - wantedG) < NEAR * wantedG) return at;
    const next = g === beforeG ? (low + high) / 2 : at + ((wantedG - g) * (at - beforeMm)) / (g - beforeG);
    [beforeMm, beforeG] = [at, g];
    at = next > low && next < high ? next : (low + high) / 2;
  }
  return at;
}

/**
 * Cuts an uneven slab three ways: equal sizes, straight cuts that even out the strips both ways, and each strip separately.
 *
 * @param cut an even grid: its columns, rows, trims and kerf
 * @param readings of the thickness, at least one
 * @returns null in place of the ways, with the reason, where the grid leaves no piece or the surface comes out at nothing somewhere
 */
export function evenWays(
  tin: Tin,
  heightMm: number,
  strata: readonly Stratum[],
  { columns, rows, trimMm, kerfMm, tool }: CutSpec,
  readings: readonly Reading[],
): EvenWays | EvenRefusal {
  const inside = outlineAt(tin, heightMm / 2);
  const surface = fitSurface(readings, inside);
  if (thinnest(surface.surface, inside) <= 0) return 'below-zero';
  const plain = withoutEmpty({ columns, rows, trimMm, kerfMm, tool, thicknessAt: [...readings] });
  const grid = gridOf(tin, heightMm, plain);
  if (!grid) return 'no-cut';
  const weigher = weigherOf(tin, strata, surface.surface);
  const [x, y] = [
    between(weigher, inside, 'length', [0, inside.widthMm], trimMm),
    between(weigher, inside, 'width', [0, inside.lengthMm], trimMm),
  ];
  const kerf = kerfMm ?? 0;
  const ends = (side: 'length' | 'width') => [grid[side].spans[0]![0], grid[side].spans.at(-1)![1]] as const;
  const same = (parts: number) => new Array<number>(parts).fill(1);
  const along = alike(x, ...ends('length'), same(columns), kerf);
  const across = alike(y, ...ends('width'), same(rows), kerf);
  const [front, back] = ends('width');
  const stripsAt = (lines: readonly number[]) =>
    [...lines, back].map((toMm, at) => {
      const fromMm = at === 0 ? front : lines[at - 1]! + kerf;
      const inStrip = between(weigher, inside, 'length', [fromMm, toMm], trimMm);
      const linesMm = alike(inStrip, ...ends('length'), same(columns), kerf);
      return { fromMm, toMm, linesMm, pieceG: inStrip(ends('length')[0], linesMm[0] ?? ends('length')[1]) };
    });
  // A thicker strip loses more to the cuts across it, so it gets proportionally more.
  let due = same(rows);
  let lines = across;
  let strips = stripsAt(lines);
  for (let round = 0; round < MAX_ROUNDS && kerf > 0 && rows > 1; round++) {
    const meanG = strips.reduce((sum, { pieceG }) => sum + pieceG, 0) / rows;
    if (strips.every(({ pieceG }) => Math.abs(pieceG - meanG) < 1e-8 * meanG)) break;
    due = due.map((share, at) => (share * meanG) / strips[at]!.pieceG);
    lines = alike(y, ...ends('width'), due, kerf);
    strips = stripsAt(lines);
  }
  const way = (cut: CutSpec, marksMm: EvenWay['marksMm'], own: EvenWay['strips']): EvenWay => {
    const { piecesG } = divide(tin, heightMm, strata, layOut(tin, heightMm, cut)!, surface.surface);
    // Regions of a grid are in column order, those of strips in strip order.
    const massesG = Array.from({ length: rows }, (_, row) =>
      Array.from({ length: columns }, (_, column) => piecesG[own ? row * columns + column : column * rows + row]!),
    );
    return { massVariation: variation(piecesG), massesG, marksMm, strips: own, cut };
  };
  const evenMarks = { length: linesOf(grid.length), width: linesOf(grid.width) };
  const own = strips.map(({ fromMm, toMm, linesMm }) => ({ atMm: fromMm, widthMm: toMm - fromMm, linesMm }));
  const through = { ...plain, linesMm: { length: along, width: across } };
  return {
    surface,
    ways: {
      size: way(plain, evenMarks, null),
      through: way(withoutEmpty(through), { length: along, width: across }, null),
      strips: way(
        { ...plain, strips: own },
        { length: [], width: lines },
        strips.map(({ fromMm, toMm, linesMm }) => ({ fromMm, toMm, linesMm })),
      ),
    },
  };
}

/** Returns the mass between two places along one side of a slab, within a stretch of the other. Without a trim it reaches to the wall. */
function between(
  { of }: Weigher,
  { lengthMm, widthMm }: { lengthMm: number; widthMm: number },
  side: 'length' | 'width',
  [fromMm, toMm]: readonly [number, number],
  trimMm: CutSpec['trimMm'] = {},
): (from: number, to: number) => number {
  const { left = 0, right = 0, front = 0, back = 0 } = trimMm;
  const [wholeMm, otherMm] = side === 'length' ? [lengthMm, widthMm] : [widthMm, lengthMm];
  const [near, far] = side === 'length' ? [front, back] : [left, right];
  const reach = (at: number, whole: number) => (at <= 0 ? -Infinity : at >= whole - 1e-9 ? Infinity : at - whole / 2);
  const [low, high] = [reach(Math.max(fromMm, near), otherMm), reach(Math.min(toMm, otherMm - far), otherMm)];
  return (from, to) => {
    const [start, end] = [reach(from, wholeMm), reach(to, wholeMm)];
    const box: Box = side === 'length' ? [start, end, low, high] : [low, high, start, end];
    return of(box);
  };
}
