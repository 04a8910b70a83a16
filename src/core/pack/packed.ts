import type { Shop } from '../shop';
import type { Packing } from '../slab';
import type { Bag, Box, Wrap } from '../tin';
import { boxAnswers, type BoxAnswer, type PackedPiece } from './boxes';
import { papersPerSheet, wrapPaper, type WrapSize } from './wraps';

/** Packaging of a batch. Money in the shop's currency. */
export interface Packed {
  /** The box or bag; `null` if none is chosen or the shop has none of that name. */
  readonly container: { readonly kind: 'box' | 'bag'; readonly name: string } | null;
  /** Pieces per pack, and number of packs; 0 if the piece does not fit. */
  readonly perPack: number;
  readonly packs: number;
  /** Price of one box or bag; `null` if unknown. */
  readonly priceEach: number | null;
  readonly box: BoxAnswer | null;
  readonly wrap: {
    readonly name: string;
    readonly paper: WrapSize;
    readonly perSheet: number;
    readonly sheets: number;
  } | null;
  /** Cost of all boxes or bags and wrappers. */
  readonly cost: number;
}

type Things = Pick<Shop, 'boxes' | 'bags' | 'wraps'>;
const priceIn = ({ price, currency }: Box | Bag | Wrap) => (currency === undefined ? (price ?? null) : null);

/** Returns how many pieces fit in a bag, by count or by mass. */
const inBag = ({ holdsPieces, holdsG }: Bag, { massG }: PackedPiece) =>
  holdsPieces ?? (holdsG === undefined ? 1 : Math.floor(holdsG / Math.max(1e-9, massG) + 1e-9));

/**
 * Packs pieces as chosen: each in its wrapper, and a number of them in a box or a bag.
 *
 * @param pieces how many there are
 */
export function packedIn(packing: Packing | undefined, things: Things, piece: PackedPiece, pieces: number): Packed {
  const wrap = things.wraps?.find(({ name }) => name === packing?.wrap);
  const paper = wrap ? wrapPaper(piece, wrap.fold) : null;
  const perSheet = wrap && paper ? papersPerSheet(wrap, paper) : 0;
  const sheets = perSheet > 0 ? Math.ceil(pieces / perSheet) : 0;
  const wrapped = wrap && paper ? { name: wrap.name, paper, perSheet, sheets } : null;
  const wrapCost = sheets * ((wrap && priceIn(wrap)) ?? 0);
  const none = { perPack: 0, packs: 0, priceEach: null, box: null, wrap: wrapped, cost: wrapCost };
  const box = things.boxes?.find(({ name }) => name === packing?.in);
  if (box) {
    const [answer] = boxAnswers(piece, pieces, [box], packing?.interleafMm, packing?.pieces);
    const container = { kind: 'box', name: box.name } as const;
    if (!answer) return { ...none, container, priceEach: priceIn(box) };
    const { perBox: perPack, boxes: packs } = answer;
    return { ...none, container, perPack, packs, priceEach: priceIn(box), box: answer, cost: wrapCost + answer.cost };
  }
  const bag = things.bags?.find(({ name }) => name === packing?.in);
  if (!bag) return { ...none, container: null };
  const perPack = Math.min(packing?.pieces ?? Infinity, inBag(bag, piece));
  const packs = perPack > 0 ? Math.ceil(pieces / perPack) : 0;
  const container = { kind: 'bag', name: bag.name } as const;
  return { ...none, container, perPack, packs, priceEach: priceIn(bag), cost: wrapCost + packs * (priceIn(bag) ?? 0) };
}
