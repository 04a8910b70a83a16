import type { Outline } from '../tin';

/**
 * Returns the area of an outline within a rectangle, mm². Sides are measured from the outline's middle.
 *
 * It is a sum of four corner terms, so the areas of a grid's pieces, trims and kerf add up to the whole exactly.
 * Closed form: the rectangle less its corner notches, each a square less a quarter disc.
 *
 * @example areaWithin({ lengthMm: 10, widthMm: 10, cornerMm: 0 }, -5, 0, -5, 5) // 50
 */
export function areaWithin(outline: Outline, x1: number, x2: number, y1: number, y2: number): number {
  return signed(outline, x2, y2) - signed(outline, x1, y2) - signed(outline, x2, y1) + signed(outline, x1, y1);
}

/** Returns the signed area between the middle and (x, y), negative in the second and fourth quadrant. */
function signed(outline: Outline, x: number, y: number): number {
  const u = Math.min(Math.abs(x), outline.lengthMm / 2);
  const v = Math.min(Math.abs(y), outline.widthMm / 2);
  return Math.sign(x) * Math.sign(y) * (u * v - notch(outline, u, v));
}

function notch({ lengthMm, widthMm, cornerMm: r }: Outline, u: number, v: number): number {
  const intoX = u - (lengthMm / 2 - r);
  const intoY = v - (widthMm / 2 - r);
  if (r <= 0 || intoX <= 0 || intoY <= 0) return 0;
  return intoX * intoY - quarterDisc(Math.min(intoX, r), Math.min(intoY, r), r);
}

/** Returns the area of a quarter disc of radius r within 0..u by 0..v, for u and v up to r. */
function quarterDisc(u: number, v: number, r: number): number {
  if (u * u + v * v <= r * r) return u * v;
  const straight = Math.sqrt(Math.max(0, r * r - v * v));
  return straight * v + underArc(u, r) - underArc(straight, r);
}

/** Integral of sqrt(r^2 - x^2) from 0 to x. */
function underArc(x: number, r: number): number {
  return (x * Math.sqrt(Math.max(0, r * r - x * x)) + r * r * Math.asin(Math.min(1, x / r))) / 2;
}
