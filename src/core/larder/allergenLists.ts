/** The fourteen of EU Regulation 1169/2011, Annex II, by the names used on screen. */
export const EU_ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soya',
  'milk',
  'tree nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;

/** The nine of the US FALCPA as amended by the FASTER Act of 2021. Where the EU asks for gluten, the US asks for wheat. */
export const US_ALLERGENS = [
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'tree nuts',
  'peanut',
  'wheat',
  'soya',
  'sesame',
] as const;

/** All allergens that one of the two lists requires. */
export const ALLERGENS = [...EU_ALLERGENS, 'wheat'] as const;
export type Allergen = (typeof ALLERGENS)[number];
