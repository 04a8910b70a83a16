import type { Composition, Ingredient } from '../larder';

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
  | 'gelling agent'
  | 'gelatine'
  | 'honey'
  | 'salt'
  | 'leavening'
  | 'extract'
  | 'acid';

/**
 * How one kind is told: by what the larder knows of an ingredient, and by its name where the larder knows nothing. `by` null means
 * that composition does not tell it, as with gelatine, and the name alone does. `declared` is whether egg is among the allergens,
 * null where none are declared.
 */
interface Telling {
  readonly by:
    | ((composition: Composition, allergens: readonly string[], name: string, declared: boolean | null) => boolean)
    | null;
  readonly name: RegExp;
  /** Names that look similar but mean something else: cream of tartar is not cream. */
  readonly not?: RegExp;
}

const sugary = ({ sugars, water, other, fat }: Composition) =>
  sugars >= 55 && water >= 10 && water <= 45 && other <= 15 && fat < 3;
const CHOCOLATE = /chocolate|couverture|gianduja|cocoa butter/;
const EGG = /\beggs?\b/;
/** Egg is recognised by name unless declared allergens exclude it: raw egg must not be overlooked. */
const mayBeEgg = (name: string, declared: boolean | null) => EGG.test(name) && declared !== false;
/** Plant-based or unrelated products. */
const NO_MILK = /of tartar|\b(?:coconut|almond|oat|soya?|rice|cashew|hazelnut)\b|cracker/;
const NO_BUTTER = /nut|almond|cocoa|shea|seed|apple/;

const KINDS: Readonly<Record<IngredientKind, Telling>> = {
  // Composition cannot tell chocolate from a sweet nut paste, but it can tell it from chocolate-flavoured products.
  chocolate: { by: ({ water, fat }, _, name) => CHOCOLATE.test(name) && water <= 5 && fat >= 20, name: CHOCOLATE },
  milk: {
    by: ({ water }, allergens) => allergens.includes('milk') && water >= 20,
    name: /milk|cream|half and half/,
    not: NO_MILK,
  },
  'milk fat': {
    by: ({ fat }, allergens) => allergens.includes('milk') && fat >= 60,
    name: /\bbutter\b|ghee/,
    not: NO_BUTTER,
  },
  syrup: {
    by: (composition, allergens) => sugary(composition) && !allergens.includes('milk'),
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
  egg: { by: (_, __, name, declared) => mayBeEgg(name, declared), name: EGG },
  'raw egg': {
    by: ({ water }, _, name, declared) => mayBeEgg(name, declared) && water >= 15,
    name: EGG,
    not: /pasteuri[sz]ed|dried/,
  },
  'egg white': {
    by: ({ fat, protein }, allergens) => allergens.includes('egg') && fat < 2 && protein > 8,
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
  'gelling agent': { by: null, name: /gelatin|agar|pectin/ },
  gelatine: { by: null, name: /gelatin/ },
  honey: { by: null, name: /\bhoney\b/ },
  salt: { by: ({ salt = 0 }) => salt >= 80, name: /\bsalt\b/ },
  leavening: { by: null, name: /baking powder|baking soda|bicarbonate/ },
  extract: { by: null, name: /extract|essence/ },
  acid: { by: null, name: /citric acid|tartaric acid|cream of tartar/ },
};

/**
 * Whether something is of a kind: by its composition and allergens where the larder knows them, else by its name.
 *
 * @example isKind('milk', { name: 'cream of tartar', ingredient: null }) // false
 */
export function isKind(kind: IngredientKind, { name, ingredient }: Thing): boolean {
  const { by, name: pattern, not } = KINDS[kind];
  const names = [name, ...(ingredient ? [ingredient.name] : [])].map((text) => text.toLowerCase());
  const looksLike = names.some((text) => pattern.test(text)) && !names.some((text) => not?.test(text));
  if (!by || !ingredient?.composition) return looksLike;
  if (not && kind === 'raw egg' && names.some((text) => not.test(text))) return false;
  const { composition, allergens } = ingredient;
  const declared = allergens ? allergens.includes('egg') : null;
  return names.some((text) => by(composition, allergens ?? [], text, declared));
}
