import type { Wrap, WrapFold } from '../tin';
import type { PackedPiece } from './boxes';

/** Paper over paper where a wrap closes round a piece, mm. */
const OVERLAP_MM = 10;
/** What a hand takes hold of to twist, mm at each end. */
const TAIL_MM = 20;

/** The paper that one piece takes, mm: along the piece, and round it. */
export interface WrapSize {
  readonly alongMm: number;
  readonly roundMm: number;
}

/**
 * The paper that a piece takes: once round it with an overlap; along it, for a twist the piece with the way to the middle of both its
 * ends and a tail to hold, for a parcel flaps of three quarters of its height at both ends, so that they overlap by half of it.
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

/** How many papers of a size come out of one sheet of a wrap, cut on a grid in the better turn. */
export function papersPerSheet({ lengthMm, widthMm }: Pick<Wrap, 'lengthMm' | 'widthMm'>, paper: WrapSize): number {
  const grid = (along: number, across: number) =>
    Math.floor((lengthMm + 1e-6) / along) * Math.floor((widthMm + 1e-6) / across);
  return Math.max(grid(paper.alongMm, paper.roundMm), grid(paper.roundMm, paper.alongMm));
}
