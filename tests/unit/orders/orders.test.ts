/** Orders: standing orders over changes of the clock, changed occurrences, what lines need, and orders as they are typed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  dueOrders,
  isRepeat,
  repeatFields,
  REPEATS,
  repeatText,
  ruleOf,
  WEEKDAYS,
  neededFor,
  occurrencesOf,
  orderSchema,
  readOrder,
  type Orderable,
  type StoredOrder,
} from '$core/orders';
import { problemsOf } from '$core/validation';

const ZONE = 'Europe/Dublin';
const order = (part: Partial<StoredOrder> = {}): StoredOrder => ({
  ...{ id: 1, revision: 1, name: 'Cafe', due: '2026-10-20T09:00:00.000Z', status: 'open' },
  lines: [{ slab: 1, count: 60, unit: 'piece' }],
  ...part,
});

test('Tuesday and Friday at ten stay at ten when the clock changes', () => {
  const found = occurrencesOf(
    'FREQ=WEEKLY;BYDAY=TU,FR',
    '2026-10-20T09:00:00Z',
    ZONE,
    new Date('2026-10-19T00:00:00Z'),
    new Date('2026-11-01T00:00:00Z'),
  );
  // Summer time ends on 25 October.
  assert.deepEqual(found, [
    '2026-10-20T09:00:00.000Z',
    '2026-10-23T09:00:00.000Z',
    '2026-10-27T10:00:00.000Z',
    '2026-10-30T10:00:00.000Z',
  ]);
});

test('rules end by count and by date; every two weeks skips one; what never ends or repeats by the minute is bounded or refused', () => {
  const from = new Date('2026-10-01T00:00:00Z');
  const to = new Date('2027-10-01T00:00:00Z');
  const count = (rule: string) => occurrencesOf(rule, '2026-10-20T09:00:00Z', ZONE, from, to).length;
  assert.equal(count('FREQ=WEEKLY;COUNT=3'), 3);
  assert.equal(count('FREQ=WEEKLY;UNTIL=20261110T235959Z'), 4);
  assert.equal(count('FREQ=WEEKLY;INTERVAL=2;COUNT=5'), 5);
  assert.ok(count('FREQ=DAILY') <= 1000);
  for (const rule of ['FREQ=SECONDLY', 'FREQ=HOURLY', 'weekly', '', 'FREQ=']) assert.equal(isRepeat(rule), false, rule);
});

test('one occurrence is changed, one is skipped by cancelling it, one is moved; the others stay', () => {
  const standing = order({ repeat: 'FREQ=WEEKLY;BYDAY=TU,FR' });
  const changes = new Map([
    ['2026-10-23T09:00:00.000Z', { lines: [{ slab: 1, count: 20, unit: 'piece' as const }] }],
    ['2026-10-27T10:00:00.000Z', { status: 'cancelled' as const }],
    ['2026-10-30T10:00:00.000Z', { due: '2026-10-31T10:00:00.000Z' }],
  ]);
  const range = { from: new Date('2026-10-19T00:00:00Z'), to: new Date('2026-11-01T00:00:00Z') };
  const found = dueOrders(standing, changes, range, ZONE, range.from);
  assert.deepEqual(
    found.map(({ due, status, lines }) => [due.slice(0, 10), status, lines[0]!.count]),
    [
      ['2026-10-20', 'open', 60],
      ['2026-10-23', 'open', 20],
      ['2026-10-27', 'cancelled', 60],
      ['2026-10-31', 'open', 60],
    ],
  );
  // It is found on the day it was moved to, and no longer on its own.
  const saturday = { from: new Date('2026-10-31T00:00:00Z'), to: new Date('2026-11-01T00:00:00Z') };
  assert.equal(dueOrders(standing, changes, saturday, ZONE, range.from).length, 1);
  const friday = { from: new Date('2026-10-30T00:00:00Z'), to: new Date('2026-10-31T00:00:00Z') };
  assert.equal(dueOrders(standing, changes, friday, ZONE, range.from).length, 0);
});

test('law: a range is the sum of its parts, and nothing is due twice', () => {
  const standing = order({ repeat: 'FREQ=DAILY;INTERVAL=3' });
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 300 }),
      fc.integer({ min: 1, max: 60 }),
      fc.integer({ min: 1, max: 60 }),
      (a, b, c) => {
        const day = (n: number) => new Date(Date.parse('2026-09-01T00:00:00Z') + n * 86_400_000);
        const due = (from: Date, to: Date) =>
          dueOrders(standing, new Map(), { from, to }, ZONE, from).map((own) => own.due);
        const whole = due(day(a), day(a + b + c));
        assert.deepEqual(whole, [...due(day(a), day(a + b)), ...due(day(a + b), day(a + b + c))]);
        assert.equal(new Set(whole).size, whole.length);
      },
    ),
    { numRuns: 50 },
  );
});

test('lines need pieces: boxes by their content, assortments by their parts, weight by itself', () => {
  const mixed = { name: 'Mixed six', parts: [1, 2].map((slab) => ({ slab, count: 3 })) };
  const needs = neededFor(
    [
      { slab: 1, count: 10, unit: 'piece' },
      { slab: 1, count: 4, unit: 'box', pieces: 6 },
      { slab: 3, count: 500, unit: 'g' },
      { assortment: 7, count: 34 },
      { assortment: 8, count: 1 },
    ],
    new Map([[7, mixed]]),
  );
  assert.deepEqual(needs, [
    { slab: 1, kind: null, pieces: 10 + 24 + 102, grams: 0 },
    { slab: 3, kind: null, pieces: 0, grams: 500 },
    { slab: 2, kind: null, pieces: 102, grams: 0 },
  ]);
});

const all: readonly Orderable[] = [
  { id: 1, name: 'Rye and treacle slice', what: 'slab', pieces: 24, kinds: [] },
  { id: 2, name: 'Blackcurrant buckwheat bark', what: 'slab', pieces: null, kinds: [] },
  { id: 3, name: 'Orchard oat bake', what: 'slab', pieces: 24, kinds: ['Finger', 'Square'] },
  { id: 4, name: 'Pear penuche', what: 'slab', pieces: 49, kinds: [] },
  { id: 9, name: 'Yard box', what: 'assortment', pieces: 6, kinds: [] },
];
// A Tuesday afternoon.
const now = new Date('2026-12-01T15:00:00Z');
const read = (text: string) => readOrder(text, all, now, ZONE, true);
const lines = (text: string) => read(text).parts.map(({ line, note }) => line ?? note?.code);

test('orders as they are typed', () => {
  const mixed = read('200 mixed in boxes of 6 for Fri 4 Dec 14:00');
  assert.deepEqual([mixed.parts[0]!.line, mixed.due], [{ assortment: 9, count: 34 }, '2026-12-04T14:00:00.000Z']);
  const hatch = read('60 rye, 2 tins of penuche, Saturday 11');
  assert.deepEqual(
    hatch.parts.map(({ line }) => line),
    [
      { slab: 1, count: 60, unit: 'piece' },
      { slab: 4, count: 98, unit: 'piece' },
    ],
  );
  assert.deepEqual([hatch.due, hatch.isTimeStated], ['2026-12-05T11:00:00.000Z', true]);
  const cafe = read('Harbour cafe: two dozen oat fingers and 30 rye tomorrow at 9am');
  assert.deepEqual([cafe.customer, cafe.due], ['Harbour cafe', '2026-12-02T09:00:00.000Z']);
  assert.deepEqual(
    cafe.parts.map(({ line }) => line),
    [
      { slab: 3, kind: 'Finger', count: 24, unit: 'piece' },
      { slab: 1, count: 30, unit: 'piece' },
    ],
  );
  assert.deepEqual(lines('12 boxes of rye in boxes of 4'), [{ slab: 1, count: 12, unit: 'box', pieces: 4 }]);
  assert.deepEqual(lines('2 kg bark'), [{ slab: 2, count: 2000, unit: 'g' }]);
});

test('what is not understood says why: no count, nothing named, several named, a tin of unknown yield, another pack', () => {
  assert.deepEqual(lines('rye'), ['no-count']);
  assert.deepEqual(lines('0 rye'), ['no-count']);
  assert.deepEqual(lines('12 croissants'), ['nothing-named']);
  assert.deepEqual(lines('2 tins of bark'), ['tin-unknown']);
  const [several] = readOrder('6 slice', [...all, { ...all[0]!, id: 5, name: 'Lemon slice' }], now, ZONE, true).parts;
  assert.equal(several!.note?.code, 'several-named');
  const [pack] = read('30 mixed in boxes of 10').parts;
  assert.deepEqual(pack!.note, { code: 'pack-differs', name: 'Yard box', pieces: 6, wanted: 10 });
  assert.equal(read('60 rye').due, null);
  assert.equal(read('60 rye on Friday').isTimeStated, false);
});

test('law: whatever is typed, reading ends and every line holds what the schema allows', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.constantFrom(
          '60',
          'rye',
          ',',
          'and',
          'tins of',
          'boxes of 6',
          'mixed',
          'Friday',
          '14:00',
          '0',
          'oat',
          ':',
          'é',
          '5/12',
        ),
      ),
      (words) => {
        const { parts, due } = read(words.join(' '));
        const found = parts.flatMap(({ line }) => line ?? []);
        assert.ok(due === null || !Number.isNaN(Date.parse(due)));
        if (found.length === 0) return;
        assert.deepEqual(problemsOf(orderSchema, { name: 'x', due: '2026-12-04T14:00:00Z', lines: found }), []);
      },
    ),
    { numRuns: 300 },
  );
});

test('bad orders are refused beside their fields', () => {
  const paths = (given: object) =>
    problemsOf(orderSchema, { name: 'x', due: '2026-12-04T14:00:00Z', lines: [{ slab: 1, count: 1 }], ...given }).map(
      ({ path }) => path,
    );
  assert.deepEqual(paths({}), []);
  assert.deepEqual(paths({ lines: [] }), ['/lines']);
  assert.deepEqual(paths({ lines: [{ slab: 1, count: 0 }] }), ['/lines/0/count']);
  assert.deepEqual(paths({ lines: [{ count: 1 }] }), ['/lines/0']);
  assert.deepEqual(paths({ lines: [{ slab: 1, assortment: 2, count: 1 }] }), ['/lines/0']);
  assert.deepEqual(paths({ due: 'Friday' }), ['/due']);
  assert.deepEqual(paths({ repeat: 'FREQ=MINUTELY' }), ['/repeat']);
  assert.deepEqual(paths({ name: ' ' }), ['/name']);
});

test('law: the fields of a rule state it whole, and every other rule stays as it is', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...REPEATS),
      fc.subarray([...WEEKDAYS]),
      fc.option(fc.integer({ min: 0, max: 800 })),
      (every, days, until) => {
        const last = until === null ? '' : new Date(Date.UTC(2026, 0, 1 + until)).toISOString().slice(0, 10);
        const rule = ruleOf({ every, days, until: last });
        if (rule !== undefined) assert.ok(isRepeat(rule), rule);
        const again = repeatFields(rule);
        assert.ok(again);
        assert.equal(ruleOf(again), rule);
      },
    ),
  );
  for (const rule of [
    'FREQ=MONTHLY;BYMONTHDAY=1,15',
    'FREQ=MONTHLY;BYDAY=1MO',
    'FREQ=DAILY;INTERVAL=3',
    'FREQ=WEEKLY;INTERVAL=20',
    'FREQ=WEEKLY;COUNT=5',
    'FREQ=WEEKLY;UNTIL=20261204T110000Z',
    'FREQ=DAILY;BYDAY=MO',
    'FREQ=WEEKLY;UNTIL=20261204',
  ]) {
    assert.equal(repeatFields(rule), null, rule);
    assert.match(repeatText(rule), /^every/, rule);
  }
});
