import type { Outline } from '../tin';
import type { Point } from './moments';

/** Bounds from x to x and from y to y, mm from the middle. A side that reaches to the wall is infinite. */
export type Box = readonly [x1: number, x2: number, y1: number, y2: number];

/** A region that becomes one piece. */
export interface Region {
  /** Corners at mid-height, mm from the middle, for drawing. */
  readonly face: readonly Point[];
  /** Area taken of the slab: a box, or corners that may reach out to the wall. */
  readonly takes: Box | readonly Point[];
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Face of a whole piece, mm². */
  readonly faceMm2: number;
  /** Id of its piece type, if there are several; empty for leftover area. */
  readonly kind?: string;
}

/** A stroke of the knife over the slab, mm from the middle; strokes of one set are parallel. */
export interface Stroke {
  readonly from: Point;
  readonly to: Point;
  readonly set: 'across' | 'along' | 'slanted' | 'from the middle';
}

/** A slab from above with all its cuts. */
export interface Layout {
  readonly outline: Outline;
  readonly regions: readonly Region[];
  /** Pieces and kerf lie inside it, trims outside. */
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
