import type { Allergen } from '../larder';
import { PROFILE_FACTS } from './profiles';
import type { LabelIngredient } from './ingredients';
import type { LabelProfile } from './types';

/** Kinds that the law wants by name, by the words of an ingredient that state them. */
const KINDS: Readonly<Partial<Record<Allergen, readonly (readonly [kind: string, words: RegExp])[]>>> = {
  'tree nuts': [
    ['almonds', /almonds?|marzipan|frangipane/i],
    ['hazelnuts', /hazelnuts?|filberts?|cob ?nuts?|gianduja/i],
    ['walnuts', /walnuts?/i],
    ['pecans', /pecans?/i],
    ['cashews', /cashews?/i],
    ['pistachios', /pistachios?/i],
    ['macadamia nuts', /macadamias?|queensland nuts?/i],
    ['Brazil nuts', /brazil nuts?/i],
    ['pine nuts', /pine nuts?/i],
  ],
  gluten: [
    ['wheat', /wheat|spelt|kamut|einkorn|semolina|graham|digestives?/i],
    ['rye', /\brye\b/i],
    ['barley', /barley|\bmalt(?:ed)?\b/i],
    ['oats', /\boats?\b|oatmeal/i],
  ],
  fish: [['anchovies', /anchov/i]],
  crustaceans: [
    ['shrimp', /shrimps?|prawns?/i],
    ['crab', /\bcrabs?\b/i],
  ],
};

/** What an allergen is called where it is declared; by default as it is called here. */
const TERMS: Readonly<Record<'eu' | 'uk' | 'us', Readonly<Partial<Record<Allergen, string>>>>> = {
  eu: { egg: 'eggs', peanut: 'peanuts', gluten: 'cereals containing gluten', 'tree nuts': 'nuts' },
  uk: { egg: 'eggs', peanut: 'peanuts', gluten: 'cereals containing gluten', 'tree nuts': 'nuts' },
  us: { egg: 'eggs', peanut: 'peanuts', soya: 'soy', crustaceans: 'crustacean shellfish' },
};

/** An ingredient with an allergen whose kind its name does not state. */
export interface UnnamedKind {
  readonly allergen: Allergen;
  readonly ingredient: string;
}

/** Ends of an ingredient list that carry an allergen themselves, and not by what they are made of. */
function carriersOf(ingredients: readonly LabelIngredient[], allergen: Allergen): LabelIngredient[] {
  return ingredients.flatMap((each): LabelIngredient[] => {
    if (!each.allergens.includes(allergen)) return [];
    const inside = carriersOf(each.of, allergen);
    return inside.length > 0 ? inside : [each];
  });
}

/** Returns the kinds of an allergen that the carrying ingredients state, and the ingredients that state none. */
function kindsOf(ingredients: readonly LabelIngredient[], allergen: Allergen) {
  const words = KINDS[allergen] ?? [];
  const kinds = new Set<string>();
  const without: string[] = [];
  for (const { name, allergens } of carriersOf(ingredients, allergen)) {
    const stated = words.filter(([, word]) => word.test(name)).map(([kind]) => kind);
    // Flour of wheat declares both.
    if (allergen === 'gluten' && stated.length === 0 && allergens.includes('wheat')) stated.push('wheat');
    for (const kind of stated) kinds.add(kind);
    if (stated.length === 0) without.push(name);
  }
  return { kinds: words.map(([kind]) => kind).filter((kind) => kinds.has(kind)), without };
}

/**
 * Returns the allergens of a label in the words of its market, with the kinds of nuts, cereals, fish and crustaceans.
 *
 * @see US section 201(qq) and 403(w) of the Federal Food, Drug, and Cosmetic Act: "tree nuts (almonds)"; EU 1169/2011, Annex II: the
 * cereal and the nut by name
 */
export function allergenTerms(
  ingredients: readonly LabelIngredient[],
  allergens: readonly Allergen[],
  profile: LabelProfile,
): string[] {
  const { market, allergens: asked } = PROFILE_FACTS[profile];
  // Wheat is one of the cereals that contain gluten.
  const listed = allergens.filter(
    (allergen) =>
      asked.includes(allergen) && !(allergen === 'wheat' && allergens.includes('gluten') && market !== 'us'),
  );
  return listed.flatMap((allergen) => {
    const term = TERMS[market][allergen] ?? allergen;
    if (!KINDS[allergen]) return [term];
    const { kinds, without } = kindsOf(ingredients, allergen);
    if (market === 'us') return [kinds.length > 0 ? `${term} (${kinds.join(', ')})` : term];
    return without.length > 0 || kinds.length === 0 ? [...kinds, term] : kinds;
  });
}

/** Finds ingredients whose kind of nut, cereal, fish or crustacean the law wants by name and that do not state it. */
export function unnamedKinds(
  ingredients: readonly LabelIngredient[],
  allergens: readonly Allergen[],
  profile: LabelProfile,
): UnnamedKind[] {
  const { allergens: asked } = PROFILE_FACTS[profile];
  return allergens
    .filter((allergen) => asked.includes(allergen) && KINDS[allergen])
    .flatMap((allergen) =>
      [...new Set(kindsOf(ingredients, allergen).without)].map((ingredient) => ({ allergen, ingredient })),
    );
}

/** Returns what an allergen is called by itself, as for what is assumed or may be there. */
export const allergenTerm = (allergen: string, profile: LabelProfile): string =>
  TERMS[PROFILE_FACTS[profile].market][allergen as Allergen] ?? allergen;
