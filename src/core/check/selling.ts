import type { Bill, Earned, SettledPricing } from '../cost';
import { promisedIn, type Keeping, type LabelIngredient, type Nutrition } from '../label';
import type { Figures } from '../measure';
import type { Packed, PackedPiece } from '../pack';
import type { ExpandedSlab } from '../slab';
import type { Warning } from './types';

/** What is sold of a slab, as the rules about price, pack and label look at it. */
export interface SellingFacts {
  readonly slab: ExpandedSlab;
  readonly figures: Figures;
  /** Coins as the shop writes them. */
  readonly money: (coins: number) => string;
  readonly bill: Bill;
  readonly earned: Earned;
  readonly pricing: SettledPricing;
  /** Over each of the shop's channels. */
  readonly channels: readonly { readonly name: string; readonly margin: number; readonly price: number }[];
  readonly packed: Packed;
  readonly piece: PackedPiece;
  readonly label: {
    readonly name: string;
    readonly profile: 'eu' | 'us';
    readonly ingredients: readonly LabelIngredient[];
    readonly nutrition: Nutrition;
    readonly keeping: Keeping;
    readonly pieces: number;
    readonly netG: number;
    readonly lightestG: number;
  };
  /** Lines whose ingredient is not in the larder, by name. */
  readonly unknown: readonly string[];
}

type SellingRule = (facts: SellingFacts) => readonly Warning[];

const percent = (share: number) => `${(share * 100).toFixed(Math.abs(share) < 0.1 ? 1 : 0)} %`;
const warning = (code: string, where: string, message: string): Warning => ({ code, where, message });

/** Sold for less than it costs. */
const underCost: SellingRule = ({ earned: { kinds }, money }) =>
  kinds
    .filter(({ margin, count }) => count > 0 && margin < -0.5)
    .slice(0, 3)
    .map(({ name, net, cost, margin }) =>
      warning(
        'priced-under-cost',
        '/pricing',
        `${name ?? 'A piece'} is sold for ${money(net)} before tax and costs ${money(cost)}: every one loses ${money(-margin)}. Ask for more, or cut it smaller`,
      ),
    );

/** Less left than the shop has said it needs. */
const underFloor: SellingRule = ({ earned: { marginShare, kinds }, pricing: { leastMargin }, money }) =>
  leastMargin === null || marginShare === null || marginShare >= leastMargin - 1e-9 || marginShare < 0
    ? []
    : [
        warning(
          'margin-under-floor',
          '/pricing',
          `${percent(marginShare)} of the price is left, and the shop wants ${percent(leastMargin)}. Ask ${money(Math.ceil((kinds[0]?.cost ?? 0) / (1 - leastMargin)))} before tax, or make it for less`,
        ),
      ];

/** A channel that takes more than there is. */
const channelLoses: SellingRule = ({ channels, money }) =>
  channels
    .filter(({ margin, price }) => price > 0 && margin < 0)
    .map(({ name, margin, price }) =>
      warning(
        'channel-loses',
        '/pricing',
        `Each sale over ${name} at ${money(price)} loses ${money(-margin)}. Give less discount there, or pack it for less, in the settings`,
      ),
    );

/** Hands that cost nothing hide what a piece costs. */
const handsUnpriced: SellingRule = ({ pricing: { labourPerHour }, bill: { handsMinutes }, earned: { kinds } }) =>
  labourPerHour > 0 || handsMinutes === null || handsMinutes < 1 || kinds.length === 0
    ? []
    : [
        warning(
          'hands-not-priced',
          '/pricing/labourPerHour',
          `${Math.round(handsMinutes)} minutes of hands go into it and count as nothing. Write what an hour costs, in the settings under Prices`,
        ),
      ];

/** Kept longer than something in it permits. */
const keepsTooLong: SellingRule = ({ slab, label: { keeping } }) =>
  keeping.limit === null || slab.keep?.days === undefined
    ? []
    : [
        warning(
          'keeps-too-long',
          '/keep',
          `It is said to keep ${slab.keep.days} days, and ${keeping.limit.name} permits ${keeping.limit.days}. Write ${keeping.limit.days} or less, or keep it colder`,
        ),
      ];

/** Nutrition that cannot be told. */
const nutritionUnknown: SellingRule = ({ label: { nutrition } }) => {
  const of = [...new Set(nutrition.unknown.flatMap((nutrient) => nutrient.of))];
  if (of.length === 0) return [];
  const more = of.length > 4 ? ` and ${of.length - 4} more` : '';
  return [
    warning(
      'nutrition-unknown',
      '/label',
      `${nutrition.unknown.length} figures of the nutrition table are not known, for ${of.slice(0, 4).join(', ')}${more}. Write what their packs say, in the larder`,
    ),
  ];
};

/** A chosen box that the piece does not stand in. */
const boxTooSmall: SellingRule = ({ packed: { container, perPack, box }, piece, figures }) =>
  container?.kind !== 'box' || (box && perPack > 0)
    ? []
    : [
        warning(
          'box-too-small',
          '/packing',
          `A piece of ${figures.size(piece.lengthMm, piece.widthMm)}, ${figures.length.say(piece.heightMm)} high, does not go into ${container.name}. Take another box, or cut it smaller`,
        ),
      ];

/** Something chosen to pack in that the shop does not have. */
const packingGone: SellingRule = ({ slab, packed }) => {
  const wanted = [
    ...(slab.packing?.in && !packed.container ? [slab.packing.in] : []),
    ...(slab.packing?.wrap && !packed.wrap ? [slab.packing.wrap] : []),
  ];
  return wanted.map((name) =>
    warning(
      'packing-gone',
      '/packing',
      `The shop has no "${name}" to pack in: 0 is counted for it. Add it in the settings, or choose another`,
    ),
  );
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

/** The lightest pieces make a pack lighter than it may be. Bags are filled by weight. */
const netShort: SellingRule = ({ packed: { container }, label: { netG, lightestG, pieces }, figures }) => {
  const packG = lightestG * pieces;
  const leastG = netG - tolerableShortG(netG);
  if (container?.kind === 'bag' || packG <= 0 || packG >= leastG) return [];
  return [
    warning(
      'net-short',
      '/label/netG',
      `A pack of the lightest ${pieces === 1 ? 'piece' : `${pieces} pieces`} weighs ${figures.mass.say(packG)}, and may weigh ${figures.mass.say(leastG)} at least for a net ${figures.mass.say(netG)}. Declare less, or cut more evenly`,
    ),
  ];
};

const LEAST_PROMISED = 2;
/** What the name promises, and hardly is in it. */
const nameOverPromises: SellingRule = ({ label: { ingredients, name } }) =>
  promisedIn(ingredients, name)
    .filter(({ percent: share }) => share < LEAST_PROMISED)
    .map(({ names, percent: share }) =>
      warning(
        'name-over-promises',
        '/label/name',
        `"${name}" promises ${names.join(' and ')}, and ${share.toFixed(1)} % of it is. Put more in, or call it by another name`,
      ),
    );

/** A claim that nobody can hold: what is in an ingredient is not known. */
const claimUnheld: SellingRule = ({ slab: { freeFrom = [] }, unknown }) =>
  freeFrom.length === 0 || unknown.length === 0
    ? []
    : [
        warning(
          'claim-unheld',
          '/freeFrom',
          `It is marked free from ${freeFrom.join(', ')}, and the larder does not know ${unknown.length} of its ingredients: ${unknown.slice(0, 4).join(', ')}. Add them with their allergens, or take the mark off`,
        ),
      ];

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

/** What the second reader has to say of a slab's price, pack and label, the gravest first. */
export const sellingReading = (facts: SellingFacts): Warning[] => RULES.flatMap((rule) => [...rule(facts)]);
