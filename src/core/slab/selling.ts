import { currencySchema } from '../larder';
import { asMessage, fields, flag, reason, list, note, number, oneOf, positive, REQUIRED, whole } from '../validation';
import type { Held } from '../validation';

/** What becomes of trims: thrown away, eaten by whoever works, or sold by weight. */
export const TRIM_USES = ['waste', 'eat', 'sell'] as const;
/** Whether the slab pays for what is left over of its pots, or the next one that uses it. */
export const LEFTOVER_USES = ['charge', 'carry'] as const;
/** What rent, insurance and the like are counted by. */
export const OVERHEADS = ['slab', 'hour', 'percent'] as const;

const MAX_MONEY = 1e6;

/** A share of the price: all of it cannot be margin, or there would be no price. */
const marginShare = number(0, 0.999).test(
  'under-one',
  asMessage(reason('margin-of-whole-price')),
  (margin) => margin === undefined || margin < 1,
);

/**
 * How prices are made: of a slab, or as the shop usually does. Of margin, markup and price the one that is said last holds. Amounts of
 * money in another currency than the shop's say so and are not counted.
 */
export const pricingSchema = fields({
  /** Share of the price before tax that is left when all is paid, 0 to under 1. */
  margin: marginShare,
  /** What is put on top of the cost, as a share of it. */
  markup: number(0, 100),
  /** What one piece is to be sold at. */
  price: positive(MAX_MONEY),
  taxPercent: number(0, 100),
  /** Whether prices are said with the tax in them. */
  taxIncluded: flag(),
  /** What prices end in: 0.5 and 0.9, say. Prices go up to the next. */
  ladder: list(number(0, MAX_MONEY).required(REQUIRED), 12),
  labourPerHour: number(0, MAX_MONEY),
  /** Whoever watches a pot can do something else: this share of that time is paid by the slab. */
  watchShare: number(0, 1),
  energyPerKWh: number(0, MAX_MONEY),
  /** Price of a square metre of lining paper. */
  liningPerM2: number(0, MAX_MONEY),
  /** Share of the pieces that are not sold. */
  rejectShare: number(0, 0.9),
  trim: oneOf(TRIM_USES),
  trimPerKg: number(0, MAX_MONEY),
  leftover: oneOf(LEFTOVER_USES),
  overhead: fields({ by: oneOf(OVERHEADS).required(REQUIRED), amount: number(0, MAX_MONEY).required(REQUIRED) }),
  /** Below this margin the second reader speaks up. */
  leastMargin: marginShare,
  currency: currencySchema,
});
export type Pricing = Held<typeof pricingSchema>;

/** What the pieces of a slab are packed in; boxes, bags and wraps are those of the shop, by their names. */
export const packingSchema = fields({
  in: note(200),
  /** In each box or bag; without it as many as fit. */
  pieces: whole(1, 1000),
  /** Each piece by itself in this paper. */
  wrap: note(200),
  /** Thickness of the paper between layers in a box, mm. */
  interleafMm: number(0, 20),
});
export type Packing = Held<typeof packingSchema>;

/** What the label says that is not worked out. */
export const labelSchema = fields({
  /** The name under which it is sold, where that is not the slab's. */
  name: note(200),
  /** Declared net quantity of one pack. */
  netG: positive(1e6),
});
export type LabelSaid = Held<typeof labelSchema>;
