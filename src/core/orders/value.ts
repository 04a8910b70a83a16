import type { Assortment, OrderLine } from './types';

/** Prices of a slab in whole coins: of each piece type, and of a sale over each channel of the shop. */
export interface SlabPrices {
  readonly kinds: readonly { readonly name: string | null; readonly massG: number; readonly price: number }[];
  readonly channels: readonly { readonly pieces: number; readonly price: number }[];
}

/** What an order comes to, in whole coins. */
export interface OrderValue {
  /** Sum of the lines with a known price. */
  readonly coins: number;
  /** Lines without a known price. */
  readonly unknown: number;
}

/** An assortment; `packCoins` is the price of one pack, coins, or `null` for the sum of its pieces. */
export interface PricedAssortment extends Pick<Assortment, 'parts'> {
  readonly packCoins: number | null;
}

/** Where prices come from. */
export interface PriceBook {
  readonly slabs: ReadonlyMap<number, SlabPrices>;
  readonly assortments: ReadonlyMap<number, PricedAssortment>;
  /** Index of the channel among those of the shop; `null` for the counter. */
  readonly channel: number | null;
  /** Coins in one unit of the currency. */
  readonly coin: number;
}

/** Returns the price of one piece, coins; `null` if it is unknown. A channel's price counts per piece, for every piece type in proportion. */
function priceOfPiece({ slabs, channel }: PriceBook, slab: number, kind: string | undefined): number | null {
  const prices = slabs.get(slab);
  const own = prices?.kinds.find(({ name }) => name === (kind ?? null)) ?? prices?.kinds[0];
  const counter = prices?.kinds[0];
  if (!prices || !own || !counter) return null;
  if (channel === null) return own.price;
  const over = prices.channels[channel];
  if (!over || over.pieces === 0) return null;
  return (over.price / over.pieces) * (counter.price > 0 ? own.price / counter.price : 1);
}

/** What pieces of one type in an order come to. */
export interface LinePart {
  readonly slab: number;
  readonly kind: string | null;
  /** Sold by weight. */
  readonly isByWeight: boolean;
  /** Coins, with fractions; `null` if the price is unknown. */
  readonly coins: number | null;
}

/**
 * Returns what a line comes to, by slab and piece type. The price of an assortment is divided in proportion to the prices of its pieces alone; where
 * one of those is unknown, by the piece.
 */
export function partsOfLine(line: OrderLine, book: PriceBook): LinePart[] {
  const { slab, kind, assortment, count, unit = 'piece', pieces = 1 } = line;
  if (assortment !== undefined) return partsOfAssortment(assortment, count, book);
  if (slab === undefined) return [];
  const each = priceOfPiece(book, slab, kind);
  const of = { slab, kind: kind ?? null, isByWeight: unit === 'g' };
  if (each === null) return [{ ...of, coins: null }];
  if (unit !== 'g') return [{ ...of, coins: each * count * (unit === 'piece' ? 1 : pieces) }];
  const own = book.slabs.get(slab)?.kinds[0];
  return [{ ...of, coins: own && own.massG > 0 ? (each / own.massG) * count : null }];
}

function partsOfAssortment(id: number, count: number, book: PriceBook): LinePart[] {
  const found = book.assortments.get(id);
  if (!found) return [];
  const alone = found.parts.map((part) => {
    const each = priceOfPiece(book, part.slab, part.kind);
    return each === null ? null : each * part.count;
  });
  const known = alone.flatMap((coins) => coins ?? []);
  const sum = known.reduce((all, coins) => all + coins, 0);
  const inProportion = known.length === alone.length && sum > 0;
  const total = found.parts.reduce((all, part) => all + part.count, 0);
  return found.parts.map((part, i) => ({
    ...{ slab: part.slab, kind: part.kind ?? null, isByWeight: false },
    coins:
      found.packCoins === null
        ? alone[i] === null
          ? null
          : alone[i]! * count
        : count * found.packCoins * (inProportion ? alone[i]! / sum : part.count / total),
  }));
}

/** Returns what lines come to over a channel. A line of unknown price is counted and not guessed. */
export function orderValue(lines: readonly OrderLine[], book: PriceBook): OrderValue {
  const values = lines.map((line) => {
    const parts = partsOfLine(line, book);
    const isUnknown = parts.length === 0 || parts.some(({ coins }) => coins === null);
    return isUnknown ? null : Math.round(parts.reduce((sum, { coins }) => sum + coins!, 0));
  });
  return {
    coins: values.reduce<number>((sum, value) => sum + (value ?? 0), 0),
    unknown: values.filter((value) => value === null).length,
  };
}
