import type { Composition, SugarKinds } from '../larder';
import { sugarShareAtBoil } from './sugarShare';

/** Boiling point elevation relative to sucrose, by mass: smaller molecules raise it more. */
const AS_SUCROSE = { sucrose: 1, lactose: 1, mono: 1.9, glucoseSyrup: 0.8 } as const;

/** Accuracy of the table as a share of water. */
const SHARE_UNCERTAINTY = 0.015;
const LOWEST_SHARE = 0.05;

/**
 * Returns the sugar that counts for the boiling point, g of sucrose equivalent per 100 g.
 *
 * Sugars without kinds count as sucrose, and so does what the kinds leave of all sugars.
 */
export function sucroseEquivalent(composition: Composition, kinds: SugarKinds | undefined): number {
  let named = 0;
  let counts = 0;
  for (const kind of Object.keys(AS_SUCROSE) as (keyof typeof AS_SUCROSE)[]) {
    const grams = kinds?.[kind] ?? 0;
    named += grams;
    counts += grams * AS_SUCROSE[kind];
  }
  return counts + Math.max(0, composition.sugars - named);
}

/**
 * Returns the water remaining in a mixture boiled to its end point, g.
 *
 * At a boil the temperature fixes the sugar share of the syrup; fat and protein take no part. The end point is taken as at sea level:
 * the height of the shop moves what its thermometer shows, not the water that stays.
 * Good to about 1.5 points of water between 101 and 160 C; above that sugar breaks down and the figure is only a guide.
 *
 * @param sugarG sucrose-equivalent sugar in the pot, g, >= 0
 * @param boilC boiling temperature referred to sea level, deg C; at 100 and below any amount of water may stay
 * @example waterLeftG(600, 116) // 105.9
 */
export function waterLeftG(sugarG: number, boilC: number): number {
  return waterAtShare(sugarG, sugarShareAtBoil(boilC));
}

function waterAtShare(sugarG: number, share: number): number {
  return share <= LOWEST_SHARE ? Infinity : (sugarG * (1 - share)) / share;
}

/** Result of a boil to an end point. */
export interface Boiled {
  readonly waterInG: number;
  readonly waterLeftG: number;
  readonly evaporatedG: number;
  /** Range of evaporation given the accuracy of the table. */
  readonly evaporatedLowG: number;
  readonly evaporatedHighG: number;
  /** Whether the pot holds less water than the end point allows: nothing boils off. */
  readonly tooDry: boolean;
}

/**
 * Calculates the boil of a pot to its end point.
 *
 * @param waterInG water in the pot before, g
 * @param sugarG sucrose-equivalent sugar in the pot, g
 * @param boilC end point referred to sea level, deg C
 */
export function boiledTo(waterInG: number, sugarG: number, boilC: number): Boiled {
  const share = sugarShareAtBoil(boilC);
  const evaporated = (at: number) => Math.max(0, waterInG - waterAtShare(sugarG, Math.min(0.999, at)));
  const evaporatedG = evaporated(share);
  return {
    waterInG,
    waterLeftG: waterInG - evaporatedG,
    evaporatedG,
    evaporatedLowG: evaporated(share - SHARE_UNCERTAINTY),
    evaporatedHighG: evaporated(share + SHARE_UNCERTAINTY),
    tooDry: waterAtShare(sugarG, share) >= waterInG,
  };
}
