import { lean, standingRuleOf } from './shape';
import type { Outline, Tin } from './types';

const MM3_PER_ML = 1000;

/**
 * Returns the inside of the tin at a height above its base. The corner radius of a flared rectangle is the same at every height.
 *
 * @param heightMm mm above the base, >= 0; heights above the rim continue the walls
 */
export function outlineAt(tin: Tin, heightMm: number): Outline {
  return standingRuleOf(tin).outlineAt(tin, heightMm);
}

/**
 * Inside area of the tin at a height, mm2: (a + 2h tan f)(b + 2h tan f) - (4 - pi) r^2, and pi (R + h tan f)^2 for a round tin.
 *
 * @example areaMm2At({ shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 }, 10) // 60000
 */
export function areaMm2At(tin: Tin, heightMm: number): number {
  const { lengthMm, widthMm, cornerMm } = outlineAt(tin, heightMm);
  return lengthMm * widthMm - (4 - Math.PI) * cornerMm ** 2;
}

/**
 * Volume of the tin from its base up to a height, mL: the integral of `areaMm2At`, in closed form.
 *
 * @param heightMm mm, >= 0; above the rim the walls are continued, so that an overflow has a figure
 */
export function volumeMlTo(tin: Tin, heightMm: number): number {
  return standingRuleOf(tin).volumeMlTo(tin, heightMm);
}

/**
 * Thickness in mm of a volume laid on what already stands in the tin: t where V(from + t) - V(from) = volume.
 *
 * Newton's method on a rising convex function, from above, so that it cannot overshoot; straight walls need no iteration.
 *
 * @param fromMm height at which the layer starts, mm, >= 0
 * @param volumeMl mL, >= 0
 * @example thicknessMmOf({ shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 }, 0, 600) // 10
 */
export function thicknessMmOf(tin: Tin, fromMm: number, volumeMl: number): number {
  if (volumeMl <= 0) return 0;
  let t = (volumeMl * MM3_PER_ML) / areaMm2At(tin, fromMm);
  if (lean(tin) === 0) return t;
  const goal = volumeMlTo(tin, fromMm) + volumeMl;
  for (let i = 0; i < 60; i++) {
    const step = ((volumeMlTo(tin, fromMm + t) - goal) * MM3_PER_ML) / areaMm2At(tin, fromMm + t);
    t -= step;
    if (Math.abs(step) < 1e-12 * (1 + t)) break;
  }
  return Math.max(0, t);
}

/** Rim and handles of a tin beyond its inside, mm on each side. A usual figure. */
const RIM_MM = 6;

/** Returns the shelf area that a tin takes, mm2: its bounding rectangle at the rim. */
export function outsideMm2(tin: Tin): number {
  const { lengthMm, widthMm } = outlineAt(tin, tin.depthMm);
  return (lengthMm + 2 * RIM_MM) * (widthMm + 2 * RIM_MM);
}
