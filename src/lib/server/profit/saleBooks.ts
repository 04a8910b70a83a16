import { coinDigits, settledPricing, taxOf } from '$core/cost';
import type { Order, PriceBook } from '$core/orders';
import type { Shop } from '$core/shop';
import { allAssortments } from '../assortments';
import type { Db } from '../db/open';
import type { ListedPrice } from '../priceList';
import { pricesOfSlabs } from '../pricesOf';
import { shopSettings } from '../shop';

/** Prices of an order at one moment: what it brings before tax, and what selling it costs. */
export interface SaleBooks {
  readonly channel: string;
  readonly currency: string;
  readonly net: PriceBook;
  readonly selling: PriceBook;
  /** The same with all prices, where some took too long. */
  readonly later?: (() => Promise<SaleBooks>) | undefined;
}

/** How long handing over waits for prices, ms. What is not priced by then is unknown at first, and stored when it is there. */
const PATIENCE_MS = 5000;
const PATIENCE_LATER_MS = 120_000;

/** Returns the prices of an order as they are now. */
async function saleBooksFor(
  db: Db,
  order: Pick<Order, 'lines' | 'channel'>,
  patienceMs = PATIENCE_MS,
): Promise<SaleBooks> {
  const { lines, channel = '' } = order;
  const assortments = new Map(allAssortments(db).map((own) => [own.id, own]));
  const slabs = lines.flatMap(({ slab, assortment }) =>
    slab === undefined ? (assortments.get(assortment!)?.parts ?? []).map((part) => part.slab) : [slab],
  );
  const prices = await pricesOfSlabs(db, slabs, patienceMs);
  const isComplete = slabs.every((id) => prices.has(id)) || patienceMs === PATIENCE_LATER_MS;
  const shop = shopSettings(db);
  const at = (shop.channels ?? []).findIndex(({ name }) => name === channel);
  const own = at < 0 ? undefined : shop.channels![at]!;
  const coin = 10 ** coinDigits(shop.currency);
  const { taxPercent, taxIncluded } = settledPricing(undefined, shop);
  const netOf = (price: number) =>
    taxIncluded ? price - Number(taxOf(BigInt(price), own?.taxPercent ?? taxPercent, true)) : price;
  const book = (
    of: (price: ListedPrice) => Pick<ListedPrice, 'kinds' | 'channels'>,
    packCoins: (price: number | undefined, box: string | undefined) => number | null,
  ): PriceBook => ({
    slabs: new Map([...prices].flatMap(([id, price]) => (price ? [[id, of(price)] as const] : []))),
    assortments: new Map(
      [...assortments].map(([id, { parts, price, box }]) => [id, { parts, packCoins: packCoins(price, box) }]),
    ),
    channel: own ? at : null,
    coin,
  });
  return {
    channel: own ? channel : '',
    currency: shop.currency,
    ...(isComplete ? {} : { later: () => saleBooksFor(db, order, PATIENCE_LATER_MS) }),
    net: book(
      ({ kinds, channels }) => ({
        kinds: kinds.map((kind) => ({ ...kind, price: kind.net })),
        channels: channels.map((one) => ({ ...one, price: one.net })),
      }),
      (price) => (price === undefined ? null : netOf(Math.round(price * coin))),
    ),
    selling: book(
      ({ kinds, channels, packEach }) => ({
        kinds: kinds.map((kind) => ({ ...kind, price: packEach })),
        channels: channels.map((one) => ({ ...one, price: one.selling })),
      }),
      (price, box) => (price === undefined ? null : packOf(shop, own, price, box) * coin),
    ),
  };
}

type Sellable = Pick<Order, 'lines' | 'channel' | 'status'>;

/**
 * Returns the prices of an order if they count from now on: when it is handed over, and when its lines or its channel change after that.
 *
 * @param before `null` for a new order
 * @param change what is different
 */
export async function booksIfSold(
  db: Db,
  before: Sellable | null,
  change: Partial<Sellable>,
): Promise<SaleBooks | null> {
  const after = { ...before, ...change };
  if (after.status !== 'handed-over' || after.lines === undefined) return null;
  const isSame = (a: Partial<Sellable>, b: Partial<Sellable>) =>
    JSON.stringify([a.lines, a.channel]) === JSON.stringify([b.lines, b.channel]);
  if (before?.status === 'handed-over' && isSame(before, after)) return null;
  return saleBooksFor(db, { lines: after.lines, channel: after.channel });
}

/** Returns what selling one pack of an assortment costs, in the currency: its box, and the fees of its channel. */
function packOf(
  { boxes = [], bags = [] }: Shop,
  channel: NonNullable<Shop['channels']>[number] | undefined,
  price: number,
  box: string | undefined,
): number {
  const pack = [...boxes, ...bags].find(({ name, currency }) => name === box && currency === undefined)?.price ?? 0;
  if (!channel) return pack;
  const { feePercent = 0, feeEach = 0, costEach = 0, feePerDay = 0, salesPerDay, currency } = channel;
  const fixed = currency === undefined ? feeEach + costEach + (salesPerDay ? feePerDay / salesPerDay : 0) : 0;
  return pack + (price * feePercent) / 100 + fixed;
}
