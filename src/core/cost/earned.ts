import { askedPrice, taxOf, type ExactCost, type PieceCoins } from './asked';
import type { Bill } from './bill';
import { MILLION, millionths, roundDiv } from './exact';
import type { SettledPricing } from './pricing';

/** Pieces that are sold alike. */
export interface SoldKind {
  readonly id: string | null;
  readonly name: string | null;
  readonly count: number;
  /** Mean mass, g. */
  readonly massG: number;
  /** What the shop always asks for this kind, in the currency. */
  readonly ownPrice?: number | undefined;
}

/** A kind of piece with its price, in coins; `cost` may hold parts of one. */
export interface PricedKind extends SoldKind, PieceCoins {
  readonly cost: number;
  /** net - cost. */
  readonly margin: number;
}

/** What a run earns when its pieces are sold, in coins. */
export interface Earned {
  readonly kinds: readonly PricedKind[];
  /** Of the whole run, with what is not sold taken off. */
  readonly margin: number;
  /** Of what it is sold for before tax. null where nothing is sold. */
  readonly marginShare: number | null;
  /** For each hour of hands that is paid. null while the day is not known. */
  readonly marginPerHour: number | null;
  /** Pieces that have to be sold to pay for the run; null where they never do. */
  readonly breakEvenPieces: number | null;
}

/** What one piece of a kind costs: the run's cost by mass, since every gram costs the same. */
function costOf(total: number, kind: SoldKind, kinds: readonly SoldKind[]): ExactCost {
  const grams = kinds.reduce((sum, { count, massG }) => sum + BigInt(count) * millionths(massG), 0n);
  return grams > 0n ? { coins: BigInt(total) * millionths(kind.massG), per: grams } : { coins: 0n, per: 1n };
}

/**
 * Prices for the pieces of a run, and what it earns by them.
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
  // The bill has what is not sold on top; what is earned has it off.
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

/** A channel by what it takes, and what it packs in, in coins. */
export interface ChannelTerms {
  readonly discountPercent: number;
  readonly feePercent: number;
  readonly feeEach: number;
  /** Its own tax; null where that is the shop's. */
  readonly taxPercent: number | null;
  /** Pieces in one sale: a box of six is one. */
  readonly pieces: number;
  /** What one such pack costs. */
  readonly packCoins: number;
}

/** One sale over a channel, in coins: price = net + tax; net = cost + packing + fee + margin. */
export interface ChannelSale extends PieceCoins {
  readonly cost: number;
  readonly packing: number;
  readonly fee: number;
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
  const { pieces, discountPercent, feePercent, feeEach, packCoins } = terms;
  const off = 100n * MILLION - millionths(discountPercent);
  // Where prices are said with tax it is the price that is cut and stays round; under another tax it is what stands before it.
  const isIncluded = shops.taxIncluded && terms.taxPercent === null;
  const said = roundDiv(BigInt(isIncluded ? piece.price : piece.net) * BigInt(pieces) * off, 100n * MILLION);
  const tax = taxOf(said, terms.taxPercent ?? shops.taxPercent, isIncluded);
  const [price, net] = isIncluded ? [said, said - tax] : [said + tax, said];
  const fee = Number(roundDiv(price * millionths(feePercent), 100n * MILLION)) + feeEach;
  // Whole coins, so that what is shown adds up.
  const cost = Math.round(costEach * pieces);
  const margin = Number(net) - cost - packCoins - fee;
  return {
    ...{ price: Number(price), tax: Number(tax), net: Number(net) },
    ...{ cost, packing: packCoins, fee, margin },
    marginShare: net > 0n ? margin / Number(net) : null,
  };
}
