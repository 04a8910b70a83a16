/** What strips of a mixed cut may hold, and the program made of them, by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { mixedCut } from '$core/fit';
import { patternsNear, pricedPatterns, type Kind } from '$core/fit/patterns';

const kind = (id: string, lengthMm: number, widthMm: number, value: number, rest: Partial<Kind> = {}): Kind => ({
  id,
  lengthMm,
  widthMm,
  value,
  least: 0,
  most: null,
  turn: false,
  ...rest,
});
const a = kind('a', 40, 30, 3);
const b = kind('b', 50, 20, 2);
const stage = { lengthMm: 100, widthMm: 60, kerfMm: 0 };
const keys = (...asked: Parameters<typeof pricedPatterns>) => pricedPatterns(...asked).map(({ key }) => key);

test('worth most in 100 mm: two of 40 in a strip of 30, two of 50 in one of 20; each where it is worth more than its strip', () => {
  assert.deepEqual(pricedPatterns(stage, [a, b], [3, 2], 0), [
    {
      key: '30:2,0',
      stripMm: 30,
      items: [{ kind: 0, alongMm: 40, acrossMm: 30, count: 2 }],
      counts: [2, 0],
    },
    { key: '20:2', stripMm: 20, items: [{ kind: 1, alongMm: 50, acrossMm: 20, count: 2 }], counts: [0, 2] },
  ]);
  // 6 for 30 mm and 4 for 20 mm are 0.2 a mm each.
  assert.deepEqual(keys(stage, [a, b], [3, 2], 0.199), ['30:2,0', '20:2']);
  assert.deepEqual(keys(stage, [a, b], [3, 2], 0.2), []);
  // With a kerf of 10 the strip of 30 takes 40, that of 20 takes 30 and holds one: 0.15 and 0.067 a mm.
  assert.deepEqual(keys({ ...stage, kerfMm: 10 }, [a, b], [3, 2], 0.14), ['30:2,0']);
  assert.deepEqual(keys({ ...stage, kerfMm: 10 }, [a, b], [3, 2], 0.15), []);
  // Two of 40 and a kerf of 20.1 are 100.1 mm.
  assert.deepEqual(keys({ ...stage, kerfMm: 20 }, [a], [3], 0), ['30:2']);
  assert.deepEqual(keys({ ...stage, kerfMm: 20.1 }, [a], [3], 0), ['30:1']);
  // Three of one kind beside one of the other: 2 x 30 + 40.
  assert.deepEqual(keys(stage, [kind('c', 30, 20, 1), kind('d', 40, 20, 1.4)], [1, 1.4], 0), ['20:2,1']);
  // A piece type worth nothing is not cut, and no strip is wider than the slab.
  assert.deepEqual(keys(stage, [a, b], [0, 2], 0), ['30:0,2', '20:2']);
  assert.deepEqual(keys({ ...stage, widthMm: 29.9 }, [a, b], [3, 2], 0), ['20:2']);
});

test('a piece type that may be turned makes a strip of its length, too; a square one does not', () => {
  assert.deepEqual(keys(stage, [{ ...a, turn: true }], [3], 0), ['30:2', '40:0,3']);
  assert.deepEqual(keys(stage, [kind('s', 30, 30, 1, { turn: true })], [1], 0), ['30:3']);
  assert.deepEqual(pricedPatterns(stage, [{ ...a, turn: true }], [3], 0)[1]!.counts, [3]);
});

test('patterns within a gap of their strip’s cost, none that another one contains with more', () => {
  const near = (mmCosts: number, gap: number, most = 10) =>
    patternsNear(stage, [a, b], [3, 2], mmCosts, gap, most)?.map(({ key }) => key) ?? null;
  // The longest first: one of each is worth 5, two of 40 are 6, two of 50 are 4.
  assert.deepEqual(near(0.2, 1), ['30:1,1', '30:0,2', '20:2']);
  assert.deepEqual(near(0.2, 0.99), ['30:0,2', '20:2']);
  assert.deepEqual(near(0.2, 2), ['30:2,0', '30:1,1', '30:0,2', '20:2']);
  assert.deepEqual([near(0.2, 1, 3)?.length, near(0.2, 1, 2)], [3, null]);
  assert.deepEqual(near(0.201, 0), []);
});

test('the program of two piece types: their values, the contents of strips, their widths, and the limits on counts', async () => {
  const programs: string[] = [];
  const solve = (program: string) => {
    programs.push(program);
    return Promise.resolve({ status: 'limit', value: 0, columns: new Map(), duals: new Map() } as const);
  };
  const kinds = [
    { ...a, least: 1, most: 4 },
    { ...b, least: 0, most: null },
  ];
  await mixedCut({ ...stage, kerfMm: 1, kinds }, solve, 1);
  const two = '2.00000000000';
  const rows = [
    'Maximize',
    ` obj: 3.00000000000 c0 + ${two} c1`,
    'Subject To',
    ` k0: c0 - ${two} p0 - ${two} p2 <= 0`,
    // With a kerf of 1 mm there is room for one of 50 mm.
    ' k1: c1 - 1.00000000000 p1 - 1.00000000000 p3 - 1.00000000000 p4 <= 0',
    ' width: 31.0000000000 p0 + 21.0000000000 p1 + 31.0000000000 p2 + 31.0000000000 p3 + 21.0000000000 p4 <= 61.0000000000',
    'Bounds',
    ' 1 <= c0 <= 4',
    ' 0 <= c1 <= inf',
  ];
  assert.equal(programs[0], [...rows, 'End'].join('\n'));
  assert.equal(programs[1], [...rows, 'General', ' c0 c1 p0 p1 p2 p3 p4', 'End'].join('\n'));
});

test('strips in the answer: the widest first, pieces a kerf apart, no more of a type than wanted', async () => {
  // Each program is answered with one strip of each of the first two patterns.
  const solve = () =>
    Promise.resolve({
      status: 'optimal',
      value: 8,
      columns: new Map([
        ['p0', 1],
        ['p1', 1],
      ]),
      duals: new Map([
        ['k0', 3],
        ['k1', 2],
        ['width', 10],
      ]),
    } as const);
  const answer = await mixedCut({ ...stage, kinds: [b, { ...a, most: 1 }] }, solve, 1);
  assert.deepEqual([answer.value, answer.bound, answer.proven, answer.counts], [8, 8, true, { b: 2, a: 1 }]);
  assert.ok(Math.abs(answer.wasteShare - (1 - (2 * 1000 + 1200) / 6000)) < 1e-9);
  assert.deepEqual(answer.strips, [
    { along: 'length', atMm: 0, sizeMm: 30, pieces: [{ id: 'a', atMm: 0, lengthMm: 40, widthMm: 30 }] },
    {
      along: 'length',
      atMm: 30,
      sizeMm: 20,
      pieces: [
        { id: 'b', atMm: 0, lengthMm: 50, widthMm: 20 },
        { id: 'b', atMm: 50, lengthMm: 50, widthMm: 20 },
      ],
    },
  ]);
});
