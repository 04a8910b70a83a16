import type { Firmness, Stuff } from './firmness';
import type { Latent } from '../heat';

/** Cocoa butter in its stable form, seeded: starts to set at 29 °C, almost complete at 20 °C (Beckett 2008; Afoakwa 2010). */
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

/** Layers that set by fat, crystals, gel, or cooling. */
type Usual = 'lagGrowsC' | 'startsSoft' | 'otherFat';
type Rule = Omit<Firmness, 'stuff' | Usual> & Partial<Pick<Firmness, Usual>>;

const RULES: Readonly<Record<Exclude<Stuff, 'glass' | 'ice'>, Rule>> = {
  'tempered chocolate': {
    curve: COCOA_BUTTER,
    lagMinutes: 4,
    takesNext: 0.3,
    cuts: 0.5,
    packs: 0.85,
    tooFirm: 0.93,
    softIsFine: false,
  },
  // Without seeds it crystallises in minutes in the cold and in hours in the room, and blooms (Beckett 2008, ch. 6).
  'melted chocolate': {
    curve: COCOA_BUTTER,
    lagMinutes: 10,
    lagGrowsC: 11,
    takesNext: 0.33,
    cuts: 0.6,
    packs: 0.7,
    tooFirm: null,
    softIsFine: true,
  },
  // Caramel, dulce de leche and the like as bought: a syrup thick with milk solids, which only has to cool.
  'sweet paste': {
    curve: [
      [16, 1],
      [46, 0],
    ],
    lagMinutes: 14,
    startsSoft: true,
    takesNext: 0.5,
    cuts: 0.6,
    packs: 0.7,
    tooFirm: null,
    softIsFine: true,
  },
  'milk fat': {
    curve: MILK_FAT,
    lagMinutes: 20,
    takesNext: 0.3,
    cuts: 0.35,
    packs: 0.38,
    tooFirm: null,
    softIsFine: true,
  },
  'coconut fat': {
    curve: COCONUT_FAT,
    lagMinutes: 10,
    startsSoft: true,
    takesNext: 0.3,
    cuts: 0.5,
    packs: 0.55,
    tooFirm: null,
    softIsFine: true,
  },
  // Fudge is firm by its crystals and sets as it cools.
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
    tooFirm: null,
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
    tooFirm: null,
    softIsFine: true,
  },
  'fast gel': {
    curve: [
      [25, 1],
      [40, 0],
    ],
    lagMinutes: 6,
    takesNext: 0.5,
    cuts: 0.65,
    packs: 0.95,
    tooFirm: null,
    softIsFine: false,
  },
  baked: {
    curve: [
      [25, 1],
      [60, 0],
    ],
    lagMinutes: 0,
    takesNext: 0.34,
    cuts: 0.75,
    packs: 0.97,
    tooFirm: null,
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
    tooFirm: null,
    softIsFine: false,
  },
};

const shifted = (curve: Firmness['curve'], by: number) => curve.map(([celsius, firm]) => [celsius + by, firm] as const);

/** Untempered chocolate starts to set this much lower, and other fats lower it further, °C. */
const UNTEMPERED_C = -2.5;
const ALL_OTHER_FAT_C = -15;

/**
 * Returns the firmness of chocolate, tempered or only melted. Other fats dissolve in its cocoa butter and soften it.
 *
 * @param otherFat share of all its fat that is not the chocolate's own, 0 to 1
 */
export function chocolateFirmness(isTempered: boolean, otherFat: number): Firmness {
  const stuff = isTempered ? 'tempered chocolate' : 'melted chocolate';
  const rule = RULES[stuff];
  const by = (isTempered ? 0 : UNTEMPERED_C) + ALL_OTHER_FAT_C * otherFat;
  return {
    ...firmnessOf(stuff),
    otherFat,
    curve: shifted(rule.curve, by),
    tooFirm: otherFat > SOFT_ENOUGH ? null : rule.tooFirm,
  };
}
/** Share of other fats above which chocolate bends before it cracks. */
const SOFT_ENOUGH = 0.12;

/** Most layers stiffen as fast anywhere, and are as firm as they are cool when poured. */
export const USUAL = { lagGrowsC: null, startsSoft: false, otherFat: 0 } as const;

export const firmnessOf = (stuff: Exclude<Stuff, 'glass' | 'ice'>): Firmness => ({
  stuff,
  ...USUAL,
  ...RULES[stuff],
});

/** End point that the curve of beaten fudge is for, °C, and its shift per degree above that, °C. */
const FUDGE_C = 114;
const FIRMER_BY_DEGREE = 5;

/**
 * Returns the firmness of beaten fudge. Boiled further, it holds less water, so the same share of its sugar is crystalline at a higher
 * temperature.
 *
 * @param endC end point, °C at sea level
 * @see Charles D. F. (1960), solubility of sucrose: 85.5 % sugar at 27 °C and 87 % at 45 °C have the same share of crystals, which is 9 °C per
 *   degree of the end point. 5 °C fits usual waits, since not all of it crystallises
 */
export function grainFirmness(endC: number): Firmness {
  const by = FIRMER_BY_DEGREE * Math.max(0, endC - FUDGE_C);
  return { ...firmnessOf('grain'), curve: shifted(RULES.grain.curve, by) };
}

/**
 * Returns the latent heats of a mixture as it cools, J/kg, each over its range; they add up.
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
  ].filter(({ jPerKg }) => jPerKg > MIN_LATENT);
}

/** Latent heat of chocolate and of each fat, J/kg. */
const CHOCOLATE_J = 45_000;
const MILK_FAT_J = 80_000;
const COCONUT_FAT_J = 105_000;
/** Minimum latent heat worth simulating, J/kg. */
export const MIN_LATENT = 500;

/** Spreads the latent heat of a fat over its curve, two segments per entry. */
function steps(curve: Firmness['curve'], jPerKg: number): Latent[] {
  const ends = curve.filter((_, i) => i % 2 === 0 || i === curve.length - 1);
  return ends.slice(1).map(([toC, firm], i) => {
    const [fromC, firmer] = ends[i]!;
    return { fromC, toC, jPerKg: jPerKg * (firmer - firm) };
  });
}
