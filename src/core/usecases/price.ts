import {
  billOf,
  channelPriceFor,
  channelSale,
  type ChannelAim,
  coinDigits,
  earnedBy,
  settledPricing,
  type Bill,
  type ChannelSale,
  type Earned,
  type RunMinutes,
  type SettledPricing,
  type SoldKind,
} from '../cost';
import { packedIn, type Packed, type PackedPiece } from '../pack';
import type { Channel, Shop } from '../shop';
import { PLACE_FACTS, PLACES, type Slab } from '../slab';
import type { Activity } from '../time';
import { linerM2 } from '../tin';
import type { Plan, PlannedCut } from './planned';

/** A sales channel with its sale. */
export interface ChannelPrice {
  readonly channel: Channel;
  readonly pieces: number;
  readonly packed: Packed | null;
  readonly sale: ChannelSale;
  /** Price of a sale for the same profit and for the same margin as over the counter, in coins; `null` if no price gives it. */
  readonly ask: { readonly sameProfit: number | null; readonly sameMargin: number | null };
}

/** Effect of a 10 % rise of one ingredient's price on a run, in the currency. Other rises have an effect in proportion. */
export interface Rise {
  readonly ingredient: string;
  readonly costMore: number;
  readonly costMoreEach: number;
}

/** Cost and earnings of a run. Coins are the currency's smallest. */
export interface SlabPrice {
  readonly currency: string;
  readonly digits: number;
  readonly pieces: number;
  readonly pricing: SettledPricing;
  readonly bill: Bill;
  readonly earned: Earned;
  readonly packed: Packed;
  readonly channels: readonly ChannelPrice[];
  /** Most expensive first. */
  readonly rises: readonly Rise[];
  /** Cost of whole packs today, in the currency. */
  readonly toBuy: number;
}

const RISE = 0.1;
/** Cold places count once for all tins: they are just as cold for five as for one. */
const COLD: ReadonlySet<string> = new Set(PLACES.filter((place) => PLACE_FACTS[place].isCold));

/** Returns the labour and powered minutes of a schedule's steps. */
export function runMinutesOf(
  activities: readonly Pick<Activity, 'of' | 'minutes' | 'hands' | 'occupies'>[],
): RunMinutes {
  const sum = { busy: 0, watch: 0, oven: 0, ring: 0, mixer: 0, fridge: 0, freezer: 0 };
  const cold = new Map<string, number>();
  for (const { of, minutes, hands, occupies } of activities) {
    if (hands !== 'free') sum[hands] += minutes;
    for (const what of occupies) {
      if (COLD.has(what)) cold.set(`${what} ${of}`, Math.max(minutes, cold.get(`${what} ${of}`) ?? 0));
      else if (what in sum) sum[what as 'oven'] += minutes;
    }
  }
  for (const [key, minutes] of cold) sum[key.split(' ', 1)[0] as 'fridge'] += minutes;
  return sum;
}

/** Groups pieces sold at the same price: clipped pieces with the others, piece types by name. */
export function soldKinds(
  { pieces }: Pick<PlannedCut, 'pieces'>,
  { pieceKinds = [] }: Pick<Shop, 'pieceKinds'>,
): SoldKind[] {
  const kinds = new Map<string, { id: string | null; name: string | null; count: number; gramsG: number }>();
  for (const { id = null, name = null, count, massG } of pieces) {
    const key = id ?? '';
    const sum = kinds.get(key) ?? { id, name, count: 0, gramsG: 0 };
    kinds.set(key, { ...sum, count: sum.count + count, gramsG: sum.gramsG + count * massG });
  }
  return [...kinds.values()].map(({ gramsG, ...kind }) => {
    const known = pieceKinds.find(({ name, currency }) => name === kind.name && currency === undefined);
    return { ...kind, massG: gramsG / kind.count, ownPrice: known?.price };
  });
}

/** Returns the piece used for packing: the largest, so that all fit. */
export function packedPiece({ pieces }: Pick<PlannedCut, 'pieces'>): PackedPiece {
  const most = (of: (kind: PlannedCut['pieces'][number]) => number) =>
    pieces.reduce((max, kind) => Math.max(max, of(kind)), 0);
  return {
    lengthMm: most(({ lengthMm }) => lengthMm),
    widthMm: most(({ widthMm }) => widthMm),
    heightMm: most(({ heightMm }) => heightMm),
    massG: most(({ massG }) => massG),
  };
}

/**
 * Returns the cost of a run, the prices of its pieces and what it earns, at the counter and over each channel.
 *
 * @param planned of the slab as it is made
 * @param minutes of its day; null while that is not known, and hands and power then count as nothing
 */
export function priceSlab(
  slab: Pick<Slab, 'pricing' | 'packing' | 'lining'>,
  shop: Shop,
  planned: Pick<Plan, 'cut' | 'cost' | 'slabs'>,
  minutes: RunMinutes | null,
): SlabPrice {
  const pricing = settledPricing(slab.pricing, shop);
  const digits = coinDigits(shop.currency);
  const kinds = soldKinds(planned.cut, shop);
  const pieces = kinds.reduce((sum, { count }) => sum + count, 0);
  const piece = packedPiece(planned.cut);
  const packed = packedIn(slab.packing, shop, piece, pieces);
  const run = {
    usedCost: planned.cost.used,
    leftoverCost: planned.cost.leftover,
    trimG: planned.cut.trimG,
    packingCost: packed.cost,
    liningM2: planned.slabs.reduce((sum, { tin, sheet, count }) => sum + count * linerM2(sheet ?? tin, slab.lining), 0),
    minutes,
    slabs: planned.slabs.reduce((sum, { count }) => sum + count, 0),
  };
  const bill = billOf(run, pricing, digits);
  const earned = earnedBy(bill, kinds, pricing, digits);
  const grows =
    (1 + (pricing.overhead.by === 'percent' ? pricing.overhead.amount / 100 : 0)) / (1 - pricing.rejectShare);
  const rises = planned.cost.byIngredient
    .flatMap(({ name, cost }) => {
      const costMore = (cost ?? 0) * RISE * grows;
      return costMore > 0 ? [{ ingredient: name, costMore, costMoreEach: costMore / Math.max(1, pieces) }] : [];
    })
    .sort((a, b) => b.costMore - a.costMore);
  return {
    currency: shop.currency,
    ...{ digits, pieces, pricing, bill, earned, packed, rises },
    channels: channelsOf(shop, slab, piece, pieces, { bill, earned, pricing, digits }),
    toBuy: planned.cost.toBuy,
  };
}

/** Returns a sale over each channel of the shop: in the channel's pack, otherwise the slab's, otherwise as one piece. */
function channelsOf(
  shop: Shop,
  { packing }: Pick<Slab, 'packing'>,
  piece: PackedPiece,
  pieces: number,
  { bill, earned, pricing, digits }: Pick<SlabPrice, 'bill' | 'earned' | 'pricing' | 'digits'>,
): ChannelPrice[] {
  const [first] = earned.kinds;
  if (!first || pieces === 0) return [];
  const coin = 10 ** digits;
  const costEach = (bill.total - bill.coins.packing) / pieces;
  return (shop.channels ?? []).map((channel) => {
    const own = channel.in !== undefined && channel.in !== '';
    const asked = own
      ? { ...packing, in: channel.in, pieces: channel.pieces }
      : { ...packing, pieces: channel.pieces ?? packing?.pieces };
    const packed = own || packing ? packedIn(asked, shop, piece, Math.max(pieces, channel.pieces ?? 1)) : null;
    const inOne = packed && packed.perPack > 0 ? packed.perPack : (channel.pieces ?? 1);
    const packCoins = packed && packed.packs > 0 ? Math.round((packed.cost / packed.packs) * coin) : 0;
    const { discountPercent = 0, feePercent = 0, feeEach = 0, taxPercent = null, currency } = channel;
    const { costEach: saleCost = 0, feePerDay = 0, salesPerDay } = channel;
    const perSale = saleCost + (salesPerDay ? feePerDay / salesPerDay : 0);
    const coinsOf = (amount: number) => (currency === undefined ? Math.round(amount * coin) : 0);
    const terms = {
      ...{ discountPercent, feePercent, taxPercent, packCoins },
      feeEach: coinsOf(feeEach),
      saleCosts: coinsOf(perSale),
      pieces: inOne,
    };
    const counter = first.net - first.cost;
    const priceFor = (aim: ChannelAim) => channelPriceFor(aim, costEach, terms, pricing.taxPercent);
    return {
      ...{ channel, pieces: inOne, packed, sale: channelSale(first, costEach, terms, pricing) },
      ask: {
        sameProfit: priceFor({ profit: Math.round(counter * inOne) }),
        sameMargin: first.net > 0 ? priceFor({ marginShare: counter / first.net }) : null,
      },
    };
  });
}
