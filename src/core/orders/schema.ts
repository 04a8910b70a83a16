import {
  asMessage,
  fields,
  formed,
  list,
  momentSchema,
  note,
  number,
  oneOf,
  positive,
  reason,
  REQUIRED,
  text,
  whole,
} from '../validation';
import { isRepeat } from './repeat';

/** Statuses of an order, in the order in which it goes through them; it can be cancelled at any time. */
export const ORDER_STATUSES = ['open', 'planned', 'made', 'packed', 'handed-over', 'cancelled'] as const;
export type OrderStatus = (typeof ORDER_STATUSES)[number];
/** Whether nothing of an order has to be made or handed over any more. */
export const IS_CLOSED: Readonly<Record<OrderStatus, boolean>> = {
  ...{ open: false, planned: false, made: false, packed: false },
  ...{ 'handed-over': true, cancelled: true },
};

/** What an order line counts. A box or a bag holds `pieces`. */
export const ORDER_UNITS = ['piece', 'box', 'bag', 'g'] as const;
export type OrderUnit = (typeof ORDER_UNITS)[number];

const MAX_COUNT = 100_000;
const MAX_LINES = 100;
const id = () => whole(1, Number.MAX_SAFE_INTEGER);

/** A line: pieces, boxes, bags or grams of one piece type of a slab, or packs of an assortment. */
const orderLine = fields({
  slab: id(),
  kind: note(200),
  assortment: id(),
  count: whole(1, MAX_COUNT).required(REQUIRED),
  unit: oneOf(ORDER_UNITS),
  /** Pieces in one box or bag. */
  pieces: whole(1, 1000),
}).test('of-one', (line, { createError }) => {
  const given = line as { readonly slab?: unknown; readonly assortment?: unknown } | undefined;
  const isOne = given === undefined || (given.slab === undefined) !== (given.assortment === undefined);
  return isOne || createError({ message: asMessage(reason('slab-or-assortment')) as unknown as string });
});

/** An order. `repeat` is an RRULE of RFC 5545; the first occurrence is due at `due`. */
export const orderSchema = fields({
  name: text(200),
  channel: note(200),
  due: momentSchema.required(REQUIRED),
  note: note(2000),
  status: oneOf(ORDER_STATUSES),
  repeat: formed(/^[A-Z0-9=;,:+-]{1,300}$/, reason('not-a-repeat')).test(
    'repeat',
    asMessage(reason('not-a-repeat')),
    (rule) => rule === undefined || isRepeat(rule),
  ),
  lines: list(orderLine.required(REQUIRED), MAX_LINES, 1).required(REQUIRED),
});

/** What differs at one occurrence of a standing order. */
export const occurrenceSchema = fields({
  status: oneOf(ORDER_STATUSES),
  due: momentSchema,
  note: note(2000),
  lines: list(orderLine.required(REQUIRED), MAX_LINES, 1),
});

/** A pack with a fixed mix of pieces, with its own box and price. */
export const assortmentSchema = fields({
  name: text(200),
  box: note(200),
  /** Price of one pack, in the shop's currency. */
  price: number(0, 1e6),
  /** Weight of the pack without its pieces, g. */
  packG: positive(1e5),
  parts: list(
    fields({
      slab: id().required(REQUIRED),
      kind: note(200),
      count: whole(1, 1000).required(REQUIRED),
    }).required(REQUIRED),
    50,
    1,
  ).required(REQUIRED),
});
