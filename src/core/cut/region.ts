import type { Outline } from '../tin';
import type { Point } from './moments';

/** From x to x and from y to y, mm from the middle; what reaches to the wall is infinite. */
export type Box = readonly [x1: number, x2: number, y1: number, y2: number];

/** What the knife makes one piece of. */
export interface Region {
  /** Its corners, mm from the middle, as they are at mid-height: for the drawing. */
  readonly face: readonly Point[];
  /** What it takes of the slab: a box, or corners that reach out as far as the wall may be. */
  readonly takes: Box | readonly Point[];
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Its face where nothing of it is missing, mm2. */
  readonly faceMm2: number;
  /** The kind it is of, where there are several; empty for what is left over. */
  readonly kind?: string;
}

/** A stroke of the knife over the slab, mm from the middle; strokes of one set are parallel. */
export interface Stroke {
  readonly from: Point;
  readonly to: Point;
  readonly set: 'across' | 'along' | 'slanted' | 'from the middle';
}

/** A slab from above, with everything that the knife does to it. */
export interface Layout {
  readonly outline: Outline;
  readonly regions: readonly Region[];
  /** Within it lie pieces and kerf, beyond it trims. */
  readonly frame: Box;
  readonly strokes: readonly Stroke[];
  /** Ruler marks from the left and from the front, mm. */
  readonly marksMm: { readonly length: readonly number[]; readonly width: readonly number[] };
}

export const rectangleOf = (x1: number, x2: number, y1: number, y2: number): readonly Point[] => [
  [x1, y1],
  [x2, y1],
  [x2, y2],
  [x1, y2],
];
