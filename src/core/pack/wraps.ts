import type { Wrap, WrapFold } from '../tin';
import type { PackedPiece } from './boxes';

/** Overlap of a wrapper, mm. */
const OVERLAP_MM = 10;
/** Tail to hold for twisting, mm at each end. */
const TAIL_MM = 20;

/** Paper for one piece, mm: along it, and round it. */
export interface WrapSize {
  readonly alongMm: number;
  readonly roundMm: number;
}

/**
 * Returns the paper for one piece: once round it with an overlap. Along it, a twist needs the piece, the distance to the middle
 * of both ends and a tail to hold; a parcel needs flaps of three quarters of its height at both ends, which overlap by half of
 * it.
 *
 * @see Geometry of a box: girth 2(w + h); end flaps that meet take h/2 each
 */
export function wrapPaper({ lengthMm, widthMm, heightMm }: PackedPiece, fold: WrapFold): WrapSize {
  const [long, short] = [Math.max(lengthMm, widthMm), Math.min(lengthMm, widthMm)];
  const roundMm = 2 * (short + heightMm) + OVERLAP_MM;
  const toTheMiddle = Math.min(short, heightMm) / 2;
  const alongMm: Readonly<Record<WrapFold, number>> = {
    twist: long + 2 * (toTheMiddle + TAIL_MM),
    parcel: long + 1.5 * heightMm,
  };
  return { roundMm, alongMm: alongMm[fold] };
}

/** Returns how many papers of a size one sheet yields, cut on a grid in the better orientation. */
export function papersPerSheet({ lengthMm, widthMm }: Pick<Wrap, 'lengthMm' | 'widthMm'>, paper: WrapSize): number {
  const grid = (along: number, across: number) =>
    Math.floor((lengthMm + 1e-6) / along) * Math.floor((widthMm + 1e-6) / across);
  return Math.max(grid(paper.alongMm, paper.roundMm), grid(paper.roundMm, paper.alongMm));
}
