import { marketAskSchema, marketDaySchema } from '$core/market';
import { ENTRY_REASONS, STOCK_UNITS, stockEntrySchema } from '$core/stock';
import { buyRequestSchema } from '../../requests/buying';
import { RYE } from '../example';
import {
  also,
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
  oneOf,
  sent,
  str,
  type Subject,
} from '../operation';

export const stock: Subject = {
  name: 'Stock, buying and markets',
  description: 'The ledger, what it comes to, what to buy, and market days.',
  operations: [
    {
      ...{ method: 'post', path: '/api/stock', summary: 'Add an entry of the ledger, or a list of them' },
      description:
        'Each counts once by its id. Entries that cannot be added are named in `problems`, the others are added.',
      body: {
        schema: { anyOf: [sent(stockEntrySchema), list(sent(stockEntrySchema))] },
        example: {
          id: 'c5f0a0fd-3f37-4f5e-9a3b-0b5b6f8f1c22',
          of: { ingredient: 'butter' },
          change: 5000,
          unit: 'g',
          why: 'delivery',
          at: '2026-12-01T08:00:00Z',
          lot: 'B1301',
          price: 41,
        },
      },
      answer: created(obj({ added: int, known: int, problems: list(obj({ path: str, code: str, message: str })) })),
    },
    {
      ...{ method: 'get', path: '/api/stock', summary: 'List entries, the newest first, 200 on a page' },
      query: {
        ingredient: { description: 'Name of an ingredient', schema: str, example: 'butter' },
        slab: { description: 'Number of a slab', schema: int },
        from: { description: 'Entries to skip', schema: int },
      },
      answer: json(
        obj({
          entries: list(
            obj({
              id: str,
              at: moment,
              why: oneOf(ENTRY_REASONS),
              unit: oneOf(STOCK_UNITS),
              change: num,
              lot: str,
              of: obj({}, { ingredient: str, slab: int, kind: str }),
            }),
          ),
          more: bool,
        }),
      ),
    },
    {
      method: 'get',
      path: '/api/stock/held',
      summary: 'Get what is in stock, by lot',
      query: { at: { description: 'At this moment; now where it is missing', schema: moment } },
      answer: json(
        obj({
          held: list(obj({ ingredient: str, held: num, unit: str })),
          pieces: list(obj({ slab: int, kind: str, lot: str, held: num, keepsUntil: nullable(moment) })),
        }),
      ),
    },
    {
      method: 'post',
      path: '/api/buy',
      summary: 'List what to buy for batches or for a range of the week',
      body: { schema: sent(buyRequestSchema), example: { batches: [{ slab: RYE }] } },
      answer: json(
        obj({
          lines: list(
            obj({
              ingredient: str,
              needG: nullable(num),
              heldG: nullable(num),
              packs: list(obj({ name: str, count: int, price: nullable(num) })),
              supplier: nullable(str),
              by: nullable(moment),
            }),
          ),
        }),
      ),
    },
    {
      method: 'post',
      path: '/api/market',
      summary: 'Find how many pieces to take to a market',
      body: {
        schema: sent(marketAskSchema),
        example: {
          history: [
            { taken: 40, sold: 40 },
            { taken: 60, sold: 46 },
          ],
          price: 2.8,
          cost: 1.4,
        },
      },
      answer: json(obj({ quantity: int, criticalRatio: num, expectedProfit: list(list(num)), restsOn: int })),
    },
    {
      method: 'post',
      path: '/api/market/days',
      summary: 'Add a market that was held',
      body: {
        schema: sent(marketDaySchema),
        example: { slab: RYE, market: 'Harbour market', day: '2026-11-28', taken: 40, sold: 34 },
      },
      answer: created(obj({ id: int })),
    },
    {
      method: 'get',
      path: '/api/market/days',
      summary: 'List markets',
      query: { slab: { description: 'Number of a slab', schema: int, example: RYE } },
      answer: json(obj({ days: list(also(sent(marketDaySchema), obj({ id: int }))) })),
    },
    {
      method: 'delete',
      path: '/api/market/days/{id}',
      summary: 'Delete a market',
      parameters: { id: 1 },
      answer: done,
    },
  ],
};
