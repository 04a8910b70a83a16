import type { Held } from '../validation';
import type { ingredientSchema } from './schema';

/** A larder ingredient, with what is needed to weigh, price and declare it. */
export type Ingredient = Held<typeof ingredientSchema>;
export type Pack = NonNullable<Ingredient['packs']>[number];
/** g per 100 g, or g of a whole. */
export type Composition = NonNullable<Ingredient['composition']>;
/** g per 100 g. */
export type SugarKinds = NonNullable<Ingredient['sugarKinds']>;
