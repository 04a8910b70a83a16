import { isKind } from '../classify';
import type { Composition, Ingredient } from '../larder';
import { NUTRIENTS, type Nutrient, type Range } from './nutrients';
import { PROFILE_FACTS } from './profiles';
import { energyOf, figureOf } from './rounding';
import type { LabelLine, LabelProfile, MadeOf } from './types';

/** A nutrient that is unknown, with the ingredients that leave it open. */
export interface UnknownNutrient {
  readonly nutrient: Nutrient;
  readonly of: readonly string[];
  readonly range: Range;
}

/** g per 100 g of the product, and its energy; `null` where the range is wider than the rounding of the label. */
export type Nutrition = Readonly<Record<Nutrient, number | null>> & {
  readonly kJ: number | null;
  readonly kcal: number | null;
  /** Lowest and highest possible value of each. */
  readonly ranges: Readonly<Record<Nutrient | 'kJ' | 'kcal', Range>>;
  readonly unknown: readonly UnknownNutrient[];
};

/** Energy per g. EU 1169/2011, Annex XIV, without alcohol, polyols and organic acids. */
const KJ = { carbohydrate: 17, protein: 17, fat: 37, fibre: 8 } as const;
const KCAL = { carbohydrate: 4, protein: 4, fat: 9, fibre: 2 } as const;
type EnergyFactors = Readonly<Record<keyof typeof KJ, number>>;

/** A parent figure below this cannot hold enough to matter, g per 100 g. */
const NOTHING_G = 0.3;
/** Ingredients without a composition below this share of the product count as nothing: they do not change a rounded figure. */
const TRACE = 0.002;
/** An ingredient is named as a cause if it makes up this share of what is open. */
const CAUSE_SHARE = 0.1;

const exactly = (value: number): Range => [value, value];

/** Returns how much of an ingredient's `other` is neither starch, fibre nor salt as far as those are known, g per 100 g. */
const openPart = ({ other, starch = 0, fibre = 0, salt = 0 }: Composition) =>
  Math.max(0, other - starch - fibre - salt);

/** Sugars of these are added; those of milk, nuts, flour and plain fruit are their own. 21 CFR 101.9(c)(6)(iii). */
function addedSugarsIn({ name, ingredient }: Pick<LabelLine, 'name' | 'ingredient'>, composition: Composition): Range {
  const { sugars, addedSugars, water, fat } = composition;
  if (addedSugars !== undefined) return exactly(addedSugars);
  const thing = { name, ingredient };
  const own = Math.min(sugars, ingredient?.sugarKinds?.lactose ?? 0);
  // Cocoa has next to none of its own; in milk chocolate some are lactose.
  const isChocolate = isKind('chocolate', thing) && (own > 0 || !(ingredient?.allergens ?? []).includes('milk'));
  if (isChocolate || isKind('syrup', thing) || (sugars >= 90 && fat < 1)) return exactly(sugars - own);
  const isOwn = sugars < 1 || isKind('nut', thing) || isKind('flour', thing) || (isKind('milk', thing) && sugars <= 12);
  if (isOwn || (water >= 75 && sugars <= 20)) return exactly(0);
  return [0, sugars - own];
}

/**
 * Returns the possible amounts of a nutrient in an ingredient, g per 100 g.
 *
 * What a composition leaves open is bounded by what it gives: saturates by the fat; starch, fibre and salt by the rest that is neither
 * water, sugars, fat nor protein. Carbohydrate is by difference where fibre is known, as in food tables.
 */
export function nutrientRange(line: Pick<LabelLine, 'name' | 'ingredient'>, nutrient: Nutrient): Range {
  const { composition } = line.ingredient ?? {};
  if (!composition) return [0, 100];
  const { sugars, fat, protein, other, salt, saturates, starch, fibre } = composition;
  const open = openPart(composition);
  switch (nutrient) {
    case 'fat':
      return exactly(fat);
    case 'protein':
      return exactly(protein);
    case 'sugars':
      return exactly(sugars);
    case 'addedSugars':
      return addedSugarsIn(line, composition);
    case 'saturates':
      return saturates !== undefined ? exactly(saturates) : fat < NOTHING_G ? exactly(0) : [0, fat];
    case 'salt':
      return salt !== undefined ? exactly(salt) : other < NOTHING_G ? exactly(0) : [0, open];
    case 'fibre':
      return fibre !== undefined ? exactly(fibre) : other < NOTHING_G ? exactly(0) : [0, open];
    case 'carbohydrate':
      if (starch !== undefined) return exactly(sugars + starch);
      if (other < NOTHING_G) return exactly(sugars);
      return fibre === undefined ? [sugars, sugars + open] : exactly(sugars + Math.max(0, other - fibre - (salt ?? 0)));
    case 'totalCarbohydrate':
      // By difference too: whatever is no salt is starch or fibre.
      if (starch !== undefined && fibre !== undefined) return exactly(sugars + starch + fibre);
      return salt !== undefined || other < NOTHING_G
        ? exactly(sugars + Math.max(0, other - (salt ?? 0)))
        : [sugars + (starch ?? 0) + (fibre ?? 0), sugars + other];
  }
}

/** Returns the possible energy of an ingredient, per 100 g: what is open of it may be starch, fibre or salt. */
function energyRange(ingredient: Ingredient | null, factors: EnergyFactors): Range {
  const { composition } = ingredient ?? {};
  if (!composition) return [0, 100 * factors.fat];
  const { sugars, fat, protein, other, starch, fibre } = composition;
  const sure = sugars * factors.carbohydrate + fat * factors.fat + protein * factors.protein;
  if (starch !== undefined && fibre !== undefined)
    return exactly(sure + starch * factors.carbohydrate + fibre * factors.fibre);
  if (other < NOTHING_G) return exactly(sure);
  const known = (starch ?? 0) * factors.carbohydrate + (fibre ?? 0) * factors.fibre;
  const open = openPart(composition);
  // By difference: with fibre known, the rest is starch.
  if (fibre !== undefined) return exactly(sure + known + open * factors.carbohydrate);
  return [sure + known, sure + known + open * (starch === undefined ? factors.carbohydrate : factors.fibre)];
}

/**
 * Returns the nutrition of a slab per 100 g, from its ingredients, evaporation and what sticks to the pot.
 *
 * Only water leaves; what sticks in the pot takes its share of everything along. What an ingredient's composition leaves open makes a
 * range, which is a figure as long as it is no wider than the rounding of the label; nothing is guessed.
 *
 * @param profile rules whose rounding decides what is unknown
 * @see Regulation (EU) No 1169/2011, Annex XIV: 17 kJ or 4 kcal for a gram of carbohydrate and of protein, 37 or 9 for fat, 8 or 2 for fibre
 */
export function nutritionOf({ pots, massG }: MadeOf, profile: LabelProfile = 'eu'): Nutrition {
  const lines = pots.flatMap(({ lines, keptShare }) =>
    lines.map((line) => ({ ...line, massG: line.massG * keptShare })),
  );
  const counted = lines.filter((line) => line.ingredient?.composition || line.massG > massG * TRACE);
  const per100 = (line: LabelLine, [low, high]: Range): Range => [
    (line.massG / massG) * low,
    (line.massG / massG) * high,
  ];
  const summed = (rangeOf: (line: LabelLine) => Range): Range =>
    massG <= 0
      ? [0, 0]
      : counted.reduce<Range>(
          ([low, high], line) => {
            const own = per100(line, rangeOf(line));
            return [low + own[0], high + own[1]];
          },
          [0, 0],
        );
  const rangeOf = (nutrient: Nutrient) => summed((line) => nutrientRange(line, nutrient));
  const grams = Object.fromEntries(NUTRIENTS.map((nutrient) => [nutrient, rangeOf(nutrient)])) as Record<
    Nutrient,
    Range
  >;
  const ranges = {
    ...grams,
    kJ: summed(({ ingredient }) => energyRange(ingredient, KJ)),
    kcal: summed(({ ingredient }) => energyRange(ingredient, KCAL)),
  };
  const figures = Object.fromEntries(
    NUTRIENTS.map((nutrient) => [nutrient, massG <= 0 ? null : figureOf(nutrient, grams[nutrient], profile)]),
  ) as Record<Nutrient, number | null>;
  const causes = (nutrient: Nutrient): string[] => {
    const open = grams[nutrient][1] - grams[nutrient][0];
    const named = counted.flatMap((line) => {
      const [low, high] = per100(line, nutrientRange(line, nutrient));
      return high - low >= open * CAUSE_SHARE ? [line.ingredient?.name ?? line.name] : [];
    });
    return [...new Set(named)];
  };
  return {
    ...figures,
    kJ: massG <= 0 ? null : energyOf(ranges.kJ),
    kcal: massG <= 0 ? null : energyOf(ranges.kcal),
    ranges,
    unknown: PROFILE_FACTS[profile].nutrients
      .filter((nutrient) => massG > 0 && figures[nutrient] === null)
      .map((nutrient) => ({
        nutrient,
        of: causes(nutrient),
        range: grams[nutrient],
      })),
  };
}
