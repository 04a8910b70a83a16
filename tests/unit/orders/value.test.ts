/** What orders come to, their texts, and orders as a table. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { orderValue, partsOfLine, ORDER_STATUSES, type OrderLine, type PriceBook, type TypedNote } from '$core/orders';
import { ORDER_STATUS_NAMES, orderLineText, typedNoteText } from '$wording/orders';
import { ordersCsv, ordersFromCsv } from '../../../src/lib/server/ordersCsv';

const book = (channel: number | null = null): PriceBook => ({
  slabs: new Map([
    [
      1,
      {
        kinds: [
          { name: null, massG: 50, price: 280 },
          { name: 'Finger', massG: 25, price: 140 },
        ],
        channels: [{ pieces: 12, price: 2520 }],
      },
    ],
  ]),
  assortments: new Map([
    [7, { packCoins: 1650, parts: [{ slab: 1, count: 6 }] }],
    [8, { packCoins: null, parts: [{ slab: 1, count: 4 }] }],
  ]),
  channel,
  coin: 100,
});
const comesTo = (line: OrderLine, channel: number | null = null) => orderValue([line], book(channel)).coins;

test('lines by hand: pieces, boxes, weight, assortments with and without a price, a channel', () => {
  assert.equal(comesTo({ slab: 1, count: 60, unit: 'piece' }), 16_800);
  assert.equal(comesTo({ slab: 1, kind: 'Finger', count: 10 }), 1400);
  assert.equal(comesTo({ slab: 1, count: 4, unit: 'box', pieces: 6 }), 6720);
  assert.equal(comesTo({ slab: 1, count: 1000, unit: 'g' }), 5600);
  assert.equal(comesTo({ assortment: 7, count: 34 }), 56_100);
  assert.equal(comesTo({ assortment: 8, count: 2 }), 2240);
  // 25.20 for twelve over the channel.
  assert.equal(comesTo({ slab: 1, count: 24, unit: 'piece' }, 0), 5040);
  // A slab without a price is counted as unknown, and not as nothing.
  assert.deepEqual(
    orderValue(
      [
        { slab: 2, count: 5 },
        { slab: 1, count: 1 },
      ],
      book(),
    ),
    { coins: 280, unknown: 1 },
  );
});

test('every status has a name, and lines and notes read as they are said', () => {
  for (const status of ORDER_STATUSES) assert.match(ORDER_STATUS_NAMES[status], /^[A-Z][a-z ]+$/);
  assert.equal(orderLineText({ slab: 1, count: 60, unit: 'piece' }, 'Rye slice'), '60 Rye slice');
  assert.equal(orderLineText({ slab: 1, count: 1, unit: 'box', pieces: 6 }, 'Rye slice'), '1 box of 6 Rye slice');
  assert.equal(orderLineText({ slab: 1, count: 500, unit: 'g' }, 'Bark'), '500 g of Bark');
  assert.equal(orderLineText({ assortment: 7, count: 34 }, 'Six'), '34 x Six');
  assert.equal(orderLineText({ slab: 9, count: 2, kind: 'Finger' }, null), '2 something that was deleted, Finger');
  const notes: readonly TypedNote[] = [
    { code: 'nothing-named' },
    { code: 'no-count' },
    { code: 'several-named', names: ['Rye slice', 'Lemon slice'] },
    { code: 'tin-unknown', name: 'Bark' },
    { code: 'pack-differs', name: 'Six', pieces: 6, wanted: 10 },
  ];
  for (const note of notes) assert.match(typedNoteText(note), /^[A-Z].+[^.]$/);
});

test('orders go out as a table and come back the same', () => {
  const names = {
    slabs: [{ id: 1, name: 'Rye slice' }],
    assortments: [{ id: 7, revision: 1, name: 'Six', parts: [] }],
  };
  const order = {
    ...{ id: 3, revision: 1, name: 'Cafe', channel: 'Cafe', due: '2026-12-04T14:00:00.000Z', status: 'open' as const },
    lines: [
      { slab: 1, count: 60, unit: 'piece' as const },
      { assortment: 7, count: 2 },
    ],
    note: 'back door, "ring twice"',
  };
  const { orders, problems } = ordersFromCsv(ordersCsv([order], names), names);
  assert.deepEqual(problems, []);
  const { id: _id, revision: _revision, ...wanted } = order;
  assert.deepEqual(orders, [{ row: 1, order: wanted }]);
  const wrong = ordersFromCsv('name,due,count,slab\nA,2026-12-04T14:00:00Z,5,Gone', names);
  assert.deepEqual(
    wrong.problems.map(({ path }) => path),
    ['/1/slab'],
  );
});

test('parts of any order add up to what the order comes to, also where an assortment has its own price', () => {
  const line = fc.oneof(
    fc.record({
      slab: fc.constant(1),
      count: fc.integer({ min: 1, max: 90 }),
      kind: fc.constantFrom('Finger', undefined),
    }),
    fc.record({ assortment: fc.constantFrom(7, 8, 9), count: fc.integer({ min: 1, max: 40 }) }),
  );
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 6 }), fc.constantFrom(null, 0), (lines, channel) => {
      const mixed: PriceBook = {
        ...book(channel),
        assortments: new Map([
          ...book().assortments,
          [
            9,
            {
              packCoins: 999,
              parts: [
                { slab: 1, count: 3 },
                { slab: 1, kind: 'Finger', count: 2 },
                { slab: 2, count: 1 },
              ],
            },
          ],
        ]),
      };
      const parts = lines.flatMap((one) => partsOfLine(one as OrderLine, mixed));
      const sum = parts.reduce((all, { coins }) => all + coins!, 0);
      const { coins, unknown } = orderValue(lines as OrderLine[], mixed);
      assert.equal(unknown, 0);
      assert.ok(Math.abs(sum - coins) <= lines.length / 2 + 1e-6, `${sum} in parts, ${coins} in all`);
    }),
  );
});
