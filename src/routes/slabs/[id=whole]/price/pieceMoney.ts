import { COST_ITEMS, inCoins, type CostItem } from '$core/cost';
import type { SlabPrice } from '$core/usecases';

/** Key of a part of a piece's price. */
export type PartKey = CostItem | 'margin' | 'tax';

/** A part of one piece's price, coins. */
export interface PricePart {
  readonly key: PartKey;
  readonly name: string;
  readonly coins: number;
}

export const PART_NAMES: Readonly<Record<PartKey, string>> = {
  ingredients: 'Ingredients',
  labour: 'Labour',
  energy: 'Energy',
  lining: 'Lining paper',
  packing: 'Packaging',
  overhead: 'Overheads',
  trimSold: 'Trims sold',
  rejects: 'Unsold pieces',
  margin: 'Profit',
  tax: 'Tax',
};

/**
 * Returns the parts of one piece's price, in whole coins that add up to it; of several types, of the mean piece.
 *
 * @returns none where nothing is sold
 */
export function pieceParts({ bill, earned, pieces }: SlabPrice): PricePart[] {
  if (pieces === 0) return [];
  const all = (of: 'net' | 'tax') => earned.kinds.reduce((sum, kind) => sum + kind.count * kind[of], 0) / pieces;
  const [net, tax] = [all('net'), all('tax')];
  const exact: Record<PartKey, number> = {
    ...(Object.fromEntries(COST_ITEMS.map((item) => [item, bill.coins[item] / pieces])) as Record<CostItem, number>),
    margin: net - bill.total / pieces,
    tax,
  };
  const keys = Object.keys(exact) as PartKey[];
  const coins = inCoins(
    keys.map((key) => exact[key]),
    0,
  );
  return keys
    .map((key, i) => ({ key, name: PART_NAMES[key], coins: coins[i]! }))
    .filter(({ coins: some }) => some !== 0);
}
