/**
 * Allergens that must be declared, by the names used on screen: the fourteen of EU Regulation 1169/2011, Annex II,
 * which contain the nine of the US FALCPA as amended by the FASTER Act of 2021.
 */
export const ALLERGENS = [
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
