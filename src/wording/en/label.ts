/** Texts of a label: storage, and problems that prevent printing. */
import type { Place } from '$core/slab';
import { format, parseISO } from 'date-fns';
import {
  isUnitedStates,
  PROFILE_FACTS,
  REFERENCE_G,
  type LabelElement,
  type LabelProfile,
  type Nutrient,
  type Range,
  type Serving,
} from '$core/label';
import type { LabelDraft, LabelProblem, OpenLine, WithoutAllergen } from '$core/usecases';
import { inList } from './grammar';

const KEEP_TEXTS: Readonly<Record<Place, string>> = {
  room: 'Keep in a cool, dry place',
  marble: 'Keep in a cool, dry place',
  fridge: 'Keep refrigerated, at 5 °C or colder',
  freezer: 'Keep frozen, at -18 °C or colder',
};

/** Returns the storage instruction for a label. */
export const keepText = (place: Place): string => KEEP_TEXTS[place];

/** Names of nutrients within a sentence. */
const NUTRIENT_NAMES: Readonly<Record<Nutrient, string>> = {
  fat: 'fat',
  saturates: 'saturates',
  carbohydrate: 'carbohydrate',
  totalCarbohydrate: 'carbohydrate with fibre',
  sugars: 'sugars',
  addedSugars: 'added sugars',
  fibre: 'fibre',
  protein: 'protein',
  salt: 'salt',
};

/** Writes a range of grams, so that its ends differ. */
function rangeText([low, high]: Range): string {
  const digits = high - low < 0.2 ? 2 : high - low < 2 ? 1 : 0;
  return `${low.toFixed(digits)} to ${high.toFixed(digits)} g`;
}

/** Rules that a draft follows, as they are chosen. */
export const PROFILE_NAMES: Readonly<Record<LabelProfile, string>> = {
  eu: 'European Union',
  uk: 'United Kingdom, prepacked',
  'uk-direct': 'United Kingdom, prepacked for direct sale',
  'uk-loose': 'United Kingdom, sold loose',
  us: 'United States',
};

/** What the law asks for that a draft never has. */
export const ELEMENT_NAMES: Readonly<Record<LabelElement, string>> = {
  origin: 'the country of origin (where its absence would mislead)',
  instructions: 'instructions for use (where needed)',
  'uk-address': "an address in the United Kingdom (yours or the importer's)",
  'trans-fat': 'trans fat',
  cholesterol: 'cholesterol',
  'vitamins-and-minerals': 'vitamin D, calcium, iron and potassium',
  'facts-panel-format': 'type sizes and rules of the facts panel (21 CFR 101.9(d))',
  bioengineered: 'the bioengineered food disclosure (where it applies)',
};

/** Returns a label's allergen statements with what is emphasised **in stars**. */
export function allergenLines({
  profile,
  contains,
  probablyContains,
  unknownFor,
  mayContain,
}: Pick<LabelDraft, 'profile' | 'contains' | 'probablyContains' | 'unknownFor' | 'mayContain'>): string[] {
  const bold = (names: readonly string[]) => names.map((name) => `**${name}**`).join(', ');
  const isContainsPart = PROFILE_FACTS[profile].parts.includes('contains');
  return [
    ...(isContainsPart && contains.length > 0 ? [`**Contains: ${contains.join(', ')}.**`] : []),
    ...(mayContain.length > 0 ? [`May contain ${bold(mayContain)}.`] : []),
    ...(probablyContains.length > 0 ? [`NOT VERIFIED: probably contains ${bold(probablyContains)}.`] : []),
    ...(unknownFor.length > 0 ? [`ALLERGENS UNKNOWN for ${bold(unknownFor)}. Not for sale.`] : []),
  ];
}

/** Words before the date on a label. */
export const bestBeforeText = (profile: LabelProfile): string => (isUnitedStates(profile) ? 'Best by' : 'Best before');

/** Writes a day in the style of a market: 14 Dec 2026, or Dec 14, 2026. @param day YYYY-MM-DD */
export const labelDay = (day: string, profile: LabelProfile): string =>
  format(parseISO(day), isUnitedStates(profile) ? 'MMM d, yyyy' : 'd MMM yyyy');

/** Returns the serving of a pack: 2 pieces (30 g). */
export function servingText({ measure, pieces, massG }: Serving): string {
  const household = measure === 'pack' ? '1 package' : pieces === 1 ? '1 piece' : `${pieces} pieces`;
  return `${household} (${Math.round(massG)} g)`;
}

/** Returns the number of servings in a pack. */
export const servingsText = ({ servings, isAbout }: Serving): string =>
  `${isAbout ? 'about ' : ''}${servings} ${servings === 1 ? 'serving' : 'servings'} per container`;

/** Returns what servings were counted from. */
export const servedAsText = (of: keyof typeof REFERENCE_G): string =>
  of === 'grain-bar'
    ? `Servings are those of a grain-based bar: ${REFERENCE_G[of]} g`
    : `Servings are those of candy: ${REFERENCE_G[of]} g`;

export const DRAFT_TEXT = 'Draft: check it against your local food law before it goes on a pack.';

/** Returns a problem that prevents printing a label, without a full stop. */
export function labelProblemText(problem: LabelProblem): string {
  switch (problem.code) {
    case 'allergens-uncertain': {
      const { allergens, ingredients } = problem;
      const likely = allergens.length > 0 ? `Probably contains ${inList(allergens)}, which is not declared` : '';
      const unknown = ingredients.length > 0 ? `Allergens are unknown for ${inList(ingredients)}` : '';
      return `${[likely, unknown].filter(Boolean).join('. ')}. Declare them in the larder from the packs`;
    }
    case 'not-in-larder':
      return `Not in the larder, so the contents are unknown: ${problem.ingredients.join(', ')}. Add them`;
    case 'nutrition-unknown':
      return `Unknown nutrition, per 100 g: ${problem.unknown
        .map(
          ({ nutrients, ranges, ingredients }) =>
            `${nutrients.map((nutrient, i) => `${NUTRIENT_NAMES[nutrient]} ${rangeText(ranges[i]!)}`).join(', ')}, because of ${inList(ingredients)}`,
        )
        .join('; ')}. Enter it in the larder from the pack, or have it analysed`;
    case 'kind-not-named':
      return `The law asks for the kind of ${problem.allergen} in ${inList(problem.ingredients)}. Enter it in the larder as the name on labels`;
    case 'no-shelf-life':
      return 'The shelf life is missing. Enter it in Pack';
    case 'no-address':
      return "The shop's name and address are missing. Enter them in the settings";
    case 'kept-too-warm':
      return `Not heated, and the slab is stored in the room: ${problem.ingredients.join(', ')}. Keep it cold, and follow your local rules`;
    case 'claim-broken':
      return `Marked free from ${inList(problem.allergens)}, but contains it`;
  }
}

/** Returns why a line has no substitute, without a full stop. */
export function openLineText({ tried, isUnknown }: Pick<OpenLine, 'tried' | 'isUnknown'>): string {
  if (isUnknown) return 'its allergens are not declared in the larder';
  return tried.length > 0
    ? `${inList(tried)} ${tried.length === 1 ? 'contains' : 'contain'} it too, or ${tried.length === 1 ? 'is' : 'are'} not in the larder`
    : 'the larder has no substitute for it';
}

/** Names of the figures that a substitution changes. */
export const SUBSTITUTION_FIGURES: Readonly<Record<WithoutAllergen['changes'][number]['what'], string>> = {
  fat: 'Fat',
  water: 'Water',
  energy: 'Energy in 100 g',
  'piece-cost': 'Cost of a piece',
  'piece-mass': 'Weight of a piece',
  'cut-after': 'Ready to cut after',
};
