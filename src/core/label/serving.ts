import type { Nutrient } from './nutrients';

/** A serving as United States labels give it. */
export interface Serving {
  /** Household measure: a number of pieces, or the whole pack. */
  readonly measure: 'pieces' | 'pack';
  readonly pieces: number;
  readonly massG: number;
  readonly servings: number;
  /** Whether the number of servings is rounded, so that it is "about". */
  readonly isAbout: boolean;
}

/**
 * Amounts customarily eaten at a time, g: bars on a base of cereal or crumb, and all other sweets.
 *
 * @see 21 CFR 101.12(b), table 2: grain-based bars 40 g; all other candies 30 g
 */
export const REFERENCE_G = { 'grain-bar': 40, candy: 30 } as const;

/**
 * Returns the serving of a pack of pieces.
 *
 * A pack of less than two reference amounts is one serving. Otherwise a piece of two thirds of the reference amount or more is one; of
 * smaller pieces as many as come closest to it.
 *
 * @param pieceG mass of a piece, g
 * @param pieces pieces in the pack
 * @see 21 CFR 101.9(b)(2), (6) and (8)
 */
export function servingOf(pieceG: number, pieces: number, referenceG: number): Serving {
  const packG = pieceG * pieces;
  if (packG < 2 * referenceG || pieceG <= 0)
    return { measure: 'pack', pieces, massG: packG, servings: 1, isAbout: false };
  const each = pieceG >= (2 / 3) * referenceG ? 1 : Math.max(1, Math.round(referenceG / pieceG));
  const exact = pieces / each;
  const servings = exact < 2 ? 1 : exact <= 5 ? Math.round(exact * 2) / 2 : Math.round(exact);
  return { measure: 'pieces', pieces: each, massG: pieceG * each, servings, isAbout: servings !== exact };
}

/** Daily values for adults, g; of salt as 2300 mg of sodium. 21 CFR 101.9(c)(8)(iv) and (9). */
const DAILY_G: Readonly<Record<Exclude<Nutrient, 'sugars' | 'protein'>, number>> = {
  fat: 78,
  saturates: 20,
  carbohydrate: 275,
  totalCarbohydrate: 275,
  addedSugars: 50,
  fibre: 28,
  salt: 5.75,
};

/** Returns the percentage of the daily value, to the nearest whole; `null` for nutrients that have none on the label. */
export const percentDaily = (nutrient: Nutrient, grams: number): number | null =>
  nutrient === 'sugars' || nutrient === 'protein' ? null : Math.round((grams / DAILY_G[nutrient]) * 100);
