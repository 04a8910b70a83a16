/** Width of a swirl's ribbons, mm: each square of this size is one mixture or the other. */
const RIBBON_MM = 15;

/**
 * Returns how much a mixture's share varies from piece to piece when it is swirled and not stirred. A piece counts as ribbon
 * squares, each entirely one mixture by chance (standard deviation of a binomial share).
 *
 * @param share of the mixture in the layer, 0 to 1
 * @param faceMm2 face of a piece
 * @returns standard deviation of the share in a piece, at most that of a single square
 */
export function swirlSpread(share: number, faceMm2: number): number {
  const squares = Math.max(1, faceMm2 / RIBBON_MM ** 2);
  return Math.sqrt((Math.max(0, share) * Math.max(0, 1 - share)) / squares);
}
