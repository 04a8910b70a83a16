import { EU_ALLERGENS, US_ALLERGENS, type Allergen } from '../larder';
import type { Nutrient } from './nutrients';
import type { LabelProfile } from './types';

/** A part of a printed label. */
export type LabelPart =
  'ingredients' | 'contains' | 'nutrition' | 'net' | 'best-before' | 'lot' | 'storage' | 'address';

/** Something that the law asks for and that no draft has. */
export type LabelElement =
  | 'origin'
  | 'instructions'
  | 'uk-address'
  | 'trans-fat'
  | 'cholesterol'
  | 'vitamins-and-minerals'
  | 'facts-panel-format'
  | 'bioengineered';

/** What a market asks of a label. */
export interface ProfileFacts {
  readonly market: 'eu' | 'uk' | 'us';
  /** What is printed below the name of the food, in order. */
  readonly parts: readonly LabelPart[];
  /** Rows of the nutrition table in order, below the energy. */
  readonly nutrients: readonly Nutrient[];
  /** Allergens that must be named. */
  readonly allergens: readonly Allergen[];
  /** Whether allergens stand out in the list of ingredients. */
  readonly emphasises: boolean;
  /** Whether the share of an ingredient that the name promises is given. */
  readonly givesShares: boolean;
  readonly lacks: readonly LabelElement[];
}

const EUROPEAN = [...EU_ALLERGENS, 'wheat'] as const;
const EUROPEAN_NUTRIENTS = ['fat', 'saturates', 'carbohydrate', 'sugars', 'fibre', 'protein', 'salt'] as const;
const PREPACKED = ['ingredients', 'nutrition', 'net', 'best-before', 'lot', 'storage', 'address'] as const;

/**
 * The rules that drafts follow.
 *
 * @see eu: Regulation (EU) No 1169/2011, Articles 9, 21, 22 and 44
 * @see uk: the same regulation as retained in the United Kingdom, with the Food Information Regulations 2014; for food prepacked for
 * direct sale their amendment of 2019 (England) and its like elsewhere, which asks for the name and the full list; for loose food
 * Regulation 5, which asks for the allergens
 * @see us: 21 CFR 101.3 to 101.9 and section 403(w) of the Federal Food, Drug, and Cosmetic Act
 */
export const PROFILE_FACTS: Readonly<Record<LabelProfile, ProfileFacts>> = {
  eu: {
    market: 'eu',
    parts: PREPACKED,
    nutrients: EUROPEAN_NUTRIENTS,
    allergens: EUROPEAN,
    emphasises: true,
    givesShares: true,
    lacks: ['origin', 'instructions'],
  },
  uk: {
    market: 'uk',
    parts: PREPACKED,
    nutrients: EUROPEAN_NUTRIENTS,
    allergens: EUROPEAN,
    emphasises: true,
    givesShares: true,
    lacks: ['uk-address', 'origin', 'instructions'],
  },
  'uk-direct': {
    market: 'uk',
    parts: ['ingredients', 'best-before', 'storage'],
    nutrients: [],
    allergens: EUROPEAN,
    emphasises: true,
    givesShares: false,
    lacks: [],
  },
  'uk-loose': {
    market: 'uk',
    parts: ['contains', 'storage'],
    nutrients: [],
    allergens: EUROPEAN,
    emphasises: true,
    givesShares: false,
    lacks: [],
  },
  us: {
    market: 'us',
    parts: ['ingredients', 'contains', 'nutrition', 'net', 'best-before', 'lot', 'storage', 'address'],
    nutrients: ['fat', 'saturates', 'salt', 'totalCarbohydrate', 'fibre', 'sugars', 'addedSugars', 'protein'],
    allergens: US_ALLERGENS,
    emphasises: false,
    givesShares: false,
    lacks: ['trans-fat', 'cholesterol', 'vitamins-and-minerals', 'facts-panel-format', 'bioengineered'],
  },
};

export const isUnitedStates = (profile: LabelProfile): boolean => PROFILE_FACTS[profile].market === 'us';
