import { areaMm2At, lean, outlineAt, volumeMlTo, type Outline, type Tin } from '../tin';
import { areaWithin } from './area';
import type { Grid, Side } from './grid';

/** A stratum of the slab: it fills the tin from one height to another. One without height lies on a face. */
export interface Stratum {
  readonly fromMm: number;
  readonly thicknessMm: number;
  readonly massG: number;
}

/** Masses of what the knife makes of a slab, g. Pieces + trims + kerf = slab. */
export interface Divided {
  /** By column, then row. */
  readonly piecesG: readonly number[];
  /** Area of each piece at mid-height, mm2; the rim takes some of it from the outer pieces. */
  readonly piecesMm2: readonly number[];
  readonly trimG: number;
  readonly kerfG: number;
  readonly trimMm2: number;
  readonly kerfMm2: number;
}

/** Gauss-Legendre nodes and weights on 0..1, five points: exact for the cubic volumes of flared tins. */
const GAUSS = [
  [0.046910077030668, 0.1184634425280945],
  [0.2307653449471585, 0.2393143352496832],
  [0.5, 0.2844444444444444],
  [0.7692346550528415, 0.2393143352496832],
  [0.953089922969332, 0.1184634425280945],
] as const;

interface Slice {
  readonly outline: Outline;
  /** g per mm2 of the outline at this height. */
  readonly gramsPerMm2: number;
}

/** The slab as flat slices whose areas are cut like the slab; one is enough between straight walls. */
function slicesOf(tin: Tin, strata: readonly Stratum[]): Slice[] {
  if (lean(tin) === 0) {
    const massG = strata.reduce((sum, one) => sum + one.massG, 0);
    return [{ outline: outlineAt(tin, 0), gramsPerMm2: massG / areaMm2At(tin, 0) }];
  }
  return strata.flatMap(({ fromMm, thicknessMm, massG }) => {
    if (thicknessMm === 0) return [{ outline: outlineAt(tin, fromMm), gramsPerMm2: massG / areaMm2At(tin, fromMm) }];
    const volumeMm3 = 1000 * (volumeMlTo(tin, fromMm + thicknessMm) - volumeMlTo(tin, fromMm));
    return GAUSS.map(([at, weight]) => ({
      outline: outlineAt(tin, fromMm + at * thicknessMm),
      gramsPerMm2: (massG * weight * thicknessMm) / volumeMm3,
    }));
  });
}

/** Spans from the middle; where nothing is trimmed the outer pieces reach to the wall, wherever that is. */
function reach(side: Side): (readonly [number, number])[] {
  const half = side.insideMm / 2;
  const last = side.spans.length - 1;
  return side.spans.map(([from, to], i) => [
    i === 0 && from <= 0 ? -Infinity : from - half,
    i === last && to >= side.insideMm - 1e-9 ? Infinity : to - half,
  ]);
}

/**
 * Masses of pieces, trims and kerf of a slab cut straight down along a grid.
 *
 * Round corners, round tins and flare make outer pieces lighter or heavier; that is worked out, not spread evenly.
 *
 * @param heightMm height of the slab, mm
 */
export function divide(tin: Tin, heightMm: number, strata: readonly Stratum[], grid: Grid): Divided {
  const columns = reach(grid.length);
  const rows = reach(grid.width);
  const within = (outline: Outline) =>
    columns.flatMap(([x1, x2]) => rows.map(([y1, y2]) => areaWithin(outline, x1, x2, y1, y2)));
  const framed = (outline: Outline) =>
    areaWithin(outline, columns[0]![0], columns.at(-1)![1], rows[0]![0], rows.at(-1)![1]);

  const piecesG = new Array<number>(columns.length * rows.length).fill(0);
  let frameG = 0;
  let massG = 0;
  for (const { outline, gramsPerMm2 } of slicesOf(tin, strata)) {
    within(outline).forEach((mm2, i) => (piecesG[i]! += mm2 * gramsPerMm2));
    frameG += framed(outline) * gramsPerMm2;
    massG += (outline.lengthMm * outline.widthMm - (4 - Math.PI) * outline.cornerMm ** 2) * gramsPerMm2;
  }
  const middle = outlineAt(tin, heightMm / 2);
  const piecesMm2 = within(middle);
  const allMm2 = areaMm2At(tin, heightMm / 2);
  const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
  return {
    piecesG,
    piecesMm2,
    trimG: massG - frameG,
    kerfG: frameG - sum(piecesG),
    trimMm2: allMm2 - framed(middle),
    kerfMm2: framed(middle) - sum(piecesMm2),
  };
}
