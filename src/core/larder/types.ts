/**
 * One pack that can be bought. `price` is in the shop's currency, as of the day `pricedOn` (YYYY-MM-DD); a pack without one
 * has not been priced yet.
 */
export interface Pack {
  readonly name: string;
  readonly massG: number;
  readonly price?: number | undefined;
  readonly pricedOn?: string | undefined;
}

/** g per 100 g. `other` is starch, fibre and ash; `salt` is how much of it is salt. */
export interface Composition {
  readonly water: number;
  readonly sugars: number;
  readonly fat: number;
  readonly protein: number;
  readonly other: number;
  readonly salt?: number | undefined;
}

/** g per 100 g. Sugars without kinds count as sucrose. */
export interface SugarKinds {
  readonly sucrose?: number | undefined;
  readonly lactose?: number | undefined;
  readonly mono?: number | undefined;
  readonly glucoseSyrup?: number | undefined;
}

/** An ingredient held in the larder, with what is needed to weigh, price and declare it. */
export interface Ingredient {
  readonly name: string;
  readonly aliases?: readonly string[] | undefined;
  readonly densityGPerMl?: number | undefined;
  readonly densities?: Readonly<Record<string, number>> | undefined;
  readonly unitMassG?: number | undefined;
  /** The pack usually bought stands first; it gives the price per gram. */
  readonly packs?: readonly Pack[] | undefined;
  readonly composition?: Composition | undefined;
  readonly sugarKinds?: SugarKinds | undefined;
  /** Allergens of its own; those of what it is made of come on top (`allergensOf`). */
  readonly allergens?: readonly string[] | undefined;
  readonly diets?: readonly Diet[] | undefined;
  /** What a compound ingredient is made of, by larder name, with its share where the pack says. */
  readonly madeOf?: readonly { readonly ingredient: string; readonly percent?: number | undefined }[] | undefined;
  /** The share of a preparation that it usually makes up, percent. */
  readonly usualPercent?: { readonly from: number; readonly to: number } | undefined;
  /** Height of one grain as it lies when it is strewn, mm. */
  readonly grainMm?: number | undefined;
  /** What can stand in for it: so many g for each g of it, and what that changes. */
  readonly alternatives?: readonly Alternative[] | undefined;
  /** What the shop has of it now, g. */
  readonly heldG?: number | undefined;
  /** Where the figures come from. */
  readonly source?: string | undefined;
}

export interface Alternative {
  readonly ingredient: string;
  readonly ratio: number;
  readonly changes?: string | undefined;
}

export const DIETS = ['vegetarian', 'vegan', 'halal', 'kosher'] as const;
export type Diet = (typeof DIETS)[number];
