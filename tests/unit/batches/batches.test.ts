/** From orders to batches: demands are met from stock and whole tins at the least cost. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import loader from 'highs';
import { lotsFor, takenFromStock, type LotQuestion } from '$core/batches';
import { batchesFor, plan } from '$core/usecases';
import { linearSolverOf } from '../../../src/lib/workers/linearSolver';
import { demoLarder, demoRack, demoShop, demoSlabs } from '../things';

const solve = linearSolverOf(await loader());
const DAY = 86_400_000;
const NOW = Date.parse('2026-12-01T08:00:00Z');

/** Least cost by going through all numbers of tins for each due time. */
function cheapest({ tins, batchCost, demands, keepMs }: LotQuestion, most: number): number {
  let best = Infinity;
  const go = (g: number, left: readonly { readonly dueMs: number; readonly pieces: number }[], cost: number) => {
    if (cost >= best) return;
    if (g === demands.length) {
      best = cost;
      return;
    }
    const counts = (t: number, chosen: readonly number[]): void => {
      if (t < tins.length) {
        for (let n = 0; n <= most; n++) counts(t + 1, [...chosen, n]);
        return;
      }
      const now = demands[g]!;
      const pieces = chosen.reduce((sum, n, i) => sum + n * tins[i]!.pieces[0]!, 0);
      // Pieces are used oldest first by the demands that they keep for.
      let need = now.pieces[0]!;
      const next: { dueMs: number; pieces: number }[] = [];
      for (const lot of [...left, { dueMs: now.dueMs, pieces }]) {
        const use = now.dueMs - lot.dueMs <= keepMs ? Math.min(need, lot.pieces) : 0;
        need -= use;
        next.push({ ...lot, pieces: lot.pieces - use });
      }
      if (need > 0) return;
      const batches = Math.max(0, ...chosen.map((n, i) => Math.ceil(n / tins[i]!.count)));
      const own = chosen.reduce((sum, n, i) => sum + n * tins[i]!.cost, 0) + batches * batchCost;
      go(g + 1, next, cost + own);
    };
    counts(0, []);
  };
  go(0, [], 0);
  return best;
}

test('law: lots meet every demand at the least cost', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 1, max: 40 })), {
        minLength: 1,
        maxLength: 3,
      }),
      fc.array(fc.tuple(fc.integer({ min: 8, max: 24 }), fc.integer({ min: 100, max: 900 })), {
        minLength: 1,
        maxLength: 2,
      }),
      fc.integer({ min: 0, max: 1500 }),
      fc.integer({ min: 0, max: 4 }),
      async (wanted, kinds, batchCost, keepDays) => {
        const days = new Map(wanted);
        const demands = [...days]
          .sort(([a], [b]) => a - b)
          .map(([day, n]) => ({ dueMs: day * DAY, beginMs: day * DAY, pieces: [n] }));
        const tins = kinds.map(([pieces, cost]) => ({ count: 2, cost, pieces: [pieces] }));
        const question = { tins, batchCost, demands, keepMs: keepDays * DAY };
        const found = (await lotsFor(question, solve, 5))!;
        assert.ok(found.proven);
        assert.ok(Math.abs(found.cost - cheapest(question, 6)) < 1, `${found.cost} and ${cheapest(question, 6)}`);
        for (const { tins: own } of found.lots) own.forEach((n) => assert.ok(n <= 2));
        for (const [i, { dueMs }] of demands.entries()) {
          const made = found.lots.filter((lot) => lot.dueMs <= dueMs).reduce((sum, { pieces }) => sum + pieces[0]!, 0);
          const needed = demands.slice(0, i + 1).reduce((sum, { pieces }) => sum + pieces[0]!, 0);
          assert.ok(made >= needed);
        }
        assert.ok(found.leftOver[0]! >= 0);
      },
    ),
    { numRuns: 40, seed: 3 },
  );
});

test('stock goes first, the oldest first, as long as it keeps beyond the due time', () => {
  const wanted = [
    { slab: 1, kind: null, pieces: 30, dueMs: NOW + 2 * DAY },
    { slab: 1, kind: null, pieces: 20, dueMs: NOW + DAY },
  ];
  const stock = [
    { slab: 1, kind: null, pieces: 10, keepsUntilMs: NOW + 9 * DAY, lot: 'new' },
    { slab: 1, kind: null, pieces: 25, keepsUntilMs: NOW + 2.5 * DAY, lot: 'old' },
    { slab: 2, kind: null, pieces: 99, keepsUntilMs: NOW + 9 * DAY, lot: 'other' },
  ];
  const { taken, toMake } = takenFromStock(wanted, stock, DAY);
  assert.deepEqual(
    taken.map(({ lot, pieces }) => [lot, pieces]),
    [
      ['old', 20],
      ['new', 10],
    ],
  );
  assert.deepEqual(
    toMake.map(({ pieces, dueMs }) => [pieces, dueMs]),
    [[20, NOW + 2 * DAY]],
  );
});

test('a weight has to be made, whatever is in stock, where it is not known how many pieces it takes', () => {
  const stock = [{ slab: 1, kind: null, pieces: 10, keepsUntilMs: NOW + 9 * DAY, lot: 'a' }];
  const { toMake } = takenFromStock([{ slab: 1, kind: null, pieces: 4, grams: 900, dueMs: NOW + DAY }], stock, 0);
  assert.deepEqual(
    toMake.map(({ pieces, grams }) => [pieces, grams]),
    [[0, 900]],
  );
});

test('200 pieces of a slab: whole tins of its own cut, never recut, with what is left over', async () => {
  const rye = demoSlabs.find(({ name }) => name.startsWith('Rye'))!;
  const own = plan(rye, demoLarder, demoShop).cut.pieces.reduce((sum, { count }) => sum + count, 0);
  const answer = await batchesFor(
    {
      wanted: [{ slab: 7, kind: null, pieces: 200, dueMs: NOW + 3 * DAY }],
      slabs: new Map([[7, rye]]),
      stock: [],
      rack: demoRack,
      nowMs: NOW,
    },
    demoLarder,
    { ...demoShop, rack: demoRack },
    solve,
    5,
  );
  assert.deepEqual(answer.missing, []);
  assert.ok(answer.proven && answer.cost > 0 && answer.bound === answer.cost);
  const made = answer.batches.flatMap(({ pieces }) => pieces).reduce((sum, { count }) => sum + count, 0);
  assert.equal(made, 200 + (answer.leftOver[0]?.pieces ?? 0));
  for (const batch of answer.batches) {
    const { tins, scale } = batch;
    const planned = plan(rye, demoLarder, { ...demoShop, rack: demoRack }, { tins, ...(scale ? { scale } : {}) });
    const whole = planned.cut.pieces.filter(({ kind }) => kind === 'piece').reduce((sum, { count }) => sum + count, 0);
    assert.ok(whole >= batch.pieces[0]!.count, `${whole} of ${batch.pieces[0]!.count}`);
    assert.ok(batch.notBeforeMs >= NOW && batch.notBeforeMs <= batch.dueMs);
  }
  assert.equal(own, 24);
});

test('what cannot be made is said so: no cut yet, and a piece type that the slab does not have', async () => {
  const rye = demoSlabs.find(({ name }) => name.startsWith('Rye'))!;
  const { cut: _cut, ...uncut } = rye;
  const asked = (kind: string | null, slab: typeof rye) => ({
    wanted: [{ slab: 7, kind, pieces: 10, dueMs: NOW + DAY }],
    ...{ slabs: new Map([[7, slab]]), stock: [], rack: demoRack, nowMs: NOW },
  });
  const none = await batchesFor(asked(null, uncut as typeof rye), demoLarder, demoShop, solve, 2);
  assert.deepEqual([none.batches, none.missing], [[], [{ code: 'cut-undecided', slab: 7 }]]);
  const other = await batchesFor(asked('Moon', rye), demoLarder, demoShop, solve, 2);
  assert.deepEqual([other.batches, other.missing.map(({ code }) => code)], [[], ['no-such-piece-type']]);
});
