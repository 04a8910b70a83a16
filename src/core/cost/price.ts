import type { Ingredient, Pack } from '../larder';

/** Returns the price of a pack in the shop's currency, or `null` if it is missing or in another currency. */
export function priceOf(pack: Pick<Pack, 'price' | 'currency'> | undefined): number | null {
  return pack?.price === undefined || pack.currency !== undefined ? null : pack.price;
}

/** Returns the ingredients of a slab file with packs in other currencies unpriced, as a shop with one currency counts them. */
export function inCurrency(ingredients: readonly Ingredient[], currency: string): Ingredient[] {
  return ingredients.map((ingredient) =>
    ingredient.packs?.some((pack) => pack.currency === currency)
      ? {
          ...ingredient,
          packs: ingredient.packs.map((pack) => (pack.currency === currency ? { ...pack, currency: undefined } : pack)),
        }
      : ingredient,
  );
}

/** Returns the usable share of what is bought, 0 to 1. */
const usableShare = (ingredient: Ingredient | null) => (ingredient?.usablePercent ?? 100) / 100;

/**
 * Price of one gram as it is used, in the shop's currency: that of the pack usually bought, the first one listed, by what of it is used.
 *
 * @returns null where that pack has no price in it
 */
export function pricePerGram(ingredient: Ingredient | null): number | null {
  const pack = ingredient?.packs?.[0];
  const price = priceOf(pack);
  return price === null || !pack ? null : price / (pack.massG * usableShare(ingredient));
}

/**
 * Cost today of an amount of an ingredient in whole packs of the usual size.
 *
 * @param massG g, >= 0
 */
export function cashToBuy(ingredient: Ingredient | null, massG: number): number | null {
  const price = priceOf(ingredient?.packs?.[0]);
  return price === null ? null : packsToBuy(ingredient, massG)! * price;
}

/** Returns how many whole packs of the usual size hold a usable mass, or `null` without a pack. */
export function packsToBuy(ingredient: Ingredient | null, massG: number): number | null {
  const pack = ingredient?.packs?.[0];
  return pack ? Math.max(0, Math.ceil(massG / (pack.massG * usableShare(ingredient)) - 1e-9)) : null;
}
