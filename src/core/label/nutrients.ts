/** What is calculated of a slab. Which of them a label has depends on its rules; `totalCarbohydrate` includes fibre. */
export const NUTRIENTS = [
  'fat',
  'saturates',
  'carbohydrate',
  'totalCarbohydrate',
  'sugars',
  'addedSugars',
  'fibre',
  'protein',
  'salt',
] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/** Lowest and highest possible value. */
export type Range = readonly [low: number, high: number];
