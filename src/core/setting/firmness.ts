import type { Latent } from './properties';

/** What makes a layer firm. */
export const STUFFS = [
  'tempered chocolate',
  'melted chocolate',
  'milk fat',
  'coconut fat',
  'glass',
  'grain',
  'slow gel',
  'fast gel',
  'baked',
  'ice',
  'cold',
] as const;
export type Stuff = (typeof STUFFS)[number];

/** Each of them as a maker would call it. */
export const STUFF_WORDS: Readonly<Record<Stuff, string>> = {
  'tempered chocolate': 'chocolate in temper',
  'melted chocolate': 'chocolate out of temper',
  'milk fat': 'butter',
  'coconut fat': 'coconut fat',
  glass: 'boiled sugar',
  grain: 'beaten fudge',
  'slow gel': 'gelatine or whipped sugar',
  'fast gel': 'agar or pectin',
  baked: 'a baked base',
  ice: 'what is frozen',
  cold: 'what only cools',
};

/** How firm a layer is at rest, by temperature, and how firm it has to be for what is done to it. */
export interface Firmness {
  readonly stuff: Stuff;
  /** Share that is firm at rest, 1 to 0, from cold to warm; between them straight lines. */
  readonly curve: readonly (readonly [celsius: number, firm: number])[];
  /** How far behind its temperature it is: what is missing to rest goes by a factor e in so long, min. */
  readonly lagMinutes: number;
  /** How firm the face has to be to take the next layer, the middle to be cut clean, and to be packed. */
  readonly takesNext: number;
  readonly cuts: number;
  readonly packs: number;
  /** From how firm a middle on a cold blade cracks it; null for what does not crack. */
  readonly cracks: number | null;
  /** Where it stands so warm that it never gets so firm, it is taken as it is there: soft, but as firm as it gets. */
  readonly softIsFine: boolean;
}

/** Cocoa butter in its stable form, seeded: begins at 29 C, all but done at 20 C (Beckett 2008; Afoakwa 2010). */
const COCOA_BUTTER = [
  [20, 1],
  [23, 0.85],
  [26, 0.5],
  [28.5, 0.12],
  [29, 0],
] as const;
/** Solid fat of milk fat (Walstra, Wouters and Geurts, Dairy science and technology, 2006). */
const MILK_FAT = [
  [5, 0.5],
  [10, 0.42],
  [15, 0.29],
  [20, 0.16],
  [25, 0.08],
  [30, 0.04],
  [36, 0],
] as const;
const COCONUT_FAT = [
  [10, 0.8],
  [20, 0.35],
  [26, 0],
] as const;

const RULES: Readonly<Record<Exclude<Stuff, 'glass' | 'ice'>, Omit<Firmness, 'stuff'>>> = {
  'tempered chocolate': {
    curve: COCOA_BUTTER,
    lagMinutes: 4,
    takesNext: 0.3,
    cuts: 0.5,
    packs: 0.85,
    cracks: 0.93,
    softIsFine: false,
  },
  'melted chocolate': {
    curve: COCOA_BUTTER,
    lagMinutes: 14,
    takesNext: 0.33,
    cuts: 0.6,
    packs: 0.7,
    cracks: null,
    softIsFine: false,
  },
  'milk fat': {
    curve: MILK_FAT,
    lagMinutes: 20,
    takesNext: 0.3,
    cuts: 0.35,
    packs: 0.38,
    cracks: null,
    softIsFine: true,
  },
  'coconut fat': {
    curve: COCONUT_FAT,
    lagMinutes: 10,
    takesNext: 0.3,
    cuts: 0.35,
    packs: 0.5,
    cracks: null,
    softIsFine: true,
  },
  // A fudge is firm by its grains, and sets as it cools.
  grain: {
    curve: [
      [20, 1],
      [24, 0.7],
      [45, 0],
    ],
    lagMinutes: 8,
    takesNext: 0.35,
    cuts: 0.6,
    packs: 0.75,
    cracks: null,
    softIsFine: false,
  },
  // Most of the strength of gelatine, and of whipped sugars, comes in two to four hours (Hartel 2018, ch. 11 and 12).
  'slow gel': {
    curve: [
      [12, 1],
      [20, 0.7],
      [27, 0],
    ],
    lagMinutes: 90,
    takesNext: 0.4,
    cuts: 0.7,
    packs: 0.8,
    cracks: null,
    softIsFine: true,
  },
  'fast gel': {
    curve: [
      [25, 1],
      [40, 0],
    ],
    lagMinutes: 6,
    takesNext: 0.5,
    cuts: 0.8,
    packs: 0.95,
    cracks: null,
    softIsFine: false,
  },
  baked: {
    curve: [
      [25, 1],
      [60, 0],
    ],
    lagMinutes: 0,
    takesNext: 0.34,
    cuts: 0.85,
    packs: 0.97,
    cracks: null,
    softIsFine: false,
  },
  cold: {
    curve: [
      [25, 1],
      [60, 0],
    ],
    lagMinutes: 0,
    takesNext: 0.95,
    cuts: 0.97,
    packs: 0.97,
    cracks: null,
    softIsFine: false,
  },
};

const shifted = (curve: Firmness['curve'], by: number) => curve.map(([celsius, firm]) => [celsius + by, firm] as const);

/** What is melted without being brought into temper begins to set so much lower, and other fats in it lower it further, deg C. */
const UNTEMPERED_C = -5;
const ALL_OTHER_FAT_C = -15;

/**
 * Chocolate, in temper or only melted; other fats dissolve in its butter and thin it.
 *
 * @param otherFat share of all its fat that is not the chocolate's own, 0 to 1
 */
export function chocolateFirmness(isTempered: boolean, otherFat: number): Firmness {
  const stuff = isTempered ? 'tempered chocolate' : 'melted chocolate';
  const rule = RULES[stuff];
  const by = (isTempered ? 0 : UNTEMPERED_C) + ALL_OTHER_FAT_C * otherFat;
  return { ...rule, stuff, curve: shifted(rule.curve, by), cracks: otherFat > SOFT_ENOUGH ? null : rule.cracks };
}
/** With so much of other fats chocolate bends before it cracks. */
const SOFT_ENOUGH = 0.12;

export const firmnessOf = (stuff: Exclude<Stuff, 'glass' | 'ice'>): Firmness => ({ stuff, ...RULES[stuff] });

/**
 * Gordon and Taylor's constants of boiled sugar and water (Hartel 2018, ch. 2): glass transitions in deg C, and k. Pure sucrose has 62 C;
 * boiling inverts some of it, which lowers that.
 */
const GLASS = { sugarC: 52, waterC: -135, k: 4.7, syrupC: 40 } as const;
const KELVIN = 273.15;

/**
 * Glass transition of boiled sugar, deg C.
 *
 * @param waterShare of water and sugars together, 0 to 1
 * @param syrupShare of the sugars that are from syrups, which lower it, 0 to 1
 * @see Gordon M., Taylor J. S. (1952)
 */
export function glassTransitionC(waterShare: number, syrupShare: number): number {
  const sugarK = KELVIN + GLASS.sugarC + (GLASS.syrupC - GLASS.sugarC) * syrupShare;
  const [sugars, water] = [1 - waterShare, GLASS.k * waterShare];
  return (sugars * sugarK + water * (KELVIN + GLASS.waterC)) / (sugars + water) - KELVIN;
}

/**
 * Boiled sugar: it snaps within some kelvins of its glass transition, takes chocolate within about 55 K of it as a firm
 * caramel, and is soft beyond 80 K.
 *
 * @param isHard whether it is boiled to snap, and not to be cut
 */
export function glassFirmness(transitionC: number, isHard: boolean): Firmness {
  return {
    stuff: 'glass',
    curve: [
      [transitionC + (isHard ? 5 : 20), 1],
      [transitionC + 80, 0],
    ],
    lagMinutes: 0,
    takesNext: 0.4,
    cuts: isHard ? 1 : 0.45,
    packs: isHard ? 1 : 0.5,
    cracks: isHard ? 1 : null,
    softIsFine: !isHard,
  };
}

/** Freezing point lowered by a mole of sugars in a kilogram of water, K, and what a mole of mixed sugars weighs, g. */
const FREEZING_K = 1.86;
const SUGARS_G_PER_MOL = 260;
const ICE_J_PER_KG = 334_000;
const COLDEST_C = -18;

/** Where the water of a mixture begins to freeze, deg C, by the sugars dissolved in it (ASHRAE Refrigeration, ch. 19). */
export function freezingPointC(waterG: number, sugarsG: number): number {
  return waterG > 0 ? -FREEZING_K * ((sugarsG / SUGARS_G_PER_MOL / waterG) * 1000) - 0.2 : -40;
}

/** Share of the water that is ice: 1 - Tf / T below the freezing point. */
const iceShare = (freezingC: number, celsius: number) => (celsius < freezingC ? 1 - freezingC / celsius : 0);

/** What is frozen: it breaks clean with its middle at -8 C. */
export function iceFirmness(freezingC: number): Firmness {
  const at = [COLDEST_C, -12, -8, -5, -3].filter((celsius) => celsius < freezingC);
  const most = iceShare(freezingC, COLDEST_C);
  const firm = (celsius: number) => (most > 0 ? iceShare(freezingC, celsius) / most : 0);
  const cuts = firm(Math.min(-8, freezingC - 1));
  return {
    stuff: 'ice',
    curve: [...at.map((celsius) => [celsius, firm(celsius)] as const), [freezingC, 0]],
    lagMinutes: 0,
    takesNext: cuts / 2,
    cuts,
    packs: cuts,
    cracks: null,
    softIsFine: false,
  };
}

/**
 * Heats that a mixture gives back as it cools, J/kg of it, each over its range; they add.
 *
 * @param shares of the whole: of chocolate, of milk fat that is not the chocolate's, and of coconut fat
 * @param firmness of which the chocolate's range follows
 */
export function latentsOf(
  { chocolate, milkFat, coconutFat }: Readonly<Record<'chocolate' | 'milkFat' | 'coconutFat', number>>,
  firmness: Firmness,
): Latent[] {
  const isChocolate = firmness.stuff === 'tempered chocolate' || firmness.stuff === 'melted chocolate';
  const [cold, warm] = isChocolate ? [firmness.curve[0]![0], firmness.curve.at(-1)![0]] : [20, 29];
  return [
    { jPerKg: CHOCOLATE_J * chocolate, fromC: cold, toC: warm },
    ...steps(MILK_FAT, MILK_FAT_J * milkFat),
    ...steps(COCONUT_FAT, COCONUT_FAT_J * coconutFat),
  ].filter(({ jPerKg }) => jPerKg > LEAST_LATENT);
}

/** Heat of ice over the ranges in which it forms, J/kg of the mixture. */
export function iceLatents(waterShare: number, freezingC: number): Latent[] {
  const ends = [freezingC, 1.5 * freezingC, 2.5 * freezingC, 5 * freezingC].filter((celsius) => celsius > COLDEST_C);
  return [...ends.slice(1), COLDEST_C]
    .map((fromC, i) => ({
      fromC,
      toC: ends[i]!,
      jPerKg: ICE_J_PER_KG * waterShare * (iceShare(freezingC, fromC) - iceShare(freezingC, ends[i]!)),
    }))
    .filter(({ jPerKg, fromC, toC }) => jPerKg > LEAST_LATENT && toC - fromC > 0.1);
}

/** J/kg of chocolate, and of each fat. */
const CHOCOLATE_J = 45_000;
const MILK_FAT_J = 80_000;
const COCONUT_FAT_J = 105_000;
/** Less than this is not worth following, J/kg. */
const LEAST_LATENT = 500;

/** The heat of a fat spread over its curve, two stretches to a latent. */
function steps(curve: Firmness['curve'], jPerKg: number): Latent[] {
  const ends = curve.filter((_, i) => i % 2 === 0 || i === curve.length - 1);
  return ends.slice(1).map(([toC, firm], i) => {
    const [fromC, firmer] = ends[i]!;
    return { fromC, toC, jPerKg: jPerKg * (firmer - firm) };
  });
}

/** How firm it is at rest at a temperature, 0 to 1. */
export function firmAt({ curve }: Pick<Firmness, 'curve'>, celsius: number): number {
  const after = curve.findIndex(([at]) => at >= celsius);
  if (after === 0) return curve[0]![1];
  if (after === -1) return curve.at(-1)![1];
  const [[fromC, from], [toC, to]] = [curve[after - 1]!, curve[after]!];
  return from + ((to - from) * (celsius - fromC)) / (toC - fromC);
}

/** How firm something is some minutes later, at a temperature: it gains by its lag, and softens at once. */
export function firmLater(firm: number, firmness: Firmness, celsius: number, minutes: number): number {
  const rest = firmAt(firmness, celsius);
  if (rest <= firm || firmness.lagMinutes === 0) return rest;
  return rest - (rest - firm) * Math.exp(-minutes / firmness.lagMinutes);
}

/** Of what is as firm as it gets, so much counts as there. */
const NEARLY = 0.9;
/** At less than that nothing is taken for firm, however warm it stands. */
const LEAST_FIRM = 0.12;

/**
 * How firm something has to be in a place: as is usual, or where it never gets so firm there and may be soft, as firm as it gets.
 *
 * @param airC of the place
 */
export function wantedFirm(usual: number, firmness: Firmness, airC: number): number {
  const atRest = firmAt(firmness, airC);
  const most = NEARLY * atRest;
  return firmness.softIsFine && most < usual && atRest > LEAST_FIRM ? most : usual;
}
