import { MEASURES, type Measures } from '../../core/measure';
import {
  fields,
  ingredientSchema,
  note,
  number,
  oneOf,
  problemsOf,
  shopSchema,
  text,
  tinSchema,
  whole,
  type Read,
} from '../../core/slab';
import type { Ingredient } from '../../core/larder';
import type { Shop } from '../../core/shop';
import type { RackTin } from '../../core/tin';

const revision = number(1, 1e9).required('Say which revision the change began from');
const rackTin = fields({
  name: text(),
  count: whole(1, 100).required('Say how many there are'),
  tin: tinSchema,
}).required('Send a tin');
const named = ingredientSchema.required('Send an ingredient');
const shop = shopSchema.required('Send the settings');
const pasted = fields({
  text: note(900_000).defined('Send the text of a recipe'),
  measures: oneOf(MEASURES),
}).required('Send an object with the text of a recipe');

function read<T>(schema: Parameters<typeof problemsOf>[0], found: unknown): Read<T> {
  const problems = problemsOf(schema, found);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found as T };
}

/** Readers of what the larder, tin and settings screens send. */
export const readIngredient = (found: unknown): Read<Ingredient> => read(named, found);
export const readTin = (found: unknown): Read<Pick<RackTin, 'name' | 'count' | 'tin'>> => read(rackTin, found);
export const readShop = (found: unknown): Read<Shop> => read(shop, found);
export const readPasted = (found: unknown): Read<{ text: string; measures?: Measures }> => read(pasted, found);
export const readRevision = (found: unknown): Read<number> => read(revision, found);
