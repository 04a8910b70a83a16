import { ACCESSES } from '../tokens';
import { ingredientSchema, type Ingredient } from '$core/larder';
import { MEASURES } from '$core/measure';
import { shopSchema, type Shop } from '$core/shop';
import { rackTinSchema, type RackTin } from '$core/tin';
import {
  asMessage,
  fields,
  flag,
  type Held,
  list,
  note,
  number,
  oneOf,
  positive,
  type Read,
  readBy,
  reason,
  text,
  REQUIRED,
} from '$core/validation';

const MAX_LINES = 2000;

const revision = number(1, 1e9).required(REQUIRED);
const named = ingredientSchema.required(REQUIRED);
const settings = shopSchema.required(REQUIRED);
export const pastedSchema = fields({
  text: note(900_000)
    .defined(REQUIRED)
    .test(
      'lines',
      asMessage(reason('too-many-recipe-lines', { max: MAX_LINES })),
      (found) => found === undefined || found.split('\n', MAX_LINES + 1).length <= MAX_LINES,
    ),
  measures: oneOf(MEASURES),
  /** Whether the slab is answered as well. */
  slab: flag(),
}).required(REQUIRED);

/** Readers of requests from the larder, tin and settings screens. */
export const readIngredient = (found: unknown): Read<Ingredient> => readBy(named, found);
export const readTin = (found: unknown): Read<RackTin> => readBy(rackTinSchema, found);
export const readShop = (found: unknown): Read<Partial<Shop>> => readBy(settings, found);
export const readPasted = (found: unknown): Read<Held<typeof pastedSchema>> => readBy(pastedSchema, found);
/** A change of the settings: changed fields, their revision, and an exchange rate for a new currency. */
export const settingsChangeSchema = fields({
  revision,
  settings,
  rate: positive(1e6),
}).required(REQUIRED);
export const readSettings = (found: unknown): Read<Held<typeof settingsChangeSchema>> =>
  readBy(settingsChangeSchema, found);
/** Returns the revision in an address. */
export const revisionIn = (url: URL): Read<number> => {
  const text = url.searchParams.get('revision');
  return readRevision(text === null ? undefined : Number(text));
};
export const readRevision = (found: unknown): Read<number> => readBy(revision, found);

export const tokenSchema = fields({ name: text(100), access: oneOf(ACCESSES).required(REQUIRED) }).required(REQUIRED);
export const readToken = (found: unknown): Read<Held<typeof tokenSchema>> => readBy(tokenSchema, found);

export const passphraseSchema = fields({ passphrase: text(500) }).required(REQUIRED);
export const readPassphrase = (found: unknown): Read<Held<typeof passphraseSchema>> => readBy(passphraseSchema, found);

/** Maximum number of names: each is looked up in several ways. */
const MAX_NAMES = 250;
export const namesSchema = fields({ names: list(note(200).defined(), MAX_NAMES).required(REQUIRED) }).required(
  REQUIRED,
);
export const readNames = (found: unknown): Read<Held<typeof namesSchema>> => readBy(namesSchema, found);

export const fromPatternSchema = fields({ name: note(200) }).required(REQUIRED);
/** Name of a slab made from a template; by default the template's name. */
export const readFromPattern = (found: unknown): Read<Held<typeof fromPatternSchema>> =>
  readBy(fromPatternSchema, found);
