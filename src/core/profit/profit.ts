/** Pieces of one lot that were sold over one channel, with what each brought and cost. Returned ones have a negative amount. */
export interface SoldPieces {
  readonly slab: number;
  readonly kind: string;
  readonly lot: string;
  /** Sales channel; empty for the counter, `null` if it was entered without an order. */
  readonly channel: string | null;
  /** When they were handed over, ISO 8601. */
  readonly at: string;
  readonly unit: 'piece' | 'g';
  /** Pieces or grams; negative for what came back. */
  readonly amount: number;
  /** Of one piece or gram, in coins: revenue before tax, and the cost of selling it; `null` if unknown. */
  readonly netEach: number | null;
  readonly sellingEach: number | null;
  /** Production cost of one, coins, and paid labour, min; `null` if unknown. */
  readonly made: MadeCost | null;
}

/** Production cost of one piece. */
export interface MadeCost {
  /** Coins, with fractions. */
  readonly costEach: number;
  readonly labourMinutesEach: number;
  /** From other runs of the slab, since its own is not known. */
  readonly isEstimate: boolean;
}

/** Pieces that were made and cannot be sold any more: thrown away, or missing at a stocktake. */
export type LostPieces = Pick<SoldPieces, 'slab' | 'kind' | 'lot' | 'at' | 'unit' | 'amount' | 'made'>;

/** What pays, of some sales. Money in coins with fractions. */
export interface Profit {
  readonly pieces: number;
  readonly grams: number;
  /** Before tax. */
  readonly revenue: number;
  readonly selling: number;
  readonly production: number;
  /** Cost of what was thrown away or missing. */
  readonly lost: number;
  readonly lostPieces: number;
  /** revenue - selling - production - lost; `null` if nothing of it is known. */
  readonly profit: number | null;
  readonly labourMinutes: number;
  readonly perHour: number | null;
  /** Left out of all money above, since the price or the cost is unknown. */
  readonly unknownPieces: number;
  readonly unknownGrams: number;
  /** Pieces whose cost is estimated from other runs. */
  readonly estimated: number;
}

/**
 * Returns what sales brought and cost. Only what has a known price and a known cost counts into the money; the rest is counted as unknown.
 *
 * Profit per labour hour is the profit, after paid labour, over the paid labour of what was sold or lost.
 */
export function profitOf(sold: readonly SoldPieces[], lost: readonly LostPieces[]): Profit {
  const sum = { pieces: 0, grams: 0, revenue: 0, selling: 0, production: 0, lost: 0, lostPieces: 0 };
  const quality = { labourMinutes: 0, unknownPieces: 0, unknownGrams: 0, estimated: 0, known: 0 };
  const leaveOut = ({ unit, amount }: Pick<SoldPieces, 'unit' | 'amount'>) => {
    quality[unit === 'piece' ? 'unknownPieces' : 'unknownGrams'] += amount;
  };
  for (const sale of sold) {
    const { unit, amount, netEach, sellingEach, made } = sale;
    sum[unit === 'piece' ? 'pieces' : 'grams'] += amount;
    if (netEach === null || sellingEach === null || made === null) {
      leaveOut(sale);
      continue;
    }
    quality.known += 1;
    sum.revenue += amount * netEach;
    sum.selling += amount * sellingEach;
    sum.production += amount * made.costEach;
    quality.labourMinutes += amount * made.labourMinutesEach;
    if (made.isEstimate) quality.estimated += amount;
  }
  for (const loss of lost) {
    const { unit, amount, made } = loss;
    if (unit === 'piece') sum.lostPieces += amount;
    if (made === null) {
      leaveOut(loss);
      continue;
    }
    quality.known += 1;
    sum.lost += amount * made.costEach;
    quality.labourMinutes += amount * made.labourMinutesEach;
    if (made.isEstimate) quality.estimated += amount;
  }
  const profit = quality.known > 0 ? sum.revenue - sum.selling - sum.production - sum.lost : null;
  const { known: _known, ...rest } = quality;
  return {
    ...{ ...sum, ...rest, profit },
    perHour: profit !== null && rest.labourMinutes > 0 ? (profit * 60) / rest.labourMinutes : null,
  };
}

/** Profit of each group of sales, the most profitable first; those without a known profit last. */
export interface ProfitGroup<Key> extends Profit {
  readonly key: Key;
}

/**
 * Groups sales.
 *
 * @param keyOf group of a sale; losses have no channel, so that a grouping by channel leaves them out
 * @param lostKeyOf group of a loss, or `null` to leave it out
 */
export function profitBy<Key extends string | number>(
  sold: readonly SoldPieces[],
  lost: readonly LostPieces[],
  keyOf: (sale: SoldPieces) => Key,
  lostKeyOf: (loss: LostPieces) => Key | null,
): ProfitGroup<Key>[] {
  const groups = new Map<Key, { sold: SoldPieces[]; lost: LostPieces[] }>();
  const groupOf = (key: Key) => {
    const group = groups.get(key) ?? { sold: [], lost: [] };
    groups.set(key, group);
    return group;
  };
  for (const one of sold) groupOf(keyOf(one)).sold.push(one);
  for (const one of lost) {
    const key = lostKeyOf(one);
    if (key !== null) groupOf(key).lost.push(one);
  }
  return [...groups]
    .map(([key, group]) => ({ key, ...profitOf(group.sold, group.lost) }))
    .sort((a, b) => (b.profit ?? -Infinity) - (a.profit ?? -Infinity) || String(a.key).localeCompare(String(b.key)));
}
