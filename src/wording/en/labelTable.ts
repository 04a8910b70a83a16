/** The nutrition table and the net quantity of a label. */
import {
  energyOf,
  figureOf,
  isUnitedStates,
  percentDaily,
  PROFILE_FACTS,
  roundedEnergy,
  roundedNutrient,
  type LabelProfile,
  type Nutrient,
  type Nutrition,
  type Range,
  type Serving,
} from '$core/label';
import { servingsText, servingText } from './label';

/**
 * A row of a nutrition table; `per` is per 100 g, `each` per piece or, in the United States, per serving. Unknown figures are question
 * marks.
 */
export interface NutritionRow {
  readonly name: string;
  readonly per: string;
  readonly each: string;
  /** Percentage of the daily value of `each`; empty where there is none. */
  readonly daily: string;
  /** How far it is indented: 1 is part of the row above. */
  readonly indent: 0 | 1 | 2;
}

type Names = Readonly<Record<Nutrient, string>>;
const EUROPEAN: Names = {
  fat: 'Fat',
  saturates: 'of which saturates',
  carbohydrate: 'Carbohydrate',
  totalCarbohydrate: 'Carbohydrate with fibre',
  sugars: 'of which sugars',
  addedSugars: 'of which added sugars',
  fibre: 'Fibre',
  protein: 'Protein',
  salt: 'Salt',
};
const AMERICAN: Names = {
  fat: 'Total Fat',
  saturates: 'Saturated Fat',
  carbohydrate: 'Carbohydrate',
  totalCarbohydrate: 'Total Carbohydrate',
  sugars: 'Total Sugars',
  addedSugars: 'Added Sugars',
  fibre: 'Dietary Fiber',
  protein: 'Protein',
  salt: 'Sodium',
};
const INDENTS: Readonly<Partial<Record<Nutrient, 1 | 2>>> = { saturates: 1, sugars: 1, addedSugars: 2 };
/** Fibre is a row of its own in Europe, and part of the carbohydrate in the United States. */
const indentOf = (nutrient: Nutrient, isAmerican: boolean) =>
  isAmerican && nutrient === 'fibre' ? 1 : (INDENTS[nutrient] ?? 0);
const UNKNOWN = '?';

const times = ([low, high]: Range, share: number): Range => [low * share, high * share];

/**
 * Makes a nutrition table as it is printed, energy first; empty where the rules ask for none.
 *
 * @param eachG g of one piece, or of one serving in the United States
 */
export function nutritionRows({ ranges }: Nutrition, eachG: number, profile: LabelProfile): NutritionRow[] {
  const { nutrients } = PROFILE_FACTS[profile];
  if (nutrients.length === 0) return [];
  const isAmerican = isUnitedStates(profile);
  const energy = (share: number) => {
    const [kJ, kcal] = [energyOf(ranges.kJ), energyOf(ranges.kcal)];
    return kJ === null || kcal === null ? UNKNOWN : roundedEnergy(kJ * share, kcal * share, profile);
  };
  const each = eachG / 100;
  const rowOf = (nutrient: Nutrient): NutritionRow => {
    const figure = (share: number) => figureOf(nutrient, times(ranges[nutrient], share), profile);
    const text = (share: number) => {
      const grams = figure(share);
      return grams === null ? UNKNOWN : roundedNutrient(nutrient, grams, profile);
    };
    const eachFigure = figure(each);
    const daily = isAmerican && eachFigure !== null ? percentDaily(nutrient, eachFigure) : null;
    return {
      name: (isAmerican ? AMERICAN : EUROPEAN)[nutrient],
      ...{ per: text(1), each: text(each), daily: daily === null ? '' : `${daily} %` },
      indent: indentOf(nutrient, isAmerican),
    };
  };
  const name = isAmerican ? 'Calories' : 'Energy';
  return [{ name, per: energy(1), each: energy(each), daily: '', indent: 0 }, ...nutrients.map(rowOf)];
}

/** Keeps a figure and its unit on one line. */
const unbroken = (text: string) => text.replace(/(?<=\d) /g, '\u00a0');

/** Returns the nutrition in one line, for a label without room for a table. */
export function nutritionText(nutrition: Nutrition, eachG: number, profile: LabelProfile, serving: Serving): string {
  const rows = nutritionRows(nutrition, eachG, profile);
  if (isUnitedStates(profile)) {
    const table = rows.map(({ name, each, daily }) => `${name} ${each}${daily === '' ? '' : ` (${daily} DV)`}`);
    return `**Nutrition Facts** ${servingsText(serving)}, serving size: ${unbroken(servingText(serving))}. Amount per serving: ${unbroken(table.join(', '))}.`;
  }
  const table = rows.map(({ name, per, indent }, i) => `${i === 0 ? '' : indent > 0 ? ', ' : '; '}${name} ${per}`);
  return `Nutrition per ${unbroken('100 g')}: ${unbroken(table.join(''))}.`;
}

/** Returns the net quantity, rounded down so that it never promises more than there is. */
export function netText(netG: number, profile: LabelProfile): string {
  const grams = `${Math.floor(netG + 1e-6)} g`;
  return isUnitedStates(profile)
    ? `Net Wt ${(Math.floor((netG / 28.3495) * 10 + 1e-6) / 10).toFixed(1)} oz (${grams})`
    : grams;
}
