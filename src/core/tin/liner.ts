import { asTin, isSheet } from './sheet';
import type { AnyTin } from './types';
import { lean } from './shape';
import { outlineAt } from './volume';

/** Linings: one sheet with flaps, two crossed strips, or paper to the rim without flaps for slabs that are turned out. */
export const LININGS = ['one sheet', 'crossed strips', 'turned out'] as const;
export type Lining = (typeof LININGS)[number];

/** A piece of paper to cut, mm. */
export interface Paper {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly what: string;
}

/** Whether each lining has flaps to lift the slab by, and whether it consists of crossed strips. */
const LINING: Readonly<Record<Lining, { readonly hasFlaps: boolean; readonly isCrossed: boolean }>> = {
  'one sheet': { hasFlaps: true, isCrossed: false },
  'crossed strips': { hasFlaps: true, isCrossed: true },
  'turned out': { hasFlaps: false, isCrossed: false },
};
/** Length of a flap to lift the slab by, on each side. */
const FLAP_MM = 40;
/** Margin of paper round a free-form slab. */
const MARGIN_MM = 20;

/**
 * Returns the paper to cut for a tin.
 *
 * One sheet is the base, two walls and two flaps each way, in one piece; crossed strips are one for each direction, as wide as
 * the base there. A flared wall is longer than the tin is deep; a round tin takes a disc with a strip for its wall.
 *
 * @example linerPapers(tin300x200x40, 'one sheet') // [{ lengthMm: 460, widthMm: 360, what: 'one sheet' }]
 */
export function linerPapers(any: AnyTin, lining: Lining = 'one sheet'): Paper[] {
  const tin = asTin(any);
  const base = outlineAt(tin, 0);
  if (isSheet(any)) {
    const [length, width] = [
      Math.min(any.lengthMm, base.lengthMm + 2 * MARGIN_MM),
      Math.min(any.widthMm, base.widthMm + 2 * MARGIN_MM),
    ];
    return [{ lengthMm: length, widthMm: width, what: 'under the slab' }];
  }
  const wallMm = tin.depthMm * Math.hypot(1, lean(tin));
  const { hasFlaps, isCrossed } = LINING[lining];
  const flapMm = hasFlaps ? FLAP_MM : 0;
  if (tin.shape === 'round') {
    const round = Math.PI * outlineAt(tin, tin.depthMm).lengthMm;
    const strip = { lengthMm: base.lengthMm + 2 * (wallMm + FLAP_MM), widthMm: 60, what: 'lifting strip' };
    return [
      { lengthMm: base.lengthMm, widthMm: base.lengthMm, what: 'disc' },
      { lengthMm: round + 20, widthMm: wallMm, what: 'wall' },
      ...(hasFlaps ? [strip] : []),
    ];
  }
  const over = 2 * (wallMm + flapMm);
  if (!isCrossed) {
    return [{ lengthMm: base.lengthMm + over, widthMm: base.widthMm + over, what: 'one sheet' }];
  }
  return [
    { lengthMm: base.lengthMm + over, widthMm: base.widthMm, what: 'strip along' },
    { lengthMm: base.widthMm + over, widthMm: base.lengthMm, what: 'strip across' },
  ];
}

/** Returns the area of the paper to cut for a tin, m². Offcuts are not counted. */
export const linerM2 = (tin: AnyTin, lining?: Lining): number =>
  linerPapers(tin, lining).reduce((sum, { lengthMm, widthMm }) => sum + (lengthMm * widthMm) / 1e6, 0);
