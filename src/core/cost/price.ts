import type { Ingredient } from '../larder';

/**
 * Price of one gram, in the shop's currency: that of the pack usually bought, the first one listed.
 *
 * @returns null where no pack has been priced
 */
export function pricePerGram(ingredient: Ingredient | null): number | null {
  const pack = ingredient?.packs?.[0];
  return pack?.price === undefined ? null : pack.price / pack.massG;
}

/**
 * Money to pay today for so much of an ingredient in whole packs of the usual size.
 *
 * @param massG g, >= 0
 */
export function cashToBuy(ingredient: Ingredient | null, massG: number): number | null {
  const price = ingredient?.packs?.[0]?.price;
  return price === undefined ? null : packsToBuy(ingredient, massG)! * price;
}

/** How many whole packs of the usual size hold so much, or null where none is listed. */
export function packsToBuy(ingredient: Ingredient | null, massG: number): number | null {
  const pack = ingredient?.packs?.[0];
  return pack ? Math.max(0, Math.ceil(massG / pack.massG - 1e-9)) : null;
}
