import { coinDigits } from '$core/cost';
import type { Orderable, PriceBook, SlabPrices, StoredAssortment } from '$core/orders';
import type { Shop } from '$core/shop';

/** A slab with its prices, as the page loads them. */
export interface Priced extends SlabPrices {
  readonly id: number;
  readonly pieces: number;
}

interface Loaded {
  readonly slabs: readonly { readonly id: number; readonly name: string }[];
  readonly assortments: readonly StoredAssortment[];
  readonly prices: readonly Priced[];
}

/** Returns everything that can be ordered, by name. */
export function orderablesOf({ slabs, assortments, prices }: Loaded): Orderable[] {
  return [
    ...slabs.map(({ id, name }): Orderable => {
      const price = prices.find((own) => own.id === id);
      const kinds = (price?.kinds ?? []).flatMap((kind) => kind.name ?? []);
      return { id, name, what: 'slab', pieces: price?.pieces ?? null, kinds };
    }),
    ...assortments.map(({ id, name, parts }): Orderable => ({
      ...{ id, name, what: 'assortment', kinds: [] },
      pieces: parts.reduce((sum, { count }) => sum + count, 0),
    })),
  ];
}

/** Returns where the prices of an order come from. @param channel name of a channel of the shop, or empty for the counter */
export function priceBookOf(
  { assortments, prices }: Loaded,
  { channels = [], currency }: Pick<Shop, 'channels' | 'currency'>,
  channel: string | undefined,
): PriceBook {
  const coin = 10 ** coinDigits(currency);
  const at = channel ? channels.findIndex(({ name }) => name === channel) : -1;
  return {
    slabs: new Map(prices.map((price) => [price.id, price])),
    assortments: new Map(
      assortments.map(({ id, parts, price }) => [
        id,
        { parts, packCoins: price === undefined ? null : Math.round(price * coin) },
      ]),
    ),
    channel: at < 0 ? null : at,
    coin,
  };
}
