import {
  asMessage,
  daySchema,
  fields,
  formed,
  list,
  momentSchema,
  number,
  reason,
  REQUIRED,
  text,
  whole,
  type Held,
} from '../validation';

const MAX_PIECES = 10_000;
const MAX_DAYS = 500;
const MAX_MONEY = 1e6;

const notMoreThanTaken = (found: { readonly taken?: number; readonly sold?: number } | undefined) =>
  found?.taken === undefined || found.sold === undefined || found.sold <= found.taken;
const soldTooMany = asMessage(reason('more-sold-than-taken'));
const counts = { taken: whole(1, MAX_PIECES).required(REQUIRED), sold: whole(0, MAX_PIECES).required(REQUIRED) };

/** A market day of a slab, as it is entered. */
export const marketDaySchema = fields({
  slab: whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED),
  market: text(100),
  day: daySchema.required(REQUIRED),
  ...counts,
  /** Time of day at which everything was sold. */
  soldOutAt: formed(/^([01]\d|2[0-3]):[0-5]\d$/, reason('not-a-time-of-day')),
}).test('sold', soldTooMany, (found) => notMoreThanTaken(found as { taken?: number; sold?: number } | undefined));
export type MarketDayEntry = Held<typeof marketDaySchema>;

/** A question for the quantity to take. */
export const marketAskSchema = fields({
  history: list(
    fields({ ...counts, soldOutAt: momentSchema })
      .test('sold', soldTooMany, (found) => notMoreThanTaken(found as { taken?: number; sold?: number } | undefined))
      .required(REQUIRED),
    MAX_DAYS,
    1,
  ).required(REQUIRED),
  price: number(0, MAX_MONEY).required(REQUIRED),
  cost: number(0, MAX_MONEY).required(REQUIRED),
  leftoverWorth: number(0, MAX_MONEY),
}).test('leftover', asMessage(reason('leftover-worth-too-high')), (found) => {
  const { cost, leftoverWorth = 0 } = (found ?? {}) as { cost?: number; leftoverWorth?: number };
  return cost === undefined || leftoverWorth < cost || (leftoverWorth === 0 && cost === 0);
});
export type MarketAsk = Held<typeof marketAskSchema>;
