import { allergensInName, type Composition, type Ingredient } from '../larder';

/** An ingredient as far as it is known. */
export interface Thing {
  /** Its name as written. */
  readonly name: string;
  /** Its larder entry, or `null`. */
  readonly ingredient: Ingredient | null;
}

/** Kinds of ingredients. An ingredient can be of several kinds or none. */
export type IngredientKind =
  | 'chocolate'
  | 'milk'
  | 'milk fat'
  | 'syrup'
  | 'keeps from graining'
  | 'nut'
  | 'egg'
  | 'raw egg'
  | 'egg white'
  | 'fat'
  | 'flour'
  | 'crumb'
  | 'coarse'
  | 'gelling agent'
  | 'gelatine'
  | 'honey'
  | 'salt'
  | 'leavening'
  | 'extract'
  | 'acid'
  | 'caramel'
  | 'marshmallow';

/**
 * How to recognise a kind: by composition if the larder has it, otherwise by name. `by` is `null` for kinds that composition cannot
 * show, such as gelatine. Milk and egg count if they are declared or stated by the name: a missing declaration must not change how
 * a layer sets, or hide a warning.
 */
interface Telling {
  readonly by: ((composition: Composition, has: Has, name: string) => boolean) | null;
  readonly name: RegExp;
  /** Names that look similar but mean something else: cream of tartar is not cream. */
  readonly not?: RegExp;
}

const sugary = ({ sugars, water, other, fat }: Composition) =>
  sugars >= 55 && water >= 10 && water <= 45 && other <= 15 && fat < 3;
const CHOCOLATE = /chocolate|couverture|gianduja|cocoa butter/;
const COARSE =
  /\boats?\b|biscuit|cookie|cracker|crumb|wafer|pretzel|cereal|puffed|crisp(?:ed|y)? rice|rice crisp|corn ?flakes|granola|muesli|popcorn/;
const EGG = /\beggs?\b/;
const NO_EGG = /egg[- ](?:free|replacer|substitute)|vegan/;

/** Tells whether an ingredient declares milk or egg, or its name states it. */
type Has = (allergen: 'milk' | 'egg') => boolean;
/** Plant-based or unrelated products. */
const NO_MILK = /of tartar|\b(?:coconut|almond|oat|soya?|rice|cashew|hazelnut)\b|cracker/;
const NO_BUTTER = /nut|almond|cocoa|shea|seed|apple/;

const KINDS: Readonly<Record<IngredientKind, Telling>> = {
  // Composition cannot tell chocolate from a sweet nut paste, but it can tell it from chocolate-flavoured products.
  chocolate: { by: ({ water, fat }, _, name) => CHOCOLATE.test(name) && water <= 5 && fat >= 20, name: CHOCOLATE },
  milk: {
    by: ({ water }, has) => water >= 20 && has('milk'),
    name: /milk|cream|half and half/,
    not: NO_MILK,
  },
  'milk fat': {
    by: ({ fat }, has) => fat >= 60 && has('milk'),
    name: /\bbutter\b|ghee/,
    not: NO_BUTTER,
  },
  syrup: {
    by: (composition, has) => sugary(composition) && !has('milk'),
    name: /syrup|honey|treacle|molasses|liquid glucose/,
  },
  'keeps from graining': {
    by: null,
    name: /glucose|golden syrup|treacle|honey|invert|dextrose|citric|tartar|lemon|lime/,
  },
  nut: {
    by: ({ fat, protein, water }) => fat >= 40 && protein >= 8 && water < 10,
    name: /hazelnut|almond|walnut|pecan|pistachio|peanut|cashew|seed/,
    not: /milk|oil|extract|essence|drink/,
  },
  egg: { by: (_, has, name) => EGG.test(name) && has('egg'), name: EGG, not: NO_EGG },
  'raw egg': {
    by: ({ water }, has, name) => water >= 15 && EGG.test(name) && has('egg'),
    name: EGG,
    not: /pasteuri[sz]ed|dried|egg[- ](?:free|replacer|substitute)|vegan/,
  },
  'egg white': {
    by: ({ fat, protein }, has) => fat < 2 && protein > 8 && has('egg'),
    name: /egg white|albumen|aquafaba/,
  },
  fat: {
    by: ({ fat, protein }) => fat >= 70 && protein < 3,
    name: /\bbutter\b|\boil\b|lard|ghee|margarine|shortening|suet/,
    not: NO_BUTTER,
  },
  flour: { by: ({ other }, _, name) => /flour/.test(name) && other >= 40, name: /flour/ },
  crumb: {
    by: ({ other, water }, _, name) => /flour|oat|biscuit|cracker|crumb/.test(name) && other >= 40 && water < 20,
    name: /flour|oat|biscuit|cracker|crumb/,
  },
  // Dry grains that keep air between them, pressed or bound.
  coarse: {
    by: ({ water, other }, _, name) => COARSE.test(name) && water < 15 && other >= 35,
    name: COARSE,
    not: /flour|spread|butter|chocolate|milk|drink|cream|dough/,
  },
  'gelling agent': { by: null, name: /gelatin|agar|pectin/ },
  gelatine: { by: null, name: /gelatin/ },
  honey: { by: null, name: /\bhoney\b/ },
  salt: { by: ({ salt = 0 }) => salt >= 80, name: /\bsalt\b/ },
  leavening: { by: null, name: /baking powder|baking soda|bicarb/ },
  extract: { by: null, name: /extract|essence/ },
  // As bought, and boiled already.
  caramel: {
    by: null,
    name: /\bcaramels?\b|\bcaramelised condensed milk|dulce de leche|cajeta|butterscotch/,
    not: /biscuit|chip|chocolate|extract|essence|flavour|sauce|popcorn|coating/,
  },
  marshmallow: { by: null, name: /marshmallow/ },
  acid: { by: null, name: /citric acid|tartaric acid|cream of tartar/ },
};

/** Tells whether something holds milk: declared, or stated by its name. */
export const hasMilk = ({ name, ingredient }: Thing): boolean =>
  (ingredient?.allergens ?? []).includes('milk') ||
  [name, ingredient?.name ?? ''].some(
    (text) => /\b(?:milk|white) chocolate/i.test(text) || allergensInName(text.toLowerCase()).includes('milk'),
  );

/**
 * Tells whether something is of a kind: by its composition if the larder has it, otherwise by its name.
 *
 * @example isKind('milk', { name: 'cream of tartar', ingredient: null }) // false
 */
export function isKind(kind: IngredientKind, { name, ingredient }: Thing): boolean {
  const { by, name: pattern, not } = KINDS[kind];
  const own = name.toLowerCase();
  const entry = ingredient?.name.toLowerCase() ?? own;
  const names = entry === own ? [own] : [own, entry];
  const looksLike = names.some((text) => pattern.test(text)) && !names.some((text) => not?.test(text));
  if (!by || !ingredient?.composition) return looksLike;
  if (not && kind === 'raw egg' && names.some((text) => not.test(text))) return false;
  const { composition, allergens = [] } = ingredient;
  const has: Has = (allergen) =>
    allergens.includes(allergen) || names.some((text) => allergensInName(text).includes(allergen));
  return names.some((text) => by(composition, has, text));
}
