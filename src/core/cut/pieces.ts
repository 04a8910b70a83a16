import { areaMm2At, insetTin, lean, outlineAt, sameTin, volumeMlTo, type Outline, type Tin } from '../tin';
import { areaWithin } from './area';
import { rectangleOf, type Box, type Layout } from './region';
import { holds, momentsWithin, rectangleMoments, type Moments, type Point } from './moments';
import type { Surface } from './surface';

/**
 * A stratum of the slab: it fills its tin from one height to another. One without height lies on a face.
 * A shell fills its tin up to `wallMm` but for what stands inside it; `footMm` is the lower of two films.
 */
export interface Stratum {
  readonly fromMm: number;
  readonly thicknessMm: number;
  readonly massG: number;
  /** Outline that holds it, if that is not the whole tin. */
  readonly tin?: Tin;
  readonly wallMm?: number | null;
  readonly footMm?: number;
}

/** Masses of pieces, trims and kerf, g. Pieces + trims + kerf = slab. */
export interface Divided {
  /** In the order of the regions: in a grid by column, then row. */
  readonly piecesG: readonly number[];
  /** Area of each piece at mid-height, mm². The rim clips the outer pieces. */
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
  /** Mass per area of the outline at this height, g per mm². */
  readonly gramsPerMm2: number;
}

/** A block that fills a tin between two heights. A negative density subtracts it from a larger one. */
interface Block {
  readonly tin: Tin;
  readonly fromMm: number;
  readonly toMm: number;
  /** Density, g per mm³, or g per mm² for a block without height. */
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

/** Slices the slab into flat parts that are cut like the slab. One slice per block is enough between straight walls. */
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

/** Returns the area of a region within an outline, or the integral of a surface relative to a level one. */
function measure(outline: Outline, takes: Box | readonly Point[], surface: Surface | null): number {
  if (!isBox(takes)) return over(momentsWithin(outline, takes), surface);
  if (!surface) return areaWithin(outline, ...takes);
  const [a, b] = [outline.lengthMm / 2, outline.widthMm / 2];
  const inner: Box = [Math.max(-a, takes[0]), Math.min(a, takes[1]), Math.max(-b, takes[2]), Math.min(b, takes[3])];
  const corners = rectangleOf(...inner);
  // Most boxes end before the rounded corners and are plain rectangles.
  if (corners.every((corner) => holds(outline, corner))) return over(rectangleMoments(inner), surface);
  return over(momentsWithin(outline, corners), surface);
}

const over = (moments: Moments, surface: Surface | null) =>
  surface ? moments.reduce((sum, moment, i) => sum + moment * surface[i]!, 0) : moments[0];

const isBox = (takes: Box | readonly Point[]): takes is Box => typeof takes[0] === 'number';

const EVERYTHING: Box = [-Infinity, Infinity, -Infinity, Infinity];

/** Weighs any part of a slab, g. */
export interface Weigher {
  readonly massG: number;
  readonly of: (takes: Box | readonly Point[]) => number;
}

/**
 * Returns a function that weighs parts of a slab cut straight down. An uneven surface makes some parts thicker; the mass of the
 * slab stays the same.
 *
 * @param surface its thickness from place to place, beside a level one
 */
export function weigherOf(tin: Tin, strata: readonly Stratum[], surface: Surface | null): Weigher {
  const slices = slicesOf(tin, strata);
  const sum = (takes: Box | readonly Point[], over: Surface | null) =>
    slices.reduce((g, { outline, gramsPerMm2 }) => g + measure(outline, takes, over) * gramsPerMm2, 0);
  const massG = sum(EVERYTHING, null);
  const unevenG = surface ? sum(EVERYTHING, surface) : massG;
  // A surface only redistributes the slab's mass.
  const share = unevenG > 0 ? massG / unevenG : 1;
  return { massG, of: (takes) => sum(takes, surface) * share };
}

/**
 * Returns the masses of pieces, trims and kerf of a slab cut straight down.
 *
 * Round corners, round tins and flare make outer pieces lighter or heavier; that is worked out, not spread evenly.
 *
 * @param heightMm height of the slab, mm
 * @param surface its thickness from place to place, beside a level one
 */
export function divide(
  tin: Tin,
  heightMm: number,
  strata: readonly Stratum[],
  { regions, frame }: Pick<Layout, 'regions' | 'frame'>,
  surface: Surface | null = null,
): Divided {
  const { massG, of } = weigherOf(tin, strata, surface);
  const piecesG = regions.map(({ takes }) => of(takes));
  const frameG = of(frame);
  const middle = outlineAt(tin, heightMm / 2);
  const piecesMm2 = regions.map(({ takes }) => measure(middle, takes, null));
  const framedMm2 = measure(middle, frame, null);
  const allMm2 = areaMm2At(tin, heightMm / 2);
  const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
  /** A remainder within rounding counts as zero. */
  const left = (value: number, whole: number) => (Math.abs(value) < whole * 1e-12 ? 0 : value);
  return {
    piecesG,
    piecesMm2,
    trimG: left(massG - frameG, massG),
    kerfG: left(frameG - sum(piecesG), massG),
    trimMm2: left(allMm2 - framedMm2, allMm2),
    kerfMm2: left(framedMm2 - sum(piecesMm2), allMm2),
  };
}
