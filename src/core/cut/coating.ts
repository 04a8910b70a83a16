/** Factor by which the chocolate in the bowl must exceed the coat, so that the last pieces can be dipped. */
const WORKING_SURPLUS = 0.35;
/** Minimum mass in the bowl for dipping, g. */
const MIN_IN_BOWL_G = 250;

/**
 * Returns the mass of chocolate to temper for a coat, g: what sticks, and what stays in the bowl for the next batch.
 *
 * @param coatG what sticks to all pieces, g
 */
export function toTemperG(coatG: number): number {
  return coatG <= 0 ? 0 : Math.max(coatG * (1 + WORKING_SURPLUS), coatG + MIN_IN_BOWL_G / 2, MIN_IN_BOWL_G);
}

/** Gap between pieces on the rack, so that a dipping fork passes and feet do not touch, mm. */
const GAP_MM = 10;

/**
 * Returns how many pieces fit on a rack or a sheet, all in one orientation, with a gap.
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
