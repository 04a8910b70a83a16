import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import loader from 'highs';
import { cutBySize, wholePieces } from '$core/cut';
import { orderAnswers, tinYields, type Order } from '$core/fit';
import { asTin, type RackTin } from '$core/tin';
import { solverOf } from '../../../src/lib/workers/solver';
import { deepSquare, tins } from '../tins';
import { close } from '../figures';

const solve = loader().then(solverOf);

const racks: fc.Arbitrary<RackTin[]> = fc.array(
  fc.record({
    name: fc.string(),
    count: fc.integer({ min: 1, max: 3 }),
    tin: tins,
  }),
  { minLength: 1, maxLength: 4 },
);
const orders: fc.Arbitrary<Order> = fc.record({
  count: fc.integer({ min: 1, max: 150 }),
  lengthMm: fc.integer({ min: 20, max: 80 }),
  widthMm: fc.integer({ min: 15, max: 60 }),
});

/** The smallest area that fills an order with the available tins, by exhaustive search; null where it cannot be filled. */
function exhaustive(
  rack: readonly RackTin[],
  order: Order,
  heightMm: number,
): { areaMm2: number; fewest: number } | null {
  const yields = tinYields(rack, order, heightMm, 0);
  let best: { areaMm2: number; fewest: number } | null = null;
  const grow = (at: number, pieces: number, areaMm2: number, slabs: number) => {
    if (pieces >= order.count && slabs > 0) {
      best = {
        areaMm2: Math.min(best?.areaMm2 ?? Infinity, areaMm2),
        fewest: Math.min(best?.fewest ?? Infinity, slabs),
      };
    }
    const kind = yields[at];
    if (!kind) return;
    for (let n = 0; n <= kind.rack.count; n++)
      grow(at + 1, pieces + n * kind.pieces, areaMm2 + n * kind.areaMm2, slabs + n);
  };
  grow(0, 0, 0, 0);
  return best;
}

test('law: the best answer wastes no more than exhaustive search over as many slabs, and none uses too few slabs', async () => {
  const exact = await solve;
  await fc.assert(
    fc.asyncProperty(racks, orders, fc.double({ min: 8, max: 25, noNaN: true }), async (rack, order, heightMm) => {
      const answers = (await orderAnswers(rack, order, heightMm, 0, exact)).filter((answer) =>
        close(answer.heightMm, heightMm),
      );
      const best = exhaustive(rack, order, heightMm);
      if (!best) {
        assert.ok(answers.every(({ rounds }) => rounds > 1));
        return;
      }
      assert.ok(answers.length > 0);
      for (const { tins: used, pieces, slabs, waste, rounds } of answers) {
        assert.equal(rounds, 1);
        assert.ok(pieces >= order.count);
        assert.ok(slabs >= best.fewest && waste >= 0 && waste < 1);
        for (const { tin, name, count } of used) {
          assert.ok(Number.isInteger(count) && count > 0);
          assert.ok(
            rack.some(
              (kept) => kept.name === name && asTin(kept.tin).depthMm === asTin(tin).depthMm && count <= kept.count,
            ),
          );
        }
      }
      const ordered = order.count * order.lengthMm * order.widthMm;
      assert.ok(Math.min(...answers.map(({ slabs }) => slabs)) === best.fewest);
      // The least waste of all may need more slabs than are tried; among those tried nothing is missed.
      const most = Math.max(...answers.map(({ slabs }) => slabs));
      const within = exhaustiveWithin(rack, order, heightMm, most);
      assert.ok(Math.min(...answers.map(({ waste }) => waste)) <= 1 - ordered / within + 1e-6);
    }),
    { numRuns: 60 },
  );
});

/** The smallest area with at most so many slabs. */
function exhaustiveWithin(rack: readonly RackTin[], order: Order, heightMm: number, most: number): number {
  const yields = tinYields(rack, order, heightMm, 0);
  let best = Infinity;
  const grow = (at: number, pieces: number, areaMm2: number, slabs: number) => {
    if (slabs > most) return;
    if (pieces >= order.count) best = Math.min(best, areaMm2);
    const kind = yields[at];
    if (!kind) return;
    for (let n = 0; n <= kind.rack.count; n++)
      grow(at + 1, pieces + n * kind.pieces, areaMm2 + n * kind.areaMm2, slabs + n);
  };
  grow(0, 0, 0, 0);
  return best;
}

test('48 pieces of 40 x 25 mm: a 230 mm square tin gives 45, a long tin 60 across and is chosen', async () => {
  const kind = (name: string, tin: RackTin['tin'], count: number): RackTin => ({
    name,
    count,
    tin,
  });
  const long = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 0, flareDeg: 0 } as const;
  const rack = [kind('square', { ...deepSquare, cornerMm: 0 } as RackTin['tin'], 2), kind('long', long, 3)];
  const order = { count: 48, lengthMm: 40, widthMm: 25 };
  assert.deepEqual(
    tinYields(rack, order, 20, 0).map(({ pieces }) => pieces),
    [45, 60],
  );
  const [best] = await orderAnswers(rack, order, 20, 0, await solve);
  assert.deepEqual(
    best!.tins.map(({ name, count }) => [name, count]),
    [['long', 1]],
  );
  assert.ok(close(best!.waste, 1 - (48 * 1000) / 60000));
});

test('a shallow tin is offered with a lower slab, and only when it is nearly deep enough', async () => {
  const tin = (depthMm: number) => ({ shape: 'rectangle', lengthMm: 200, widthMm: 200, depthMm, cornerMm: 0 }) as const;
  const rack = (depthMm: number): RackTin[] => [{ name: 'shallow', count: 1, tin: tin(depthMm) }];
  const order = { count: 10, lengthMm: 50, widthMm: 40 };
  const [lower] = await orderAnswers(rack(18), order, 20, 0, await solve);
  assert.equal(lower!.heightMm, 18);
  assert.deepEqual(await orderAnswers(rack(14), order, 20, 0, await solve), []);
});

test('law: a cut by size gives pieces of exactly that size, and the stated number of whole ones', () => {
  fc.assert(
    fc.property(tins, orders, fc.double({ min: 0, max: 3, noNaN: true }), (tin, size, kerfMm) => {
      const cut = cutBySize(tin, 15, size, kerfMm);
      if (!cut) return;
      assert.ok(wholePieces(tin, 15, cut) > 0 && wholePieces(tin, 15, cut) <= cut.columns * cut.rows);
    }),
  );
});

/** A straight tin with its number on the rack; as many squares of 50 mm as fit along its sides. */
const straight = (name: string, lengthMm: number, widthMm: number, depthMm: number, count = 1): RackTin => ({
  name,
  count,
  tin: { shape: 'rectangle', lengthMm, widthMm, depthMm, cornerMm: 0 },
});
const squares = (count: number): Order => ({ count, lengthMm: 50, widthMm: 50 });
/** Answers in short form: the tins, the height, and the waste in thousandths. */
const told = (answers: Awaited<ReturnType<typeof orderAnswers>>) =>
  answers.map(({ tins: used, heightMm, waste, rounds }) => [
    used.map(({ name, count }) => `${count} ${name}`).join(' + '),
    heightMm,
    Math.round(waste * 1000),
    rounds,
  ]);

test('by hand: for two, three and four slabs the smallest area and the next, sorted by waste', async () => {
  // 16, 24 and 24 squares of 2,500 mm2 each, from 40,000, 60,000 and 65,100 mm2; 32 squares are 80,000 mm2.
  const rack = [straight('small', 200, 200, 30, 2), straight('long', 300, 200, 30), straight('wide', 310, 210, 30)];
  assert.deepEqual(told(await orderAnswers(rack, squares(32), 20, 0, await solve)), [
    ['2 small', 20, 0, 1],
    ['1 small + 1 long', 20, 200, 1],
    ['2 small + 1 long', 20, 429, 1], // 1 - 80,000 / 140,000
    ['2 small + 1 wide', 20, 449, 1], // 1 - 80,000 / 145,100
    ['2 small + 1 long + 1 wide', 20, 610, 1], // 1 - 80,000 / 205,100
  ]);
  // Without enough tins for five slabs, there is no answer with five; with a board open at the side, it is one of the tins.
  const open = await orderAnswers([straight('board', 400, 200, 0)], squares(32), 20, 0, await solve);
  assert.deepEqual(told(open), [['1 board', 20, 0, 1]]);
});

test('by hand: the base recipe comes first, then lower slabs by waste; the two highest of the shallow tins are tried', async () => {
  const rack = [
    straight('full', 300, 200, 20), // 24 squares; 8 of them are a third of it
    straight('low', 200, 200, 18), // 16 squares
    straight('lower', 200, 100, 16), // 8 squares
    straight('lowest', 200, 100, 15), // not tried: two shallow heights are
  ];
  assert.deepEqual(told(await orderAnswers(rack, squares(8), 20, 0, await solve)), [
    ['1 full', 20, 667, 1],
    ['1 lower', 16, 0, 1],
    ['1 low', 18, 500, 1],
    ['1 low + 1 lower', 16, 667, 1],
    ['1 full + 1 lower', 16, 750, 1],
  ]);
  // Three quarters of the base height is the minimum.
  assert.deepEqual(told(await orderAnswers([straight('lowest', 200, 100, 15)], squares(8), 20, 0, await solve)), [
    ['1 lowest', 15, 0, 1],
  ]);
});

test('by hand: a rack that is too small is used again, twelve times at most', async () => {
  const rackOfOne = [straight('small', 200, 200, 30)];
  assert.deepEqual(told(await orderAnswers(rackOfOne, squares(192), 20, 0, await solve)), [['12 small', 20, 0, 12]]);
  assert.deepEqual(await orderAnswers(rackOfOne, squares(193), 20, 0, await solve), []);
  assert.deepEqual(await orderAnswers([], squares(1), 20, 0, await solve), []);
});

test('a tin with sloping walls counts with the area half way up its slab', () => {
  // Walls that lean out by 45 degrees: 20 mm high the sides are 200 mm at the bottom, 220 mm half way up.
  const tin = { shape: 'rectangle', lengthMm: 200, widthMm: 200, depthMm: 20, cornerMm: 0, flareDeg: 45 } as const;
  const [found] = tinYields([{ name: 'leaning', count: 1, tin }], squares(1), 20, 0);
  assert.ok(close(found!.areaMm2, 220 * 220));
});
