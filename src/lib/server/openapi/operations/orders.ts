import { assortmentSchema, ORDER_STATUSES, orderSchema } from '$core/orders';
import { AHEAD, PENUCHE, RYE } from '../example';
import {
  also,
  created,
  day,
  file,
  int,
  json,
  list,
  moment,
  nullable,
  num,
  obj,
  oneOf,
  sent,
  str,
  type Subject,
} from '../operation';

const order = { name: 'Tea room', channel: 'Cafe', due: AHEAD, lines: [{ slab: RYE, count: 24, unit: 'piece' }] };
const pack = {
  name: 'Box of four',
  price: 11,
  parts: [
    { slab: RYE, count: 2 },
    { slab: PENUCHE, count: 2 },
  ],
};
const range = {
  from: { description: 'First moment', schema: moment },
  to: { description: 'Last moment', schema: moment },
};
const days = {
  from: { description: 'First day', schema: day, example: '2026-10-01' },
  to: { description: 'Last day', schema: day, example: '2026-12-31' },
};

const storedOrder = also(sent(orderSchema), obj({ id: int, revision: int, status: oneOf(ORDER_STATUSES) }));
const profit = (fields: Parameters<typeof obj>[0] = {}) =>
  obj({
    ...fields,
    ...{ pieces: num, grams: num, revenue: num, selling: num, production: num, lost: num, lostPieces: num },
    ...{ profit: nullable(num), labourMinutes: num, perHour: nullable(num) },
    ...{ unknownPieces: num, unknownGrams: num, estimated: num },
  });

export const orders: Subject = {
  name: 'Orders and profit',
  description: 'What customers want, packs with a fixed mix, and what pays.',
  operations: [
    {
      ...{ method: 'post', path: '/api/orders', summary: 'Add an order' },
      description: '`repeat` is a rule of RFC 5545 for a standing order.',
      body: { schema: sent(orderSchema), example: order },
      answer: created(obj({ id: int, revision: int })),
    },
    {
      ...{ method: 'get', path: '/api/orders', summary: 'List orders, a standing order once for each occurrence' },
      query: { ...range, status: { description: 'Status', schema: oneOf(ORDER_STATUSES) } },
      answer: json(obj({ orders: list(storedOrder) })),
    },
    {
      method: 'get',
      path: '/api/orders/{id}',
      summary: 'Get an order with its revision',
      parameters: { id: 1 },
      answer: json(storedOrder),
    },
    {
      ...{
        method: 'put',
        path: '/api/orders/{id}',
        summary: 'Change an order, or one occurrence of a standing order',
        parameters: { id: 1 },
      },
      description: '409 with the order as it is now if someone else changed it since.',
      query: { occurrence: { description: 'Moment of the occurrence', schema: moment } },
      body: {
        schema: also(obj({ revision: int }), sent(orderSchema)),
        example: { revision: 1, ...order, note: 'By the back door' },
      },
      answer: json(obj({ revision: int })),
    },
    {
      ...{ method: 'delete', path: '/api/orders/{id}', summary: 'Delete an order', parameters: { id: 1 } },
      query: { revision: { description: 'Revision as read', schema: int, isRequired: true, example: 2 } },
      answer: json(obj({ revision: int })),
    },
    { method: 'get', path: '/api/orders/csv', summary: 'Export orders as CSV', answer: file('text/csv') },
    {
      ...{ method: 'post', path: '/api/orders/csv', summary: 'Import orders from CSV, all or none' },
      body: {
        type: 'text/csv',
        schema: str,
        example: 'order,name,due,slab,count,unit\n1,Hill club,2031-03-09T09:00:00Z,Pear penuche,12,piece\n',
      },
      answer: created(obj({ added: int })),
    },
    {
      method: 'post',
      path: '/api/assortments',
      summary: 'Add an assortment',
      body: { schema: sent(assortmentSchema), example: pack },
      answer: created(obj({ id: int, revision: int })),
    },
    {
      method: 'get',
      path: '/api/assortments',
      summary: 'List the assortments',
      answer: json(obj({ assortments: list(also(sent(assortmentSchema), obj({ id: int, revision: int }))) })),
    },
    {
      method: 'get',
      path: '/api/assortments/{id}/label',
      summary: 'Draft the label of an assortment',
      parameters: { id: 1 },
      answer: json(
        obj({
          name: str,
          components: list(obj({ name: str, count: int, text: str })),
          contains: list(str),
          probablyContains: list(str),
          unknownFor: list(str),
          netG: num,
          bestBefore: nullable(str),
          keep: list(str),
        }),
      ),
    },
    {
      ...{ method: 'put', path: '/api/assortments/{id}', summary: 'Change an assortment', parameters: { id: 1 } },
      body: {
        schema: also(obj({ revision: int }), sent(assortmentSchema)),
        example: { revision: 1, ...pack, price: 12 },
      },
      answer: json(obj({ revision: int })),
    },
    {
      ...{ method: 'delete', path: '/api/assortments/{id}', summary: 'Delete an assortment', parameters: { id: 1 } },
      query: { revision: { description: 'Revision as read', schema: int, isRequired: true, example: 2 } },
      answer: json(obj({ revision: int })),
    },
    {
      method: 'get',
      path: '/api/profit',
      summary: 'Get what pays, by slab, piece type, sales channel and time',
      description: 'Days are those of the shop, both included. Money is in coins, with fractions.',
      query: days,
      answer: json(
        obj({
          ...{
            from: moment,
            to: moment,
            currency: str,
            digits: int,
            every: oneOf(['week', 'month']),
            unpriced: list(str),
          },
          total: profit(),
          slabs: list(profit({ slab: int, name: str, inStock: num })),
          kinds: list(profit({ slab: int, name: str, kind: str, inStock: num })),
          channels: list(profit({ channel: nullable(str) })),
          periods: list(profit({ from: day })),
        }),
      ),
    },
    {
      ...{ method: 'get', path: '/api/profit/csv', summary: 'Export what pays as CSV' },
      query: {
        ...days,
        by: { description: 'What has a row', schema: oneOf(['slab', 'kind', 'channel', 'period']), example: 'slab' },
      },
      answer: file('text/csv'),
    },
  ],
};
