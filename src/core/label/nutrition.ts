import type { Composition } from '../larder';
import type { LabelProfile, MadeOf } from './types';

/** Rows of a nutrition table in order; energy is calculated from them. */
export const NUTRIENTS = ['fat', 'saturates', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt'] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/** g per 100 g of the product, and its energy; `null` if too little is known of an ingredient. */
export type Nutrition = Readonly<Record<Nutrient, number | null>> & {
  readonly kJ: number | null;
  readonly kcal: number | null;
  /** Unknown nutrients, with their ingredients. */
  readonly unknown: readonly { readonly nutrient: Nutrient; readonly of: readonly string[] }[];
};

/** Energy per g. EU 1169/2011, Annex XIV, without alcohol, polyols and organic acids. */
const KJ = { carbohydrate: 17, protein: 17, fat: 37, fibre: 8 } as const;
const KCAL = { carbohydrate: 4, protein: 4, fat: 9, fibre: 2 } as const;
const ENERGY = Object.keys(KJ) as (keyof typeof KJ)[];

/** A nutrient's parent figure below this cannot hold enough of it to matter, g per 100 g. */
const NOTHING_G = 0.3;
/** Ingredients below this share of the product may stay unknown: they do not change a rounded figure. */
const TRACE = 0.002;

/** Returns one nutrient of an ingredient, g per 100 g; `null` if its composition does not give it. */
export function nutrientIn(composition: Composition | null, nutrient: Nutrient): number | null {
  if (!composition) return null;
  const { sugars, fat, protein, other, salt, saturates, starch, fibre } = composition;
  if (nutrient === 'fat') return fat;
  if (nutrient === 'protein') return protein;
  if (nutrient === 'sugars') return sugars;
  if (nutrient === 'saturates') return saturates ?? (fat < NOTHING_G ? 0 : null);
  if (nutrient === 'salt') return salt ?? (other < NOTHING_G ? 0 : null);
  if (nutrient === 'fibre') return fibre ?? (other < NOTHING_G ? 0 : null);
  if (starch !== undefined) return sugars + starch;
  if (other < NOTHING_G) return sugars;
  // By difference, as in food tables: everything that is not fibre, salt or another listed nutrient.
  return fibre === undefined ? null : sugars + Math.max(0, other - fibre - (salt ?? 0));
}

/**
 * Returns the nutrition of a slab per 100 g, from its ingredients, evaporation and what sticks to the pot.
 *
 * Only water leaves; what sticks in the pot takes its share of everything along. An ingredient whose composition does not tell a nutrient
 * makes that nutrient unknown, unless there is next to nothing of it; nothing is guessed.
 *
 * @see Regulation (EU) No 1169/2011, Annex XIV: 17 kJ or 4 kcal for a gram of carbohydrate and of protein, 37 or 9 for fat, 8 or 2 for fibre
 */
export function nutritionOf({ pots, massG }: MadeOf): Nutrition {
  const unknown: { nutrient: Nutrient; of: string[] }[] = [];
  const per100 = (nutrient: Nutrient): number | null => {
    let grams = 0;
    const missing = new Set<string>();
    for (const { lines, keptShare } of pots)
      for (const line of lines) {
        const lineG = line.massG * keptShare;
        const held = nutrientIn(line.ingredient?.composition ?? null, nutrient);
        if (held !== null) grams += (lineG * held) / 100;
        else if (lineG > massG * TRACE) missing.add(line.ingredient?.name ?? line.name);
      }
    if (missing.size > 0) unknown.push({ nutrient, of: [...missing] });
    return missing.size > 0 || massG <= 0 ? null : (grams / massG) * 100;
  };
  const grams = Object.fromEntries(NUTRIENTS.map((nutrient) => [nutrient, per100(nutrient)])) as Record<
    Nutrient,
    number | null
  >;
  const energy = (factors: Readonly<Record<(typeof ENERGY)[number], number>>) =>
    ENERGY.reduce<number | null>((sum, part) => {
      const held = grams[part];
      return sum === null || held === null ? null : sum + held * factors[part];
    }, 0);
  return { ...grams, kJ: energy(KJ), kcal: energy(KCAL), unknown };
}

const toStep = (value: number, step: number, digits: number) => (Math.round(value / step) * step).toFixed(digits);

function euRounded(nutrient: Nutrient, grams: number): string {
  if (nutrient === 'salt')
    return grams <= 0.0125 ? '< 0.01 g' : grams < 1 ? `${toStep(grams, 0.01, 2)} g` : `${toStep(grams, 0.1, 1)} g`;
  const least = nutrient === 'saturates' ? 0.1 : 0.5;
  return grams <= least ? `< ${least} g` : grams < 10 ? `${toStep(grams, 0.1, 1)} g` : `${toStep(grams, 1, 0)} g`;
}

function usRounded(nutrient: Nutrient, grams: number): string {
  if (nutrient === 'salt') {
    // Salt is 2.5 times sodium.
    const mg = (grams / 2.5) * 1000;
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
  profile === 'eu' ? euRounded(nutrient, grams) : usRounded(nutrient, grams);

/** Formats energy: whole kJ and kcal; in the US calories to 5, and from 50 on to 10. */
export function roundedEnergy(kJ: number, kcal: number, profile: LabelProfile): string {
  if (profile === 'eu') return `${Math.round(kJ)} kJ / ${Math.round(kcal)} kcal`;
  return kcal < 5 ? '0' : toStep(kcal, kcal <= 50 ? 5 : 10, 0);
}
