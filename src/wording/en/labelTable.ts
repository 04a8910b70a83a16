/** The nutrition table and the net quantity of a label. */
import {
  NUTRIENTS,
  roundedEnergy,
  roundedNutrient,
  type LabelProfile,
  type Nutrient,
  type Nutrition,
} from '$core/label';

/** A row of a nutrition table; `per` is per 100 g, `each` per piece. Unknown figures are question marks. */
export interface NutritionRow {
  readonly name: string;
  readonly per: string;
  readonly each: string;
  /** Whether it is part of the row above. */
  readonly isPart: boolean;
}

const NAMES: Readonly<Record<LabelProfile, Readonly<Record<Nutrient, string>>>> = {
  eu: {
    fat: 'Fat',
    saturates: 'of which saturates',
    carbohydrate: 'Carbohydrate',
    sugars: 'of which sugars',
    fibre: 'Fibre',
    protein: 'Protein',
    salt: 'Salt',
  },
  us: {
    fat: 'Total fat',
    saturates: 'Saturated fat',
    carbohydrate: 'Total carbohydrate',
    sugars: 'Total sugars',
    fibre: 'Dietary fiber',
    protein: 'Protein',
    salt: 'Sodium',
  },
};
const PARTS = new Set<Nutrient>(['saturates', 'sugars']);
const UNKNOWN = '?';

/** Carbohydrate includes fibre in the US and excludes it in the EU. */
const heldOf = (nutrition: Nutrition, nutrient: Nutrient, profile: LabelProfile) => {
  const { fibre } = nutrition;
  const own = nutrition[nutrient];
  if (profile === 'eu' || nutrient !== 'carbohydrate') return own;
  return own === null || fibre === null ? null : own + fibre;
};

/** Makes a nutrition table as it is printed, per 100 g and per piece, energy first. @param pieceG g of one piece */
export function nutritionRows(nutrition: Nutrition, pieceG: number, profile: LabelProfile): NutritionRow[] {
  const { kJ, kcal } = nutrition;
  const energy = (share: number) =>
    kJ === null || kcal === null ? UNKNOWN : roundedEnergy(kJ * share, kcal * share, profile);
  const each = pieceG / 100;
  return [
    { name: profile === 'eu' ? 'Energy' : 'Calories', per: energy(1), each: energy(each), isPart: false },
    ...NUTRIENTS.map((nutrient): NutritionRow => {
      const held = heldOf(nutrition, nutrient, profile);
      const figure = (share: number) => (held === null ? UNKNOWN : roundedNutrient(nutrient, held * share, profile));
      return { name: NAMES[profile][nutrient], per: figure(1), each: figure(each), isPart: PARTS.has(nutrient) };
    }),
  ];
}

/** Returns the net quantity, rounded down so that it never promises more than there is. */
export function netText(netG: number, profile: LabelProfile): string {
  const grams = `${Math.floor(netG + 1e-6)} g`;
  return profile === 'eu'
    ? grams
    : `Net wt ${(Math.floor((netG / 28.3495) * 10 + 1e-6) / 10).toFixed(1)} oz (${grams})`;
}
