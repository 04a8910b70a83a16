/** Tasks that work out what to buy, and what can be made of what is to be used first. */
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import {
  buyingList,
  usesOfIngredient,
  usesOfMixture,
  type BatchToBuyFor,
  type BuyLine,
  type NamedSlab,
  type NeededByRun,
  type SlabUse,
} from '$core/usecases';

export interface BuyingTask {
  readonly batches: readonly BatchToBuyFor[];
  readonly runs: readonly NeededByRun[];
  /** With what is held of them. */
  readonly shelf: readonly Ingredient[];
  readonly shop: Shop;
}

/** Returns what to buy for batches and runs. */
export const buying = ({ batches, runs, shelf, shop }: BuyingTask): BuyLine[] => buyingList(batches, runs, shelf, shop);

/** Something to be used up: an ingredient, or a mixture of a slab. */
export type ToUse =
  | { readonly ingredient: Pick<Ingredient, 'name' | 'aliases'> }
  | { readonly mixtureOf: Slab; readonly preparation: string };

export interface UsesTask {
  readonly toUse: readonly ToUse[];
  readonly slabs: readonly NamedSlab[];
  readonly ingredients: readonly Ingredient[];
  readonly shop: Shop;
}

/** Returns the slabs that use each thing, in its order. */
export function uses({ toUse, slabs, ingredients, shop }: UsesTask): SlabUse[][] {
  const larder = larderOf(ingredients);
  return toUse.map((one) =>
    'ingredient' in one
      ? usesOfIngredient(one.ingredient, slabs, larder, shop)
      : usesOfMixture(one.mixtureOf, one.preparation, slabs, larder, shop),
  );
}
