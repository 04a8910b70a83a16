import type { Outline } from '../tin';
import type { Moments, Point } from './moments';

/**
 * Thickness from place to place, mm, as coefficients of 1, x, y, x^2, xy and y^2 in mm from the middle. Only its shape counts: the slab
 * keeps its mass.
 */
export type Surface = Moments;

/** A thickness reading, mm from the left and from the front. */
export interface Reading {
  readonly xMm: number;
  readonly yMm: number;
  readonly mm: number;
}

export const SURFACE_TERMS = ['level', 'tilted', 'quadratic'] as const;
export type SurfaceTerms = (typeof SURFACE_TERMS)[number];

export interface FittedSurface {
  readonly terms: SurfaceTerms;
  readonly surface: Surface;
  /** Root mean square of the leave-one-out errors of the readings, mm; `null` with one reading. */
  readonly errorMm: number | null;
}

const COUNT: Readonly<Record<SurfaceTerms, number>> = { level: 1, tilted: 3, quadratic: 6 };

/** Returns the terms of a surface at a place. */
export const termsAt = ([x, y]: Point): Moments => [1, x, y, x * x, x * y, y * y];

export const thicknessAt = (surface: Surface, point: Point) =>
  termsAt(point).reduce((sum, term, i) => sum + term * surface[i]!, 0);

/**
 * Least squares by normal equations, on places scaled to -1..1; null where the readings do not settle all the terms.
 *
 * @param count how many of the terms are sought
 */
function leastSquares(
  places: readonly Point[],
  mm: readonly number[],
  count: number,
): { coefficients: number[]; leverage: number[] } | null {
  const rows = places.map((place) => termsAt(place).slice(0, count));
  const normal = Array.from({ length: count }, (_, i) =>
    Array.from({ length: count }, (_, j) => rows.reduce((sum, row) => sum + row[i]! * row[j]!, 0)),
  );
  const inverse = inverted(normal);
  if (!inverse) return null;
  const right = Array.from({ length: count }, (_, i) => rows.reduce((sum, row, at) => sum + row[i]! * mm[at]!, 0));
  const coefficients = inverse.map((row) => row.reduce((sum, value, i) => sum + value * right[i]!, 0));
  const leverage = rows.map((row) =>
    row.reduce((sum, value, i) => sum + value * inverse[i]!.reduce((inner, other, j) => inner + other * row[j]!, 0), 0),
  );
  return { coefficients, leverage };
}

/** Inverts a symmetric matrix by Gauss-Jordan elimination with pivots; `null` if it is singular. */
function inverted(matrix: readonly (readonly number[])[]): number[][] | null {
  const n = matrix.length;
  const work = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++) {
      if (Math.abs(work[row]![column]!) > Math.abs(work[pivot]![column]!)) pivot = row;
    }
    if (Math.abs(work[pivot]![column]!) < 1e-9) return null;
    [work[column], work[pivot]] = [work[pivot]!, work[column]!];
    const by = work[column]![column]!;
    work[column] = work[column]!.map((value) => value / by);
    for (let row = 0; row < n; row++) {
      const times = work[row]![column]!;
      if (row !== column) work[row] = work[row]!.map((value, i) => value - times * work[column]![i]!);
    }
  }
  return work.map((row) => row.slice(n));
}

/**
 * Fits a smooth surface to thickness readings: level, tilted or quadratic. Of the models that leave at least one reading over,
 * the one with the smallest leave-one-out error wins (Allen 1974, the PRESS statistic).
 *
 * @param readings at least one
 * @param outline the inside of the tin that the readings are measured in
 * @returns the surface in mm from the middle
 */
export function fitSurface(readings: readonly Reading[], { lengthMm, widthMm }: Outline): FittedSurface {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  const places = readings.map(({ xMm, yMm }): Point => [xMm / a - 1, yMm / b - 1]);
  const mm = readings.map((reading) => reading.mm);
  const scales = [1, a, b, a * a, a * b, b * b];
  const found: FittedSurface[] = [];
  for (const terms of SURFACE_TERMS) {
    const count = COUNT[terms];
    if (terms !== 'level' && readings.length <= count) continue;
    const fit = leastSquares(places, mm, count);
    if (!fit || (terms !== 'level' && fit.leverage.some((leverage) => leverage > 1 - 1e-6))) continue;
    const surface = scales.map((scale, i) => (fit.coefficients[i] ?? 0) / scale) as unknown as Surface;
    const missed = places.map((place, at) => {
      const foretold = termsAt(place).reduce((sum, term, i) => sum + term * (fit.coefficients[i] ?? 0), 0);
      return (mm[at]! - foretold) / (1 - fit.leverage[at]!);
    });
    const errorMm =
      readings.length > 1 ? Math.sqrt(missed.reduce((sum, miss) => sum + miss * miss, 0) / readings.length) : null;
    found.push({ terms, surface, errorMm });
  }
  // Additional terms must reduce the error enough.
  return found.reduce((best, next) =>
    (next.errorMm ?? Infinity) < (best.errorMm ?? Infinity) * WORTH - 1e-9 ? next : best,
  );
}

const WORTH = 0.98;

/** Returns the minimum thickness of a surface over an outline, mm, searched on a fine grid and along the wall. */
export function thinnest(surface: Surface, { lengthMm, widthMm }: Outline): number {
  const STEPS = 24;
  let least = Infinity;
  for (let i = 0; i <= STEPS; i++) {
    for (let j = 0; j <= STEPS; j++) {
      least = Math.min(least, thicknessAt(surface, [(i / STEPS - 0.5) * lengthMm, (j / STEPS - 0.5) * widthMm]));
    }
  }
  return least;
}
