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

/** The largest amount that a file may hold, in any unit; beyond it a figure is a slip. */
export const MAX_QUANTITY = 1e6;
/** The most packs of one ingredient. */
export const MAX_PACKS = 20;

const percent = number(0, 100);
const needed = percent.required(REQUIRED);
const days = number(0, 3650);

/** An ISO 4217 code. */
export const currencySchema = formed(/^[A-Z]{3}$/, reason('not-a-currency'));

/**
 * One pack that can be bought. `price` is in the shop's currency, as of the day `pricedOn`; a pack without one has not been
 * priced yet. A price in another currency, from before the shop changed its own, says so, and is not counted until it is given
 * anew.
 */
const pack = fields({
  name: text(),
  massG: positive(MAX_QUANTITY).required(REQUIRED),
  price: number(0, MAX_QUANTITY),
  pricedOn: daySchema,
  currency: currencySchema,
}).required(REQUIRED);

/**
 * g per 100 g. `other` is starch, fibre and ash; where it is known, `starch`, `fibre` and `salt` are how much of that each is, and
 * `saturates` how much of the fat.
 */
const composition = fields({
  water: needed,
  sugars: needed,
  fat: needed,
  protein: needed,
  other: needed,
  salt: percent,
  saturates: percent,
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
  /** By state: sifted, packed, melted. */
  densities: table(positive(25), 20),
  unitMassG: positive(MAX_QUANTITY),
  /** The pack usually bought stands first; it gives the price per gram. */
  packs: list(pack, MAX_PACKS),
  composition,
  /** g per 100 g. Sugars without kinds count as sucrose. */
  sugarKinds: fields({ sucrose: percent, lactose: percent, mono: percent, glucoseSyrup: percent }),
  /** Allergens of its own; those of what it is made of come on top (`allergensOf`). */
  allergens: list(oneOf(ALLERGENS).required(REQUIRED), ALLERGENS.length),
  diets: list(oneOf(DIETS).required(REQUIRED), DIETS.length),
  /** What a compound ingredient is made of, by larder name, with its share where the pack says. */
  madeOf: list(fields({ ingredient: text(), percent }).required(REQUIRED), 100),
  /** The share of a preparation that it usually makes up. */
  usualPercent: fields({ from: needed, to: needed }),
  /** Height of one grain as it lies when it is strewn. */
  grainMm: positive(1000),
  /** What can stand in for it: so many g for each g of it, and what that changes. */
  alternatives: list(
    fields({ ingredient: text(), ratio: positive(100).required(REQUIRED), changes: note(500) }).required(REQUIRED),
    20,
  ),
  /** So much of what is bought is used: biscuits without their cream, nuts without their shells. */
  usablePercent: number(1, 100),
  /** As a label names it, where that is not its name. */
  labelName: note(200),
  /** How long what is made with it keeps at most, days by place. */
  keepDays: fields({ room: days, fridge: days, freezer: days }),
  /** What the shop has of it now. */
  heldG: number(0, MAX_QUANTITY),
  /** Where the figures come from. */
  source: note(500),
});
