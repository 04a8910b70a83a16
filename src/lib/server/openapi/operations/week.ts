import { orderSchema } from '$core/orders';
import {
  batchListSchema,
  blockedTimeSchema,
  extraHoursSchema,
  rangeSchema,
  startsSchema,
} from '../../requests/weekPlan';
import { AHEAD, RYE } from '../example';
import {
  also,
  any,
  bool,
  created,
  done,
  int,
  json,
  list,
  moment,
  nullable,
  num,
  obj,
  sent,
  str,
  type Subject,
} from '../operation';

const span = { from: '2031-03-05T09:00:00Z', to: '2031-03-05T11:00:00Z' };
const batch = {
  slab: RYE,
  tins: [
    { tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 12, flareDeg: 0 }, count: 1 },
  ],
  pieces: [{ count: 24 }],
  due: AHEAD,
};

export const week: Subject = {
  name: 'The week',
  description: 'Batches of the shop, when they are made, and what is not there.',
  operations: [
    {
      method: 'post',
      path: '/api/week/batches',
      summary: 'Add batches, all or none',
      body: { schema: sent(batchListSchema), example: { batches: [batch] } },
      answer: created(obj({ ids: list(int) })),
    },
    {
      method: 'get',
      path: '/api/week/batches',
      summary: 'List batches with the places of their steps',
      answer: json(
        obj({
          revision: int,
          batches: list(
            obj({
              id: int,
              revision: int,
              slab: int,
              tins: list(obj({ count: int })),
              pieces: list(obj({ count: int })),
              due: moment,
              run: nullable(int),
              placed: any,
            }),
          ),
        }),
      ),
    },
    {
      ...{
        method: 'put',
        path: '/api/week/batches/{id}',
        summary: 'Change a batch that is not begun',
        parameters: { id: 1 },
      },
      body: {
        schema: also(obj({ revision: int }), obj({}, { slab: int })),
        example: { revision: 1, ...batch, pieces: [{ count: 20 }] },
      },
      answer: json(obj({ revision: int })),
    },
    {
      method: 'put',
      path: '/api/week/plan',
      summary: 'Save where the steps of the week go',
      body: { schema: sent(startsSchema), example: { revision: 3, starts: [] } },
      answer: json(
        obj({
          revision: int,
          plan: obj({
            feasible: bool,
            late: list(obj({})),
            steps: list(obj({})),
            proven: bool,
            waysOut: list(obj({})),
          }),
        }),
      ),
    },
    {
      method: 'post',
      path: '/api/week/batches/{id}/run',
      summary: 'Start a batch at the bench',
      parameters: { id: 1 },
      body: { schema: obj({}), example: {} },
      answer: created(obj({ id: int, others: list(int) })),
    },
    {
      method: 'post',
      path: '/api/week/orders',
      summary: 'Add the batches that the open orders of a range need',
      body: { schema: sent(rangeSchema), example: { from: '2031-03-05T00:00:00Z', to: '2031-03-10T00:00:00Z' } },
      answer: json(
        obj({
          added: list(int),
          orders: int,
          leftOver: list(obj({ slab: int, kind: nullable(str), pieces: num })),
          cost: num,
          proven: bool,
          missing: list(obj({ slab: int, message: str })),
        }),
      ),
    },
    {
      ...{
        method: 'delete',
        path: '/api/week/batches/{id}',
        summary: 'Delete a batch that is not begun',
        parameters: { id: 2 },
      },
      query: { revision: { description: 'Revision as read', schema: int, isRequired: true, example: 1 } },
      answer: json(obj({ revision: int })),
    },
    {
      ...{ method: 'post', path: '/api/week/check', summary: 'Check whether an order can be made in time' },
      query: { order: { description: 'Number of the order, if it is being changed', schema: int } },
      body: { schema: sent(orderSchema), example: { name: 'Tea room', due: AHEAD, lines: [{ slab: RYE, count: 24 }] } },
      answer: json(obj({ isPlanned: bool, readyAt: nullable(moment), lateMinutes: num, displaced: list(obj({})) })),
    },
    {
      method: 'post',
      path: '/api/week/blocked',
      summary: 'Add a time at which something is not there',
      body: { schema: sent(blockedTimeSchema), example: { resource: 'oven', ...span } },
      answer: created(obj({ id: int })),
    },
    {
      method: 'delete',
      path: '/api/week/blocked/{id}',
      summary: 'Remove a blocked time',
      parameters: { id: 1 },
      answer: done,
    },
    {
      method: 'post',
      path: '/api/week/hours',
      summary: 'Add extra hours of a person',
      body: { schema: sent(extraHoursSchema), example: { person: 'Maker', ...span } },
      answer: created(obj({ id: int })),
    },
    {
      method: 'delete',
      path: '/api/week/hours/{id}',
      summary: 'Remove extra hours',
      parameters: { id: 1 },
      answer: done,
    },
  ],
};
