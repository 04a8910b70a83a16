import {
  asMessage,
  fields,
  momentSchema,
  note,
  number,
  oneOf,
  reason,
  REQUIRED,
  uuid,
  whole,
  type Held,
} from '../validation';

/** Why stock changes. `count` is a stocktake; `sale` is what is handed over. */
export const ENTRY_REASONS = ['delivery', 'count', 'waste', 'sale', 'made', 'used', 'returned'] as const;
export type EntryReason = (typeof ENTRY_REASONS)[number];

/** Ingredients are held in grams, pieces are counted; what is sold by weight is held in grams too. */
export const STOCK_UNITS = ['g', 'piece'] as const;
export type StockUnit = (typeof STOCK_UNITS)[number];

const MAX_CHANGE = 1e9;

const of = fields({
  ingredient: note(200),
  slab: whole(1, Number.MAX_SAFE_INTEGER),
  kind: note(200),
  lot: note(200),
}).test('of-one', (found, { createError }) => {
  const given = found as { readonly ingredient?: unknown; readonly slab?: unknown } | undefined;
  const isOne = given === undefined || (given.ingredient === undefined) !== (given.slab === undefined);
  return isOne || createError({ message: asMessage(reason('ingredient-or-slab')) as unknown as string });
});

/** One entry of the ledger. `change` is negative for what goes; a stocktake gives what was `counted` instead. */
export const stockEntrySchema = fields({
  /** Made by the sender: the same id counts once. */
  id: uuid().required(REQUIRED),
  of: of.required(REQUIRED),
  change: number(-MAX_CHANGE, MAX_CHANGE),
  counted: number(0, MAX_CHANGE),
  unit: oneOf(STOCK_UNITS).required(REQUIRED),
  why: oneOf(ENTRY_REASONS).required(REQUIRED),
  at: momentSchema.required(REQUIRED),
  lot: note(200),
  /** Best before, or until when pieces keep. */
  keepsUntil: momentSchema,
  /** Price of all of a delivery, in the shop's currency. */
  price: number(0, 1e9),
  /** Usual pack that was delivered, by name; its price is updated. */
  pack: note(200),
  supplier: note(200),
  note: note(500),
  /** The entry that this one undoes. */
  undoes: uuid(),
}).test('change-or-count', (found, { createError }) => {
  const given = found as { readonly change?: unknown; readonly counted?: unknown; readonly why?: unknown } | undefined;
  if (given === undefined) return true;
  const hasOne = (given.change === undefined) !== (given.counted === undefined);
  const isCount = given.counted === undefined || given.why === 'count';
  return (hasOne && isCount) || createError({ message: asMessage(reason('change-or-count')) as unknown as string });
});

export type StockEntry = Held<typeof stockEntrySchema>;

/** Entries that are sent at once. */
export const MAX_ENTRIES = 500;
