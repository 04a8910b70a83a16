import type { PackedPiece } from './boxes';

/** A stack of pieces on a round board, from the lowest level. */
export interface Stack {
  readonly levels: readonly number[];
  readonly pieces: number;
  readonly heightMm: number;
}

/** Returns the maximum number of pieces in rows within a circle. */
function inCircle(diameterMm: number, lengthMm: number, widthMm: number): number {
  const chord = (y: number) => (Math.abs(y) > diameterMm / 2 ? 0 : 2 * Math.sqrt((diameterMm / 2) ** 2 - y ** 2));
  const rows = Math.floor((diameterMm + 1e-6) / widthMm);
  let best = 0;
  for (let many = 1; many <= rows; many++) {
    const from = (-many * widthMm) / 2;
    let count = 0;
    for (let row = 0; row < many; row++) {
      const [low, high] = [from + row * widthMm, from + (row + 1) * widthMm];
      count += Math.floor((Math.min(chord(low), chord(high)) + 1e-6) / lengthMm);
    }
    best = Math.max(best, count);
  }
  return best;
}

/**
 * Returns the pieces of a stack on a round board: rows in a circle that shrinks from level to level.
 *
 * @param levels how many are built, 1 or more; it ends sooner where no piece lies on the next
 * @param stepMm how far each level stands in from the one below, mm
 */
export function stackOnRound(piece: PackedPiece, diameterMm: number, levels: number, stepMm: number): Stack {
  const counts: number[] = [];
  for (let level = 0; level < levels; level++) {
    const round = diameterMm - 2 * level * stepMm;
    const count = Math.max(
      inCircle(round, piece.lengthMm, piece.widthMm),
      inCircle(round, piece.widthMm, piece.lengthMm),
    );
    if (count === 0) break;
    counts.push(count);
  }
  return {
    levels: counts,
    pieces: counts.reduce((sum, count) => sum + count, 0),
    heightMm: counts.length * piece.heightMm,
  };
}
