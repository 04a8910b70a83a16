import type { CutSpec } from '../slab';
import type { Tin } from '../tin';
import { evenGrid } from './grid';
import { divide, type Stratum } from './pieces';

/** Pieces that are alike. `rim` pieces have lost over a tenth of their face to a round wall or corner. */
export interface PieceKind {
  readonly kind: 'piece' | 'rim';
  readonly count: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Mean mass, and the lightest and heaviest, g. */
  readonly massG: number;
  readonly lightestG: number;
  readonly heaviestG: number;
}

/** A slab cut on an even grid. */
export interface EvenCut {
  readonly columns: number;
  readonly rows: number;
  readonly pieces: readonly PieceKind[];
  readonly trimG: number;
  readonly kerfG: number;
  /** Coefficient of variation of piece mass: 0 when all weigh the same. */
  readonly massVariation: number;
  readonly marksMm: { readonly length: readonly number[]; readonly width: readonly number[] };
}

const WHOLE_FACE = 0.9;
/** Below this share of a whole face there is nothing to pick up: the sliver counts as trim. */
const NOTHING = 0.02;

/**
 * Cuts a slab on an even grid and weighs what comes of it.
 *
 * @param heightMm height of the slab, mm
 * @param strata its layers, from the bottom
 * @param finishG what goes on after cutting, on all pieces alike, g
 * @returns pieces + trims + kerf = slab, in mass; no pieces where trims and kerf leave nothing to cut
 */
export function evenCut(tin: Tin, heightMm: number, strata: readonly Stratum[], cut: CutSpec, finishG = 0): EvenCut {
  const slabG = strata.reduce((sum, { massG }) => sum + massG, finishG);
  const grid = evenGrid(tin, heightMm, cut);
  const { columns, rows } = cut;
  if (!grid) {
    return { columns, rows, pieces: [], trimG: slabG, kerfG: 0, massVariation: 0, marksMm: { length: [], width: [] } };
  }
  const { piecesG, piecesMm2, trimG, kerfG } = divide(tin, heightMm, strata, grid);
  const faceMm2 = grid.length.pieceMm * grid.width.pieceMm;
  const whole: number[] = [];
  const rim: number[] = [];
  let sliversG = 0;
  const isPiece = piecesMm2.map((mm2) => mm2 / faceMm2 >= NOTHING);
  const finishEachG = finishG / Math.max(1, isPiece.filter(Boolean).length);
  piecesG.forEach((massG, i) => {
    if (!isPiece[i]) sliversG += massG;
    else (piecesMm2[i]! / faceMm2 < WHOLE_FACE ? rim : whole).push(massG + finishEachG);
  });
  const size = { lengthMm: grid.length.pieceMm, widthMm: grid.width.pieceMm, heightMm };
  const kinds = [kindOf('piece', whole, size), kindOf('rim', rim, size)];
  return {
    columns,
    rows,
    pieces: kinds.filter((kind) => kind !== null),
    trimG: trimG + sliversG,
    kerfG,
    massVariation: variation([...whole, ...rim]),
    marksMm: { length: grid.length.marksMm, width: grid.width.marksMm },
  };
}

/**
 * How many pieces an even grid gives, and the surface of all of them: foot, top and sides.
 *
 * @param heightMm height of the slab, mm
 */
export function pieceFaces(tin: Tin, heightMm: number, cut: CutSpec): { count: number; surfaceMm2: number } {
  const grid = evenGrid(tin, heightMm, cut);
  if (!grid) return { count: 0, surfaceMm2: 0 };
  const { piecesMm2 } = divide(tin, heightMm, [], grid);
  const [length, width] = [grid.length.pieceMm, grid.width.pieceMm];
  const count = piecesMm2.filter((mm2) => mm2 / (length * width) >= NOTHING).length;
  return { count, surfaceMm2: count * (2 * length * width + 2 * (length + width) * heightMm) };
}

function kindOf(
  kind: PieceKind['kind'],
  massesG: readonly number[],
  size: Pick<PieceKind, 'lengthMm' | 'widthMm' | 'heightMm'>,
): PieceKind | null {
  if (massesG.length === 0) return null;
  return {
    kind,
    count: massesG.length,
    ...size,
    massG: mean(massesG),
    lightestG: massesG.reduce((least, massG) => Math.min(least, massG), Infinity),
    heaviestG: massesG.reduce((most, massG) => Math.max(most, massG), 0),
  };
}

function mean(values: readonly number[]): number {
  return values.reduce((a, b) => a + b, 0) / values.length;
}

function variation(values: readonly number[]): number {
  if (values.length === 0) return 0;
  const middle = mean(values);
  if (middle === 0) return 0;
  return Math.sqrt(mean(values.map((value) => (value - middle) ** 2))) / middle;
}
