import type { Outline, Tin } from './types';

const MM3_PER_ML = 1000;

/** Tangent of the flare: how much a wall leans outward per mm of height. */
export function lean(tin: Tin): number {
  return Math.tan(((tin.flareDeg ?? 0) * Math.PI) / 180);
}

/**
 * The inside of the tin at a height above its base. The corner radius of a flared rectangle is the same at every height.
 *
 * @param heightMm mm above the base, >= 0; heights above the rim continue the walls
 */
export function outlineAt(tin: Tin, heightMm: number): Outline {
  const grown = 2 * heightMm * lean(tin);
  if (tin.shape === 'round') {
    const across = tin.diameterMm + grown;
    return { lengthMm: across, widthMm: across, cornerMm: across / 2 };
  }
  return { lengthMm: tin.lengthMm + grown, widthMm: tin.widthMm + grown, cornerMm: tin.cornerMm ?? 0 };
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
  const t = lean(tin);
  const h = heightMm;
  if (tin.shape === 'round') {
    const r = tin.diameterMm / 2;
    return (Math.PI * (r * r * h + r * t * h * h + (t * t * h ** 3) / 3)) / MM3_PER_ML;
  }
  const { lengthMm: a, widthMm: b, cornerMm: r = 0 } = tin;
  const straight = (a * b - (4 - Math.PI) * r * r) * h;
  return (straight + (a + b) * t * h * h + (4 / 3) * t * t * h ** 3) / MM3_PER_ML;
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
