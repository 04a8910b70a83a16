import {
  asMessage,
  daySchema,
  fields,
  reason,
  formed,
  list,
  note,
  number,
  oneOf,
  positive,
  REQUIRED,
  table,
  text,
} from '../validation';
import { ALLERGENS } from './allergenLists';

export const DIETS = ['vegetarian', 'vegan', 'halal', 'kosher'] as const;

/** Maximum amount in a file, in any unit; larger figures are typing errors. */
export const MAX_QUANTITY = 1e6;
/** Maximum number of packs per ingredient. */
export const MAX_PACKS = 20;

const percent = number(0, 100);
const needed = percent.required(REQUIRED);
const days = number(0, 3650);

/** An ISO 4217 code. */
export const currencySchema = formed(/^[A-Z]{3}$/, reason('not-a-currency'));

/**
 * One pack that can be bought. `price` is in the shop's currency, as of the day `pricedOn`; a pack without one has not been
 * priced yet. A price in another currency, from before the shop changed its own, says so, and does not count until it is
 * entered again.
 */
const pack = fields({
  name: text(),
  massG: positive(MAX_QUANTITY).required(REQUIRED),
  price: number(0, MAX_QUANTITY),
  pricedOn: daySchema,
  currency: currencySchema,
  /** Who sells it. */
  supplier: note(100),
}).required(REQUIRED);

/**
 * Composition, g per 100 g. `other` is starch, fibre and ash; `starch`, `fibre` and `salt` are parts of it if known, and
 * `saturates` is part of the fat, and `addedSugars` part of the sugars.
 */
const composition = fields({
  water: needed,
  sugars: needed,
  fat: needed,
  protein: needed,
  other: needed,
  salt: percent,
  saturates: percent,
  addedSugars: percent,
  starch: percent,
  fibre: percent,
}).test('sum', asMessage(reason('composition-over-100')), (parts) => {
  if (!parts) return true;
  return parts.water + parts.sugars + parts.fat + parts.protein + parts.other <= 101;
});

/** An ingredient of the larder, in a slab file or in the shop: what is needed to weigh, price and declare it. */
export const ingredientSchema = fields({
  name: text(),
  aliases: list(text(), 50),
  densityGPerMl: positive(25),
  /** Densities by state: sifted, packed, melted. */
  densities: table(positive(25), 20),
  unitMassG: positive(MAX_QUANTITY),
  /** The usual pack comes first; it gives the price per gram. */
  packs: list(pack, MAX_PACKS),
  composition,
  /** Kinds of sugars, g per 100 g. Sugars without kinds count as sucrose. */
  sugarKinds: fields({ sucrose: percent, lactose: percent, mono: percent, glucoseSyrup: percent }),
  /** Own allergens; those of its components are added by `allergensOf`. */
  allergens: list(oneOf(ALLERGENS).required(REQUIRED), ALLERGENS.length),
  diets: list(oneOf(DIETS).required(REQUIRED), DIETS.length),
  /** Components of a compound ingredient by larder name, with their shares if the pack states them. */
  madeOf: list(fields({ ingredient: text(), percent }).required(REQUIRED), 100),
  /** Usual share of a preparation. */
  usualPercent: fields({ from: needed, to: needed }),
  /** Height of one scattered grain, mm. */
  grainMm: positive(1000),
  /** Substitutes: grams per gram replaced, and what changes. */
  alternatives: list(
    fields({ ingredient: text(), ratio: positive(100).required(REQUIRED), changes: note(500) }).required(REQUIRED),
    20,
  ),
  /** Usable share: biscuits without their filling, nuts without their shells. */
  usablePercent: number(1, 100),
  /** Name on labels, if different. */
  labelName: note(200),
  /** Maximum shelf life of products made with it, days by place. */
  keepDays: fields({ room: days, fridge: days, freezer: days }),
  /** Stock: the sum of the ledger. A figure that is sent counts as a stocktake. Negative if more was used than entered. */
  heldG: number(-MAX_QUANTITY, MAX_QUANTITY),
  /** Minimum stock: below it, the ingredient is on the buying list. */
  minimumStockG: number(0, MAX_QUANTITY),
  /** Shelf that it stands on, for stocktakes. */
  shelf: note(60),
  /** Source of the figures. */
  source: note(500),
});
