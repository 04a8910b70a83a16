/** One pack that can be bought. `price` is in the shop's currency; a pack without one has not been priced yet. */
export interface Pack {
  readonly name: string;
  readonly massG: number;
  readonly price?: number | undefined;
}

/** g per 100 g. */
export interface Composition {
  readonly water: number;
  readonly sugars: number;
  readonly fat: number;
  readonly protein: number;
  readonly other: number;
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
  readonly allergens?: readonly string[] | undefined;
}
