/** So much more than sticks has to be in the bowl for the last pieces to be dipped whole. */
const WORKING_SURPLUS = 0.35;
/** In less than that no piece goes under, g. */
const MIN_IN_BOWL_G = 250;

/**
 * How much to melt and bring into temper so that a coat can be put on: what sticks, and what has to stay in the bowl. The rest is left over
 * and goes back into the next bowl.
 *
 * @param coatG what sticks to all pieces, g
 */
export function toTemperG(coatG: number): number {
  return coatG <= 0 ? 0 : Math.max(coatG * (1 + WORKING_SURPLUS), coatG + MIN_IN_BOWL_G / 2, MIN_IN_BOWL_G);
}

/** Left between pieces, so that a fork goes round them and no foot runs into the next, mm. */
const GAP_MM = 10;

/**
 * How many pieces stand on a rack or a sheet at once, all turned one way, a finger apart.
 *
 * @param sheet inside measures of the rack or sheet, mm
 */
export function piecesOnSheet(
  sheet: { readonly lengthMm: number; readonly widthMm: number },
  piece: { readonly lengthMm: number; readonly widthMm: number },
): number {
  const along = (roomMm: number, eachMm: number) => Math.floor((roomMm + GAP_MM + 1e-9) / (eachMm + GAP_MM));
  return Math.max(
    along(sheet.lengthMm, piece.lengthMm) * along(sheet.widthMm, piece.widthMm),
    along(sheet.lengthMm, piece.widthMm) * along(sheet.widthMm, piece.lengthMm),
  );
}
