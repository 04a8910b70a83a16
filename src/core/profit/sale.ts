import { neededFor, partsOfLine, type LinePart, type OrderLine, type PriceBook } from '../orders';

/** What an order brings and what selling it costs, for one piece type of a slab, in coins with fractions. */
export interface SalePart {
  readonly slab: number;
  readonly kind: string | null;
  readonly isByWeight: boolean;
  /** Pieces, or grams where it is sold by weight. */
  readonly amount: number;
  /** Revenue before tax; `null` if a price is unknown. */
  readonly netCoins: number | null;
  /** Packaging, fees and other costs of the sale; `null` if unknown. */
  readonly sellingCoins: number | null;
}

/**
 * Returns what an order brings by slab and piece type, each once.
 *
 * @param net prices before tax
 * @param selling costs of selling, in the same form as prices
 */
export function saleOf(lines: readonly OrderLine[], net: PriceBook, selling: PriceBook): SalePart[] {
  const netParts = lines.flatMap((line) => partsOfLine(line, net));
  const costParts = lines.flatMap((line) => partsOfLine(line, selling));
  return neededFor(lines, net.assortments).flatMap(({ slab, kind, pieces, grams }) =>
    ([false, true] as const).flatMap((isByWeight): SalePart[] => {
      const amount = isByWeight ? grams : pieces;
      if (amount === 0) return [];
      const own = (part: LinePart) => part.slab === slab && part.kind === kind && part.isByWeight === isByWeight;
      const sum = (parts: readonly LinePart[]) =>
        parts
          .filter(own)
          .reduce<number | null>((all, { coins }) => (all === null || coins === null ? null : all + coins), 0);
      return [{ slab, kind, isByWeight, amount, netCoins: sum(netParts), sellingCoins: sum(costParts) }];
    }),
  );
}
