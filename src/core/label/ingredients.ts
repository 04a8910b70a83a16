import { allergensOf, ingredientNamed, type Allergen, type Ingredient, type Larder } from '../larder';
import { PROFILE_FACTS } from './profiles';
import type { LabelProfile, MadeOf } from './types';

/** An ingredient as the list names it. */
export interface LabelIngredient {
  readonly name: string;
  /** Mass at mixing, g; for water, what remains. */
  readonly massG: number;
  /** Share of the product, %, if the product's name promises it; above 100 it is g per 100 g. */
  readonly percent: number | null;
  /** Allergens required by the profile: its own and those of its components. */
  readonly allergens: readonly Allergen[];
  readonly of: readonly LabelIngredient[];
}

/** Added water need not be named up to this share of what is sold. EU 1169/2011, Article 18 and Annex VII, part A. */
const MIN_WATER = 0.05;
const WATER_PERCENT = 99.5;
/** Maximum depth of nested compounds. */
const DEEPEST = 6;

const isWater = ({ composition }: Ingredient) => (composition?.water ?? 0) >= WATER_PERCENT;

/** Words of a product name that name no ingredient. */
const OTHER_WORDS =
  /^(?:and|with|the|slice|bars?|bakes?|slab|snap|fingers?|crisp|cloud|tone|two|three|bark|squares?|bites?|fudge|brittle|free|house|home|made)$/;
const stem = (word: string) => word.replace(/(?:ies)$/, 'y').replace(/(?<=[a-z]{3})s$/, '');
const wordsOf = (name: string) =>
  name
    .toLowerCase()
    .match(/[\p{L}]{3,}/gu)
    ?.map(stem) ?? [];

/** Tells whether a product name promises an ingredient: they share a word. */
export function promises(
  productName: string,
  { name, labelName = '', aliases = [] }: Pick<Ingredient, 'name' | 'labelName' | 'aliases'>,
): boolean {
  const promised = new Set(wordsOf(productName).filter((word) => !OTHER_WORDS.test(word)));
  return [name, labelName, ...aliases].some((called) => wordsOf(called).some((word) => promised.has(word)));
}

/** Returns what a product name promises by one of its words, and how much of it is in the product. */
export interface Promised {
  readonly names: readonly string[];
  readonly percent: number;
}

/** Returns what a product name promises word by word: lime juice and lime zest both count as lime. */
export function promisedIn(ingredients: readonly LabelIngredient[], productName: string): Promised[] {
  const named = ingredients
    .flatMap((ingredient) => [ingredient, ...ingredient.of])
    .filter(({ percent }) => percent !== null);
  const words = [...new Set(wordsOf(productName))];
  const by = new Map<string, LabelIngredient[]>();
  for (const ingredient of named) {
    const nameWords = wordsOf(ingredient.name);
    // An ingredient promised only by another of its names counts by itself.
    const key = words.find((word) => nameWords.includes(word)) ?? ingredient.name;
    by.set(key, [...(by.get(key) ?? []), ingredient]);
  }
  return [...by.values()].map((all) => ({
    names: all.map(({ name }) => name),
    percent: all.reduce((sum, { percent }) => sum + percent!, 0),
  }));
}

interface Found {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  massG: number;
}

/** Merges the lines by ingredient. Water counts with what remains. Leftovers of a pot are not in the product. */
function summed({ pots }: MadeOf): Found[] {
  const found = new Map<string, Found>();
  for (const { lines, evaporatedG } of pots) {
    const waterG = lines.reduce((sum, line) => sum + (line.ingredient && isWater(line.ingredient) ? line.massG : 0), 0);
    for (const line of lines) {
      if (line.massG <= 0) continue;
      const gone =
        line.ingredient && isWater(line.ingredient) ? (line.massG / waterG) * Math.min(waterG, evaporatedG) : 0;
      const name = line.ingredient?.labelName || line.ingredient?.name || line.name;
      const sum = found.get(name) ?? { name, ingredient: line.ingredient, massG: 0 };
      sum.massG += line.massG - gone;
      found.set(name, sum);
    }
  }
  return [...found.values()];
}

/**
 * Returns the ingredient list of a label: by mass at mixing, compounds with their components, allergens through them, and
 * percentages of what the product name promises.
 *
 * Added water counts by what stays of it, and is left out up to a twentieth of what is sold. Where moisture is lost a percentage is of
 * what is sold, and may be over 100.
 *
 * @param larder finds what compounds are made of
 * @see Regulation (EU) No 1169/2011, Articles 18, 21 and 22, Annexes VII and VIII
 */
export function labelIngredients(
  of: MadeOf,
  productName: string,
  larder: Larder,
  slabLarder: Larder | undefined,
  profile: LabelProfile,
): LabelIngredient[] {
  const mixedG = of.pots.flatMap(({ lines }) => lines).reduce((sum, { massG }) => sum + massG, 0);
  // Products that lose moisture use the mass of the product; others use the mass of the mixture.
  const wholeG = of.massG < mixedG ? of.massG : mixedG;
  const entry = (name: string, ingredient: Ingredient | null, massG: number, depth: number): LabelIngredient => {
    const allergens = ingredient ? [...allergensOf(ingredient, larder, slabLarder).keys()] : [];
    const parts = depth < DEEPEST ? (ingredient?.madeOf ?? []) : [];
    const inside = parts
      .map(({ ingredient: part, percent = null }) => {
        const found = ingredientNamed(part, larder, slabLarder);
        return entry(
          found?.labelName || found?.name || part,
          found,
          percent === null ? 0 : (massG * percent) / 100,
          depth + 1,
        );
      })
      .sort((a, b) => b.massG - a.massG);
    const isNamed =
      ingredient !== null && inside.every(({ percent }) => percent === null) && promises(productName, ingredient);
    return {
      name,
      massG,
      percent: isNamed && massG > 0 && wholeG > 0 ? (massG / wholeG) * 100 : null,
      allergens: PROFILE_FACTS[profile].allergens.filter((allergen) => allergens.includes(allergen)),
      of: inside,
    };
  };
  return summed(of)
    .filter(({ ingredient, massG }) => !ingredient || !isWater(ingredient) || massG > of.massG * MIN_WATER)
    .sort((a, b) => b.massG - a.massG || (a.name < b.name ? -1 : 1))
    .map(({ name, ingredient, massG }) => entry(name, ingredient, massG, 0));
}

/**
 * Counts the entries of an ingredient list in which every compound is opened, without making the list: compounds of compounds
 * multiply. It costs about as much as there are different ingredients.
 *
 * @param ingredients what the product is made of
 */
export function countLabelEntries(ingredients: readonly Ingredient[], larder: Larder, slabLarder?: Larder): number {
  const known = Array.from({ length: DEEPEST + 1 }, () => new Map<Ingredient, number>());
  const count = (ingredient: Ingredient | null, depth: number): number => {
    if (!ingredient || depth === DEEPEST) return 1;
    const before = known[depth]!.get(ingredient);
    if (before !== undefined) return before;
    const inside = (ingredient.madeOf ?? []).reduce(
      (sum, { ingredient: part }) => sum + count(ingredientNamed(part, larder, slabLarder), depth + 1),
      1,
    );
    known[depth]!.set(ingredient, inside);
    return inside;
  };
  return ingredients.reduce((sum, ingredient) => sum + count(ingredient, 0), 0);
}

/** Words in a name that state an allergen. */
const SAYS: Readonly<Record<string, RegExp>> = {
  gluten: /\b(?:wheat(?:en)?|rye|barley|oats?|spelt)\b/i,
  wheat: /\bwheat(?:en)?\b/i,
  'tree nuts': /\b(?:hazelnuts?|almonds?|walnuts?|pecans?|pistachios?|cashews?|macadamias?|brazil nuts?)\b/i,
  crustaceans: /\b(?:prawns?|shrimps?|crabs?)\b/i,
  egg: /\beggs?\b/i,
  peanut: /\bpeanuts?\b/i,
  soya: /\bsoya?\b/i,
  sulphites: /\bsulphites?\b/i,
};

/**
 * Returns a name with its allergens emphasised: **in stars**. An allergen that the name does not state follows in brackets; for
 * gluten the cereal is named if known.
 */
export function emphasised(name: string, allergens: readonly string[]): string {
  let text = name;
  const behind: string[] = [];
  // "Wheat" already states gluten.
  for (const allergen of allergens.filter((other) => other !== 'gluten' || !allergens.includes('wheat'))) {
    const word = SAYS[allergen] ?? new RegExp(`\\b${allergen}\\b`, 'i');
    if (word.test(text)) text = text.replace(word, (found) => `**${found}**`);
    else behind.push(`**${allergen}**`);
  }
  return behind.length > 0 ? `${text} (${behind.join(', ')})` : text;
}

const percentText = (percent: number) =>
  percent > 100
    ? ` (${percent.toFixed(0)} g per 100 g)`
    : ` (${percent < 1 ? percent.toFixed(1) : percent.toFixed(0)} %)`;

/**
 * Returns the ingredient list of a label with allergens emphasised **in stars**, and the shares of what the name promises, each where
 * the rules ask for it.
 */
export function ingredientsText(ingredients: readonly LabelIngredient[], profile: LabelProfile): string {
  const { emphasises, givesShares } = PROFILE_FACTS[profile];
  const nameText = (name: string, allergens: readonly Allergen[]) => (emphasises ? emphasised(name, allergens) : name);
  const entryText = ({ name, allergens, of, percent }: LabelIngredient): string => {
    const quantity = percent === null || !givesShares ? '' : percentText(percent);
    if (of.length === 0) return nameText(name, allergens) + quantity;
    const through = new Set(of.flatMap((part) => part.allergens));
    const own = allergens.filter((allergen) => !through.has(allergen));
    return `${nameText(name, own)}${quantity} (${of.map(entryText).join(', ')})`;
  };
  return ingredients.map(entryText).join(', ');
}
