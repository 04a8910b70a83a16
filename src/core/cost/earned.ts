import { askedPrice, taxOf, type ExactCost, type PieceCoins } from './asked';
import type { Bill } from './bill';
import { MILLION, millionths, roundDiv } from './exact';
import type { SettledPricing } from './pricing';

/** Pieces that are sold at the same price. */
export interface SoldKind {
  readonly id: string | null;
  readonly name: string | null;
  readonly count: number;
  /** Mean mass, g. */
  readonly massG: number;
  /** Fixed price of the shop for this piece type, in the currency. */
  readonly ownPrice?: number | undefined;
}

/** A piece type with its price, in coins; `cost` may have fractions of a coin. */
export interface PricedKind extends SoldKind, PieceCoins {
  readonly cost: number;
  /** net - cost. */
  readonly margin: number;
}

/** Earnings of a run when its pieces are sold, in coins. */
export interface Earned {
  readonly kinds: readonly PricedKind[];
  /** Margin of the whole run after unsold pieces. */
  readonly margin: number;
  /** Margin as a share of net sales; `null` if nothing is sold. */
  readonly marginShare: number | null;
  /** Margin per paid labour hour; `null` while the schedule is unknown. */
  readonly marginPerHour: number | null;
  /** Break-even number of pieces; `null` if there is none. */
  readonly breakEvenPieces: number | null;
}

/** Cost of one piece of a type, by mass. */
function costOf(total: number, kind: SoldKind, kinds: readonly SoldKind[]): ExactCost {
  const grams = kinds.reduce((sum, { count, massG }) => sum + BigInt(count) * millionths(massG), 0n);
  return grams > 0n ? { coins: BigInt(total) * millionths(kind.massG), per: grams } : { coins: 0n, per: 1n };
}

/**
 * Returns the prices of a run's pieces and what the run earns.
 *
 * A price that is named for the slab is that of its mean piece; a smaller or larger kind is priced by its mass. A kind that the shop
 * always asks a price for keeps it, unless the slab itself asks for something.
 */
export function earnedBy(bill: Bill, kinds: readonly SoldKind[], pricing: SettledPricing, digits: number): Earned {
  const pieces = kinds.reduce((sum, { count }) => sum + count, 0);
  const meanG = pieces > 0 ? kinds.reduce((sum, { count, massG }) => sum + count * massG, 0) / pieces : 0;
  const askFor = ({ massG, ownPrice }: SoldKind): SettledPricing['ask'] => {
    if (ownPrice !== undefined && pricing.askedBy !== 'slab') return { by: 'price', price: ownPrice };
    const { ask } = pricing;
    return ask.by === 'price' && meanG > 0 ? { by: 'price', price: (ask.price * massG) / meanG } : ask;
  };
  const priced = kinds.map((kind): PricedKind => {
    const exact = costOf(bill.total, kind, kinds);
    const price = askedPrice(exact, { ...pricing, ask: askFor(kind) }, digits);
    const cost = Number((exact.coins * MILLION) / exact.per) / 1e6;
    return { ...kind, ...price, cost, margin: price.net - cost };
  });
  const net = priced.reduce((sum, kind) => sum + kind.count * kind.net, 0);
  const sold = MILLION - millionths(pricing.rejectShare);
  // The bill includes unsold pieces; sales exclude them.
  const margin = Number(roundDiv(BigInt(net - bill.total) * sold, MILLION));
  const hours = (bill.handsMinutes ?? 0) / 60;
  const spent = bill.total - bill.coins.rejects;
  const [meanNet, packEach] = pieces > 0 ? [net / pieces, bill.coins.packing / pieces] : [0, 0];
  const leftEach = meanNet - packEach;
  return {
    kinds: priced,
    margin,
    marginShare: net > 0 ? (net - bill.total) / net : null,
    marginPerHour: hours > 0 ? margin / hours : null,
    breakEvenPieces: pieces > 0 && leftEach > 0 ? Math.ceil((spent - bill.coins.packing) / leftEach - 1e-9) : null,
  };
}

/** Terms of a sales channel with its packaging, in coins. */
export interface ChannelTerms {
  readonly discountPercent: number;
  readonly feePercent: number;
  readonly feeEach: number;
  /** Sales tax of the channel, %; `null` for the shop's rate. */
  readonly taxPercent: number | null;
  /** Pieces per sale: a box of six is one sale. */
  readonly pieces: number;
  /** Cost of one pack, coins. */
  readonly packCoins: number;
  /** What each sale costs besides, coins: postage, its share of a stall fee. */
  readonly saleCosts?: number;
}

/** A sale over a channel, in coins: price = net + tax; net = cost + packaging + fee + saleCosts + margin. */
export interface ChannelSale extends PieceCoins {
  readonly cost: number;
  readonly packing: number;
  readonly fee: number;
  readonly saleCosts: number;
  readonly margin: number;
  readonly marginShare: number | null;
}

/**
 * One sale over a channel: so many pieces at the price before tax less the channel's discount, its own tax on that, its fee, its pack.
 *
 * @param piece what one piece is sold for over the counter
 * @param costEach what one piece costs without packing, in coins
 */
export function channelSale(
  piece: PieceCoins,
  costEach: number,
  terms: ChannelTerms,
  shops: Pick<SettledPricing, 'taxPercent' | 'taxIncluded'>,
): ChannelSale {
  const { pieces, discountPercent, feePercent, feeEach, packCoins, saleCosts = 0 } = terms;
  const off = 100n * MILLION - millionths(discountPercent);
  // Where prices include tax, the discount applies to the price with tax, which stays round; a different tax rate applies to the
  // net price.
  const isIncluded = shops.taxIncluded && terms.taxPercent === null;
  const said = roundDiv(BigInt(isIncluded ? piece.price : piece.net) * BigInt(pieces) * off, 100n * MILLION);
  const tax = taxOf(said, terms.taxPercent ?? shops.taxPercent, isIncluded);
  const [price, net] = isIncluded ? [said, said - tax] : [said + tax, said];
  const fee = Number(roundDiv(price * millionths(feePercent), 100n * MILLION)) + feeEach;
  // Whole coins, so that displayed amounts add up.
  const cost = Math.round(costEach * pieces);
  const margin = Number(net) - cost - packCoins - fee - saleCosts;
  return {
    ...{ price: Number(price), tax: Number(tax), net: Number(net) },
    ...{ cost, packing: packCoins, fee, saleCosts, margin },
    marginShare: net > 0n ? margin / Number(net) : null,
  };
}

/** What a sale over a channel has to leave: as much profit, in coins, or the same share of the price before tax. */
export type ChannelAim = { readonly profit: number } | { readonly marginShare: number };

/**
 * Returns the least price of a sale, in coins as the buyer pays it, that leaves the wanted profit after the channel's fee, its tax, its
 * pack and its other costs. `null` if the fee takes so much that no price does.
 *
 * With a fee f of the price P and a tax t, P / (1 + t) - f P = costs + profit; for a margin m, P (1 - m) / (1 + t) - f P = costs.
 *
 * @param costEach what one piece costs without packing, in coins
 * @param taxPercent of the shop; the channel's own comes first
 */
export function channelPriceFor(
  aim: ChannelAim,
  costEach: number,
  { pieces, feePercent, feeEach, packCoins, saleCosts = 0, taxPercent }: ChannelTerms,
  shopTaxPercent: number,
): number | null {
  const tax = 1 + (taxPercent ?? shopTaxPercent) / 100;
  const besides = packCoins + feeEach + saleCosts;
  const [fixed, kept] =
    'profit' in aim
      ? [Math.round(costEach * pieces) + besides + aim.profit, 1]
      : [costEach * pieces + besides, 1 - aim.marginShare];
  const perCoin = kept / tax - feePercent / 100;
  return perCoin > 1e-9 ? Math.max(0, Math.ceil(fixed / perCoin - 1e-9)) : null;
}
