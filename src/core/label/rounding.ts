import { isUnitedStates } from './profiles';
import type { Nutrient, Range } from './nutrients';
import type { LabelProfile } from './types';

const toStep = (value: number, step: number, digits: number) => (Math.round(value / step) * step).toFixed(digits);

/** Salt is 2.5 times sodium. EU 1169/2011, Annex I. */
const SALT_PER_SODIUM = 2.5;

/** Returns the sodium in salt, mg. @param saltG g */
export const sodiumMg = (saltG: number): number => (saltG / SALT_PER_SODIUM) * 1000;

/** Returns the step to which a nutrient is rounded, g. */
function stepG(nutrient: Nutrient, grams: number, profile: LabelProfile): number {
  if (!isUnitedStates(profile)) {
    if (nutrient === 'salt') return grams < 1 ? 0.01 : 0.1;
    return grams < 10 ? 0.1 : 1;
  }
  if (nutrient === 'salt') return ((sodiumMg(grams) <= 140 ? 5 : 10) / 1000) * SALT_PER_SODIUM;
  return (nutrient === 'fat' || nutrient === 'saturates') && grams < 5 ? 0.5 : 1;
}

function euRounded(nutrient: Nutrient, grams: number): string {
  if (nutrient === 'salt')
    return grams <= 0.0125 ? '< 0.01 g' : grams < 1 ? `${toStep(grams, 0.01, 2)} g` : `${toStep(grams, 0.1, 1)} g`;
  const least = nutrient === 'saturates' ? 0.1 : 0.5;
  return grams <= least ? `< ${least} g` : grams < 10 ? `${toStep(grams, 0.1, 1)} g` : `${toStep(grams, 1, 0)} g`;
}

function usRounded(nutrient: Nutrient, grams: number): string {
  if (nutrient === 'salt') {
    const mg = sodiumMg(grams);
    return mg < 5 ? '0 mg' : mg <= 140 ? `${toStep(mg, 5, 0)} mg` : `${toStep(mg, 10, 0)} mg`;
  }
  if (nutrient === 'fat' || nutrient === 'saturates')
    return grams < 0.5
      ? '0 g'
      : grams < 5
        ? `${toStep(grams, 0.5, 1).replace('.0', '')} g`
        : `${toStep(grams, 1, 0)} g`;
  return grams < 0.5 ? '0 g' : grams < 1 ? 'less than 1 g' : `${toStep(grams, 1, 0)} g`;
}

/**
 * Formats a figure by the guidance of the law.
 *
 * @see European Commission (2012), Guidance on tolerances for nutrient values declared on a label, table 4; US 21 CFR 101.9(c)
 */
export const roundedNutrient = (nutrient: Nutrient, grams: number, profile: LabelProfile): string =>
  isUnitedStates(profile) ? usRounded(nutrient, grams) : euRounded(nutrient, grams);

/** Formats energy: whole kJ and kcal; in the US calories to 5, and from 50 on to 10. */
export function roundedEnergy(kJ: number, kcal: number, profile: LabelProfile): string {
  if (!isUnitedStates(profile)) return `${Math.round(kJ)} kJ / ${Math.round(kcal)} kcal`;
  return kcal < 5 ? '0' : toStep(kcal, kcal <= 50 ? 5 : 10, 0);
}

/**
 * Width up to which a range of energy counts as one figure, as a share of it. Energy is written to the last kcal, which no
 * calculation from tables is good for; an ingredient that leaves more open than this is looked up.
 */
const ENERGY_SHARE = 0.01;

const middle = ([low, high]: Range) => (low + high) / 2;

/** Returns the middle of a range that is no wider than the label's rounding; otherwise `null`. */
export function figureOf(nutrient: Nutrient, range: Range, profile: LabelProfile): number | null {
  const [low, high] = range;
  const isOne =
    high - low <= stepG(nutrient, middle(range), profile) + 1e-9 ||
    roundedNutrient(nutrient, low, profile) === roundedNutrient(nutrient, high, profile);
  return isOne ? middle(range) : null;
}

/** Returns the middle of a range of energy that is narrow enough to be declared; otherwise `null`. */
export function energyOf(range: Range): number | null {
  const [low, high] = range;
  return high - low <= Math.max(1, ENERGY_SHARE * high) ? middle(range) : null;
}
