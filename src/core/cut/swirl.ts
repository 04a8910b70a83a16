/** Ribbons of a swirl that is drawn through by a blade are about so wide: each such square is one mixture or the other, mm. */
const RIBBON_MM = 15;

/**
 * How much a mixture's share differs from piece to piece, where two or more are swirled and not stirred: a piece is taken as so many
 * ribbon squares, each of them wholly one mixture by chance (standard deviation of a binomial share).
 *
 * @param share of the mixture in the layer, 0 to 1
 * @param faceMm2 face of a piece
 * @returns standard deviation of the share in a piece, at most that of a single square
 */
export function swirlSpread(share: number, faceMm2: number): number {
  const squares = Math.max(1, faceMm2 / RIBBON_MM ** 2);
  return Math.sqrt((Math.max(0, share) * Math.max(0, 1 - share)) / squares);
}
