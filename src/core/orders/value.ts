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

/** Where prices come from. */
export interface PriceBook {
  readonly slabs: ReadonlyMap<number, SlabPrices>;
  readonly assortments: ReadonlyMap<number, Assortment>;
  /** Index of the channel among those of the shop; `null` for the counter. */
  readonly channel: number | null;
  /** Coins in one unit of the currency. */
  readonly coin: number;
}

/** Returns the price of one piece, coins; `null` if it is unknown. A channel's price counts per piece, for every piece type alike. */
function priceOfPiece({ slabs, channel }: PriceBook, slab: number, kind: string | undefined): number | null {
  const prices = slabs.get(slab);
  const own = prices?.kinds.find(({ name }) => name === (kind ?? null)) ?? prices?.kinds[0];
  const counter = prices?.kinds[0];
  if (!prices || !own || !counter) return null;
  const over = channel === null ? undefined : prices.channels[channel];
  if (!over || over.pieces === 0 || counter.price === 0) return channel === null ? own.price : null;
  return (over.price / over.pieces) * (own.price / counter.price);
}

/** Returns the price of a line, coins; `null` if it is unknown. */
function valueOfLine(line: OrderLine, book: PriceBook): number | null {
  const { slab, kind, assortment, count, unit = 'piece', pieces = 1 } = line;
  if (assortment !== undefined) {
    const found = book.assortments.get(assortment);
    if (!found) return null;
    if (found.price !== undefined) return count * Math.round(found.price * book.coin);
    const parts = found.parts.map((part) => {
      const each = priceOfPiece(book, part.slab, part.kind);
      return each === null ? null : each * part.count;
    });
    return parts.some((part) => part === null) ? null : count * parts.reduce<number>((sum, part) => sum + part!, 0);
  }
  if (slab === undefined) return null;
  const each = priceOfPiece(book, slab, kind);
  if (each === null) return null;
  if (unit === 'g') {
    const own = book.slabs.get(slab)?.kinds[0];
    return own && own.massG > 0 ? (each / own.massG) * count : null;
  }
  return each * count * (unit === 'piece' ? 1 : pieces);
}

/** Returns what lines come to over a channel. A line of unknown price is counted and not guessed. */
export function orderValue(lines: readonly OrderLine[], book: PriceBook): OrderValue {
  const values = lines.map((line) => valueOfLine(line, book));
  return {
    coins: values.reduce<number>((sum, value) => sum + Math.round(value ?? 0), 0),
    unknown: values.filter((value) => value === null).length,
  };
}
