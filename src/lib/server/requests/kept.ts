import { ingredientSchema, type Ingredient } from '../../../core/larder';
import { MEASURES } from '../../../core/measure';
import { shopSchema, type Shop } from '../../../core/shop';
import { rackTinSchema, type RackTin } from '../../../core/tin';
import { fields, note, number, oneOf, readBy, type Held, type Read } from '../../../core/validation';

const revision = number(1, 1e9).required('Say which revision the change began from');
const named = ingredientSchema.required('Send an ingredient');
const settings = shopSchema.required('Send the settings');
const pasted = fields({
  text: note(900_000).defined('Send the text of a recipe'),
  measures: oneOf(MEASURES),
}).required('Send an object with the text of a recipe');

/** Readers of what the larder, tin and settings screens send. */
export const readIngredient = (found: unknown): Read<Ingredient> => readBy(named, found);
export const readTin = (found: unknown): Read<RackTin> => readBy(rackTinSchema, found);
export const readShop = (found: unknown): Read<Partial<Shop>> => readBy(settings, found);
export const readPasted = (found: unknown): Read<Held<typeof pasted>> => readBy(pasted, found);
export const readRevision = (found: unknown): Read<number> => readBy(revision, found);
