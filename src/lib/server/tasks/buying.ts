/** The task that works out what to buy. */
import type { Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import { buyingList, type BatchToBuyFor, type BuyLine, type NeededByRun } from '$core/usecases';

export interface BuyingTask {
  readonly batches: readonly BatchToBuyFor[];
  readonly runs: readonly NeededByRun[];
  /** With what is held of them. */
  readonly shelf: readonly Ingredient[];
  readonly shop: Shop;
}

/** Returns what to buy for batches and runs. */
export const buying = ({ batches, runs, shelf, shop }: BuyingTask): BuyLine[] => buyingList(batches, runs, shelf, shop);
