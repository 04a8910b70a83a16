import type { Bill, Earned, SettledPricing } from '../cost';
import { promisedIn, type Keeping, type LabelIngredient, type LabelProfile, type Nutrition } from '../label';
import type { Packed, PackedPiece } from '../pack';
import type { ExpandedSlab } from '../slab';
import { check, type Check } from './codes';

/** Figures of a slab's price, packaging and label, as the rules need them. */
export interface SellingFacts {
  readonly slab: ExpandedSlab;
  readonly currency: string;
  /** Decimal places of the currency; money in the facts is in its smallest coins. */
  readonly digits: number;
  readonly bill: Bill;
  readonly earned: Earned;
  readonly pricing: SettledPricing;
  /** Sale over each channel of the shop. */
  readonly channels: readonly { readonly name: string; readonly margin: number; readonly price: number }[];
  readonly packed: Packed;
  readonly piece: PackedPiece;
  readonly label: {
    readonly name: string;
    readonly profile: LabelProfile;
    readonly ingredients: readonly LabelIngredient[];
    readonly nutrition: Nutrition;
    readonly keeping: Keeping;
    readonly pieces: number;
    readonly netG: number;
    readonly lightestG: number;
  };
  /** Names of lines whose ingredient is not in the larder. */
  readonly unknown: readonly string[];
}

type SellingRule = (facts: SellingFacts) => readonly Check[];

/** Finds prices below cost. */
const underCost: SellingRule = ({ earned: { kinds }, currency, digits }) =>
  kinds
    .filter(({ margin, count }) => count > 0 && margin < -0.5)
    .slice(0, 3)
    .map(({ name, net, cost }) =>
      check('priced-under-cost', '/pricing', { currency, name, net: net / 10 ** digits, cost: cost / 10 ** digits }),
    );

/** Finds margins below the shop's minimum. */
const underFloor: SellingRule = ({ earned: { marginShare, kinds }, pricing: { leastMargin }, currency, digits }) =>
  leastMargin === null || marginShare === null || marginShare >= leastMargin - 1e-9 || marginShare < 0
    ? []
    : [
        check('margin-under-floor', '/pricing', {
          ...{ currency, share: marginShare, least: leastMargin },
          priceNeeded: Math.ceil((kinds[0]?.cost ?? 0) / (1 - leastMargin)) / 10 ** digits,
        }),
      ];

/** Finds channels whose discount and fees exceed the price. */
const channelLoses: SellingRule = ({ channels, currency, digits }) =>
  channels
    .filter(({ margin, price }) => price > 0 && margin < 0)
    .map(({ name, margin, price }) =>
      check('channel-loses', '/pricing', {
        ...{ currency, channel: name, price: price / 10 ** digits, loss: -margin / 10 ** digits },
      }),
    );

/** Finds labour without a cost, which makes the cost of a piece too low. */
const handsUnpriced: SellingRule = ({ pricing: { labourPerHour }, bill: { handsMinutes }, earned: { kinds } }) =>
  labourPerHour > 0 || handsMinutes === null || handsMinutes < 1 || kinds.length === 0
    ? []
    : [check('hands-not-priced', '/pricing/labourPerHour', { minutes: handsMinutes })];

/** Finds shelf lives longer than an ingredient allows. */
const keepsTooLong: SellingRule = ({ slab, label: { keeping } }) =>
  keeping.limit === null || slab.keep?.days === undefined
    ? []
    : [
        check('keeps-too-long', '/keep', {
          ...{ days: slab.keep.days, limitDays: keeping.limit.days, limitedBy: keeping.limit.name },
        }),
      ];

/** Finds nutrition that cannot be calculated. */
const nutritionUnknown: SellingRule = ({ label: { nutrition } }) => {
  const of = [...new Set(nutrition.unknown.flatMap((nutrient) => nutrient.of))];
  if (of.length === 0) return [];
  return [check('nutrition-unknown', '/label', { nutrients: nutrition.unknown.length, ingredients: of })];
};

/** Finds boxes that the piece does not fit into. */
const boxTooSmall: SellingRule = ({ packed: { container, perPack, box }, piece }) =>
  container?.kind !== 'box' || (box && perPack > 0)
    ? []
    : [
        check('box-too-small', '/packing', {
          ...{ lengthMm: piece.lengthMm, widthMm: piece.widthMm, heightMm: piece.heightMm, box: container.name },
        }),
      ];

/** Finds packaging that is not in the shop's settings. */
const packingGone: SellingRule = ({ slab, packed }) => {
  const wanted = [
    ...(slab.packing?.in && !packed.container ? [slab.packing.in] : []),
    ...(slab.packing?.wrap && !packed.wrap ? [slab.packing.wrap] : []),
  ];
  return wanted.map((name) => check('packing-gone', '/packing', { name }));
};

/**
 * By how much a single pack may fall short of what it declares, g: the tolerable negative error.
 *
 * @see Directive 76/211/EEC, Annex I, 2.4
 */
export function tolerableShortG(netG: number): number {
  if (netG <= 50) return netG * 0.09;
  if (netG <= 100) return 4.5;
  if (netG <= 200) return netG * 0.045;
  if (netG <= 300) return 9;
  if (netG <= 500) return netG * 0.03;
  if (netG <= 1000) return 15;
  return netG * 0.015;
}

/** Finds packs whose lightest contents fall below the tolerable negative error. Bags are filled by weight and are exempt. */
const netShort: SellingRule = ({ packed: { container }, label: { netG, lightestG, pieces } }) => {
  const packG = lightestG * pieces;
  const leastG = netG - tolerableShortG(netG);
  if (container?.kind === 'bag' || packG <= 0 || packG >= leastG) return [];
  return [check('net-short', '/label/netG', { pieces, packG, leastG, netG })];
};

/** Of the slab, %. */
const MIN_PROMISED = 2;
/** Finds products whose name promises an ingredient that is hardly in them. */
const nameOverPromises: SellingRule = ({ label: { ingredients, name } }) =>
  promisedIn(ingredients, name)
    .filter(({ percent }) => percent < MIN_PROMISED)
    .map(({ names, percent }) =>
      check('name-over-promises', '/label/name', { name, ingredients: names, share: percent / 100 }),
    );

/** Finds "free from" claims that cannot be verified because an ingredient's composition is unknown. */
const claimUnheld: SellingRule = ({ slab: { freeFrom = [] }, unknown }) =>
  freeFrom.length === 0 || unknown.length === 0
    ? []
    : [check('claim-unheld', '/freeFrom', { allergens: freeFrom, unknown })];

const RULES: readonly SellingRule[] = [
  claimUnheld,
  underCost,
  channelLoses,
  underFloor,
  keepsTooLong,
  boxTooSmall,
  packingGone,
  netShort,
  nameOverPromises,
  nutritionUnknown,
  handsUnpriced,
];

/** Checks price, packaging and label of a slab. The most serious come first. */
export const sellingChecksOf = (facts: SellingFacts): Check[] => RULES.flatMap((rule) => [...rule(facts)]);
