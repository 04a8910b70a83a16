import { currencySchema } from '../larder';
import { asMessage, fields, flag, reason, list, note, number, oneOf, positive, REQUIRED, whole } from '../validation';
import type { Held } from '../validation';

/** Uses of trims: waste, eaten by the staff, or sold by weight. */
export const TRIM_USES = ['waste', 'eat', 'sell'] as const;
/** Whether this slab or the next one pays for leftovers. */
export const LEFTOVER_USES = ['charge', 'carry'] as const;
/** Basis for charging overheads. */
export const OVERHEADS = ['slab', 'hour', 'percent'] as const;

const MAX_MONEY = 1e6;

/** Share of the price: below 1, or there would be no price. */
const marginShare = number(0, 0.999).test(
  'under-one',
  asMessage(reason('margin-of-whole-price')),
  (margin) => margin === undefined || margin < 1,
);

/**
 * How prices are made: of a slab, or as the shop usually does. Of margin, markup and price, the last one given applies. Amounts of
 * money in another currency than the shop's say so and are not counted.
 */
export const pricingSchema = fields({
  /** Margin: share of the price before tax left after all costs, 0 to below 1. */
  margin: marginShare,
  /** Markup as a share of the cost. */
  markup: number(0, 100),
  /** Price of one piece. */
  price: positive(MAX_MONEY),
  taxPercent: number(0, 100),
  /** Whether prices include tax. */
  taxIncluded: flag(),
  /** Price endings, such as 0.5 and 0.9. Prices are rounded up to the next. */
  ladder: list(number(0, MAX_MONEY).required(REQUIRED), 12),
  labourPerHour: number(0, MAX_MONEY),
  /** Share of watching time charged as labour: people who watch a pot can do other work. */
  watchShare: number(0, 1),
  energyPerKWh: number(0, MAX_MONEY),
  /** Price of a square metre of lining paper. */
  liningPerM2: number(0, MAX_MONEY),
  /** Share of unsold pieces. */
  rejectShare: number(0, 0.9),
  trim: oneOf(TRIM_USES),
  trimPerKg: number(0, MAX_MONEY),
  leftover: oneOf(LEFTOVER_USES),
  overhead: fields({ by: oneOf(OVERHEADS).required(REQUIRED), amount: number(0, MAX_MONEY).required(REQUIRED) }),
  /** Minimum margin; a check warns below it. */
  leastMargin: marginShare,
  currency: currencySchema,
});
export type Pricing = Held<typeof pricingSchema>;

/** Packaging of the pieces, by names of the shop's boxes, bags and wrappers. */
export const packingSchema = fields({
  in: note(200),
  /** Pieces per box or bag; by default as many as fit. */
  pieces: whole(1, 1000),
  /** Wrapper of each piece. */
  wrap: note(200),
  /** Thickness of the paper between levels in a box, mm. */
  interleafMm: number(0, 20),
});
export type Packing = Held<typeof packingSchema>;

/** Label texts that are not calculated. */
export const labelSchema = fields({
  /** Name of the food, if it is not the slab's name. */
  name: note(200),
  /** Declared net weight of one pack, g. */
  netG: positive(1e6),
});
export type LabelSaid = Held<typeof labelSchema>;
