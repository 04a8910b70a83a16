import { problem } from '../validation';
import { isEggCooked, isKind } from '../classify';
import {
  ALLERGENS,
  allergensOf,
  ingredientNamed,
  larderOf,
  type Allergen,
  type AllergenStatement,
  type Larder,
} from '../larder';
import {
  allergenTerm,
  allergenTerms,
  countLabelEntries,
  dayAfter,
  ingredientsText,
  keepingOf,
  labelIngredients,
  nutritionOf,
  PROFILE_FACTS,
  REFERENCE_G,
  servingOf,
  unnamedKinds,
  type Keeping,
  type LabelElement,
  type LabelIngredient,
  type LabelProfile,
  type MadeOf,
  type Nutrient,
  type Nutrition,
  type Range,
  type Serving,
} from '../label';
import { USUAL_LABELS, type Shop } from '../shop';
import { expandDividedLines, PLACE_FACTS, type ExpandedSlab, type Slab } from '../slab';
import type { Problem } from '../validation';
import type { Plan, PlanOptions } from './planned';
import { scaleSlab, type ScaledSlab } from './scaling';

/** Input of a label draft. */
export interface LabelOptions extends PlanOptions {
  /** YYYY-MM-DD. */
  readonly madeOn: string;
  /** Pieces per pack; by default 1. */
  readonly pieces?: number | undefined;
  /** Piece type, if several are cut; by default the first. */
  readonly kind?: string | undefined;
  /** By default the shop's. */
  readonly profile?: LabelProfile | undefined;
  /** Lot of its run; by default that of the day. */
  readonly lot?: string | undefined;
  /** Allergens of other products made on the same day. */
  readonly alsoMade?: readonly string[] | undefined;
  /** What is assumed and unknown of the slab's allergens; by default nothing. */
  readonly uncertain?: Pick<AllergenStatement, 'assumed' | 'unknownFor'> | undefined;
}

/** Maximum entries of an ingredient list with compounds expanded. The longest real lists have under 200. */
const MAX_ENTRIES = 2000;

/** Finds what prevents a label draft: a list that is too long. */
export function labelProblems(slab: Slab, larder: Larder): Problem[] {
  const own = slab.larder && larderOf(slab.larder);
  const named = [...new Set(slab.preparations.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)))];
  const entries = countLabelEntries(
    named.flatMap((name) => ingredientNamed(name, larder, own) ?? []),
    larder,
    own,
  );
  if (entries <= MAX_ENTRIES) return [];
  return [problem('/slab/preparations', 'label-too-long', { entries, max: MAX_ENTRIES })];
}

/** Nutrients that are unknown because of the same ingredients, with their ranges per 100 g. */
export interface UnknownTogether {
  readonly nutrients: readonly Nutrient[];
  /** Of each nutrient, g. */
  readonly ranges: readonly Range[];
  readonly ingredients: readonly string[];
}

/** Problems that prevent printing a label. */
export type LabelProblem =
  | { readonly code: 'not-in-larder' | 'kept-too-warm'; readonly ingredients: readonly string[] }
  | {
      readonly code: 'allergens-uncertain';
      readonly allergens: readonly string[];
      readonly ingredients: readonly string[];
    }
  | {
      readonly code: 'nutrition-unknown';
      readonly unknown: readonly UnknownTogether[];
    }
  /** The law wants the nut, cereal or fish by name. */
  | { readonly code: 'kind-not-named'; readonly allergen: string; readonly ingredients: readonly string[] }
  | { readonly code: 'no-shelf-life' | 'no-address' }
  | { readonly code: 'claim-broken'; readonly allergens: readonly string[] };

/** A label draft. Local food law decides. */
export interface LabelDraft {
  readonly profile: LabelProfile;
  readonly name: string;
  readonly ingredients: readonly LabelIngredient[];
  /** Ingredient list as printed, allergens **in stars**. */
  readonly text: string;
  readonly allergens: readonly string[];
  /** Allergens that are likely but not declared in the larder. */
  readonly assumed: readonly string[];
  /** Ingredients whose allergens are not known completely. */
  readonly unknownFor: readonly string[];
  /** Contained, assumed and possible allergens in the words of the market; `mayContain` are those of other products made that day. */
  readonly contains: readonly string[];
  readonly probablyContains: readonly string[];
  readonly mayContain: readonly string[];
  readonly nutrition: Nutrition & { readonly per: 100 };
  /** Serving of the pack, as the United States have it, and whether it counts as a bar on a base of cereal. */
  readonly serving: Serving & { readonly of: keyof typeof REFERENCE_G };
  readonly pieces: number;
  /** Net mass of one pack: declared, otherwise that of its pieces. */
  readonly netG: number;
  /** Mass of one piece, mean and lightest, g. */
  readonly pieceG: number;
  readonly lightestG: number;
  /** YYYY-MM-DD; `null` without a shelf life. */
  readonly bestBefore: string | null;
  readonly keeping: Keeping;
  readonly lot: string;
  readonly address: string;
  /** Names of lines whose ingredient is not in the larder. */
  readonly unnamed: readonly string[];
  /** Problems that prevent printing. */
  readonly problems: readonly LabelProblem[];
  /** What the law asks for beyond this draft. */
  readonly lacks: readonly LabelElement[];
}

/** Crumb, flour and cereals from this share of a slab on make it a bar on a base of cereal. */
const GRAIN_SHARE = 0.2;

/** Returns what the slab counts as where servings are concerned. */
function servedAs({ pots }: MadeOf): keyof typeof REFERENCE_G {
  const lines = pots.flatMap((pot) => pot.lines);
  const massOf = (some: typeof lines) => some.reduce((sum, { massG }) => sum + massG, 0);
  return massOf(lines.filter((line) => isKind('crumb', line))) >= GRAIN_SHARE * massOf(lines) ? 'grain-bar' : 'candy';
}

/** Returns what of each pot goes into the product: without leftovers, evaporation and loss. */
export function madeOfSlab(
  slab: ExpandedSlab,
  { mixtures, scaling }: Pick<ScaledSlab, 'mixtures' | 'scaling'>,
): MadeOf {
  const pots = slab.preparations.map(({ lines }, p) => {
    const mixture = mixtures[p]!;
    const { scaleFactor, shares } = scaling.preparations[p]!;
    const used = scaleFactor * [...shares.values()].reduce((sum, share) => sum + share, 0);
    const restG = mixture.massInG - mixture.evaporatedG;
    return {
      massG: mixture.massOutG * used,
      evaporatedG: mixture.evaporatedG * used,
      keptShare: restG > 0 ? mixture.massOutG / restG : 1,
      lines: lines.map(({ ingredient: name }, l) => {
        const { ingredient, massG } = mixture.lines[l]!;
        return { name, ingredient, massG: (massG ?? 0) * used };
      }),
    };
  });
  return { pots, massG: pots.reduce((sum, { massG }) => sum + massG, 0) };
}

/** Ingredients that must be kept cold: raw egg, and fresh milk or cream that is neither boiled nor baked, by name. */
export function coldThings(slab: ExpandedSlab, { mixtures }: Pick<ScaledSlab, 'mixtures'>): string[] {
  return slab.preparations.flatMap((preparation, p) =>
    isEggCooked(preparation)
      ? []
      : preparation.lines.flatMap(({ ingredient: name }, l) => {
          const { ingredient } = mixtures[p]!.lines[l]!;
          const isSweet = (ingredient?.composition?.sugars ?? 0) > 30;
          const isCold = isKind('raw egg', { name, ingredient }) || (isKind('milk', { name, ingredient }) && !isSweet);
          return isCold ? [name] : [];
        }),
  );
}

/**
 * Drafts the label of a slab: ingredients and allergens from its lines, nutrition after the boil, and the best-before date.
 *
 * @param planned of the same slab with the same options
 */
export function labelFor(slab: Slab, larder: Larder, shop: Shop, planned: Plan, options: LabelOptions): LabelDraft {
  const laid = expandDividedLines(slab);
  const scaled = scaleSlab(laid, larder, shop, options);
  const of = madeOfSlab(laid, scaled);
  const { slabLarder } = scaled;
  const labels = { ...USUAL_LABELS, ...shop.labels };
  const profile = options.profile ?? labels.profile;
  const name = slab.label?.name || slab.name;
  const ingredients = labelIngredients(of, name, larder, slabLarder, profile);
  const carried = new Set(ingredients.flatMap(({ allergens }) => allergens));
  const allergens = ALLERGENS.filter((allergen) => carried.has(allergen));
  const { assumed, unknownFor } = options.uncertain ?? { assumed: [], unknownFor: [] };
  const { parts, lacks } = PROFILE_FACTS[profile];
  const term = (allergen: string) => allergenTerm(allergen, profile);
  const served = servedAs(of);
  const nutrition = { per: 100 as const, ...nutritionOf(of, profile) };
  const lines = of.pots.flatMap((pot) => pot.lines);
  const keeping = keepingOf(
    slab,
    lines.map(({ ingredient }) => ingredient),
  );
  const pieces = options.pieces ?? 1;
  const { pieces: made } = planned.cut;
  const kind = options.kind ?? made[0]?.id;
  const sold = made.filter(({ id }) => id === kind);
  const count = sold.reduce((sum, kind) => sum + kind.count, 0);
  const pieceG = count > 0 ? sold.reduce((sum, kind) => sum + kind.count * kind.massG, 0) / count : 0;
  const cold = PLACE_FACTS[keeping.place].isCold ? [] : coldThings(laid, scaled);
  const unnamed = [...new Set(lines.filter(({ ingredient }) => ingredient === null).map((line) => line.name))];
  const stripped =
    slab.freeFrom?.filter((allergen) =>
      lines.some(({ ingredient }) => ingredient && allergensOf(ingredient, larder, slabLarder).has(allergen)),
    ) ?? [];
  return {
    profile,
    name,
    ingredients,
    text: ingredientsText(ingredients, profile),
    allergens,
    ...{ assumed, unknownFor },
    contains: allergenTerms(ingredients, allergens, profile),
    probablyContains: assumed.map(term),
    mayContain: PROFILE_FACTS[profile].allergens
      .filter((allergen) => options.alsoMade?.includes(allergen) && !carried.has(allergen))
      .map(term),
    nutrition,
    serving: { ...servingOf(pieceG, pieces, REFERENCE_G[served]), of: served },
    pieces,
    netG: slab.label?.netG ?? pieceG * pieces,
    pieceG,
    lightestG: sold.reduce((least, { lightestG }) => Math.min(least, lightestG), count > 0 ? Infinity : 0),
    bestBefore: keeping.days === null ? null : dayAfter(options.madeOn, keeping.days),
    keeping,
    lot: options.lot ?? `L${options.madeOn.slice(2).replaceAll('-', '')}`,
    address: labels.address,
    unnamed,
    problems: [
      ...(unnamed.length > 0 ? [{ code: 'not-in-larder', ingredients: unnamed } as const] : []),
      ...(assumed.length + unknownFor.length > 0
        ? [{ code: 'allergens-uncertain', allergens: assumed, ingredients: unknownFor } as const]
        : []),
      ...(nutrition.unknown.length > 0
        ? [{ code: 'nutrition-unknown', unknown: unknownByIngredients(nutrition) } as const]
        : []),
      ...kindsNotNamed(ingredients, allergens, profile),
      ...(keeping.days === null && parts.includes('best-before') ? [{ code: 'no-shelf-life' } as const] : []),
      ...(labels.address === '' && parts.includes('address') ? [{ code: 'no-address' } as const] : []),
      ...(cold.length > 0 ? [{ code: 'kept-too-warm', ingredients: [...new Set(cold)] } as const] : []),
      ...(stripped.length > 0 ? [{ code: 'claim-broken', allergens: stripped } as const] : []),
    ],
    lacks,
  };
}

/** Groups ingredients whose nut, cereal or fish the law wants by name, by allergen. */
function kindsNotNamed(
  ingredients: readonly LabelIngredient[],
  allergens: readonly Allergen[],
  profile: LabelProfile,
): LabelProblem[] {
  const unnamed = unnamedKinds(ingredients, allergens, profile);
  return [...new Set(unnamed.map(({ allergen }) => allergen))].map((allergen) => ({
    code: 'kind-not-named',
    allergen: allergenTerm(allergen, profile),
    ingredients: unnamed.filter((each) => each.allergen === allergen).map(({ ingredient }) => ingredient),
  }));
}

/** Groups unknown nutrients by the ingredients that they are unknown for. */
function unknownByIngredients({ unknown }: Nutrition): UnknownTogether[] {
  const groups = new Map<string, { nutrients: Nutrient[]; ranges: Range[]; ingredients: readonly string[] }>();
  for (const { nutrient, of, range } of unknown) {
    const key = of.join('\n');
    const group = groups.get(key) ?? { nutrients: [], ranges: [], ingredients: of };
    group.nutrients.push(nutrient);
    group.ranges.push(range);
    groups.set(key, group);
  }
  return [...groups.values()];
}
