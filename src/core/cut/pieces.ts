import { areaMm2At, insetTin, lean, outlineAt, sameTin, volumeMlTo, type Outline, type Tin } from '../tin';
import { areaWithin } from './area';
import type { Grid, Side } from './grid';

/**
 * A stratum of the slab: it fills its tin from one height to another. One without height lies on a face.
 * A shell fills its tin up to `wallMm` but for what stands inside it; `footMm` is the lower of two films.
 */
export interface Stratum {
  readonly fromMm: number;
  readonly thicknessMm: number;
  readonly massG: number;
  /** What it stands in, where that is not the whole tin. */
  readonly tin?: Tin;
  readonly wallMm?: number | null;
  readonly footMm?: number;
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

/** Gauss-Legendre nodes and weights on 0..1, three points: exact for the volumes of flared tins, which are cubic. */
const GAUSS = [
  [0.1127016653792583, 5 / 18],
  [0.5, 4 / 9],
  [0.8872983346207417, 5 / 18],
] as const;

interface Slice {
  readonly outline: Outline;
  /** g per mm2 of the outline at this height. */
  readonly gramsPerMm2: number;
}

/** Something that fills a tin between two heights; a negative density takes it out of something larger. */
interface Block {
  readonly tin: Tin;
  readonly fromMm: number;
  readonly toMm: number;
  /** g per mm3, or g per mm2 where it has no height. */
  readonly density: number;
}

const betweenMm3 = (tin: Tin, from: number, to: number) => 1000 * (volumeMlTo(tin, to) - volumeMlTo(tin, from));

function blocksOf(whole: Tin, { fromMm, thicknessMm, massG, tin = whole, wallMm, footMm = 0 }: Stratum): Block[] {
  const toMm = fromMm + thicknessMm;
  if (thicknessMm === 0) return [{ tin, fromMm, toMm, density: massG / areaMm2At(tin, fromMm) }];
  if (wallMm !== undefined && wallMm !== null) {
    const inner = insetTin(tin, thicknessMm);
    const topMm = Math.max(wallMm, toMm);
    // A film without a wall, as on a sheet, is a plain block.
    if (topMm === toMm) return [{ tin, fromMm, toMm, density: massG / betweenMm3(tin, fromMm, toMm) }];
    const density = massG / (betweenMm3(tin, fromMm, topMm) - betweenMm3(inner, toMm, topMm));
    return [
      { tin, fromMm, toMm: topMm, density },
      { tin: inner, fromMm: toMm, toMm: topMm, density: -density },
    ];
  }
  if (footMm > 0) {
    const half = (from: number, to: number) => ({
      tin,
      fromMm: from,
      toMm: to,
      density: massG / 2 / betweenMm3(tin, from, to),
    });
    return [half(0, footMm), half(fromMm, toMm)];
  }
  return [{ tin, fromMm, toMm, density: massG / betweenMm3(tin, fromMm, toMm) }];
}

/** The slab as flat slices whose areas are cut like the slab; one a block is enough between straight walls. */
function slicesOf(tin: Tin, strata: readonly Stratum[]): Slice[] {
  if (
    lean(tin) === 0 &&
    strata.every((stratum) => stratum.tin === undefined || sameTin(stratum.tin, tin)) &&
    strata.every((stratum) => stratum.wallMm === undefined || stratum.wallMm === null)
  ) {
    const massG = strata.reduce((sum, stratum) => sum + stratum.massG, 0);
    return [{ outline: outlineAt(tin, 0), gramsPerMm2: massG / areaMm2At(tin, 0) }];
  }
  const blocks = strata.flatMap((stratum) => blocksOf(tin, stratum));
  return blocks.flatMap(({ tin: own, fromMm, toMm, density }) => {
    const heightMm = toMm - fromMm;
    if (heightMm === 0) return [{ outline: outlineAt(own, fromMm), gramsPerMm2: density }];
    return GAUSS.map(([at, weight]) => ({
      outline: outlineAt(own, fromMm + at * heightMm),
      gramsPerMm2: density * weight * heightMm,
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
  const piecesG = new Array<number>(columns.length * rows.length).fill(0);
  const piecesMm2 = new Array<number>(columns.length * rows.length).fill(0);
  const add = (to: number[], outline: Outline, times: number) => {
    let i = 0;
    for (const [x1, x2] of columns)
      for (const [y1, y2] of rows) to[i++]! += times * areaWithin(outline, x1, x2, y1, y2);
  };
  const framed = (outline: Outline) =>
    areaWithin(outline, columns[0]![0], columns.at(-1)![1], rows[0]![0], rows.at(-1)![1]);

  let frameG = 0;
  let massG = 0;
  for (const { outline, gramsPerMm2 } of slicesOf(tin, strata)) {
    add(piecesG, outline, gramsPerMm2);
    frameG += framed(outline) * gramsPerMm2;
    massG += areaWithin(outline, -Infinity, Infinity, -Infinity, Infinity) * gramsPerMm2;
  }
  const middle = outlineAt(tin, heightMm / 2);
  add(piecesMm2, middle, 1);
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
