import assert from 'node:assert/strict';
import { test } from 'node:test';
import loader from 'highs';
import fc from 'fast-check';
import { mixedCut, type Kind, type MixedAnswer, type MixedQuestion } from '$core/fit';
import { linearSolverOf } from '../../../src/lib/workers/linearSolver';
import { close, sum } from '../figures';

const solve = linearSolverOf(await loader());
const best = (question: MixedQuestion) => mixedCut(question, solve, 30);

const kindsOf = (least: fc.Arbitrary<number>, most: fc.Arbitrary<number | null>, count: number, smallest = 20) =>
  fc
    .array(
      fc.record({
        lengthMm: fc.integer({ min: smallest, max: 90 }),
        widthMm: fc.integer({ min: smallest, max: 70 }),
        value: fc.integer({ min: 1, max: 30 }),
        least,
        most,
        turn: fc.boolean(),
      }),
      { minLength: 1, maxLength: count },
    )
    .map((kinds) => kinds.map((kind, i): Kind => ({ id: `k${i}`, ...kind })));

/** The optimum without limits on counts, by dynamic programming: a knapsack for each strip, and one of strips. */
function byDynamicProgram({ lengthMm, widthMm, kerfMm, kinds }: MixedQuestion): number {
  const oneWay = (long: number, wide: number, turned: boolean) => {
    const items = kinds.flatMap(({ lengthMm: l, widthMm: w, value, turn }) => {
      const [a, b] = turned ? [w, l] : [l, w];
      return turn
        ? [
            { a, b, value },
            { a: b, b: a, value },
          ]
        : [{ a, b, value }];
    });
    const knapsack = (capacity: number, things: { size: number; value: number }[]) => {
      const worth = new Array<number>(capacity + 1).fill(0);
      for (let at = 1; at <= capacity; at++) {
        worth[at] = worth[at - 1]!;
        for (const { size, value } of things)
          if (size <= at) worth[at] = Math.max(worth[at]!, worth[at - size]! + value);
      }
      return worth[capacity]!;
    };
    const strips = [...new Set(items.map(({ b }) => b))].map((b) => ({
      size: b + kerfMm,
      value: knapsack(
        long + kerfMm,
        items.filter((item) => item.b <= b).map(({ a, value }) => ({ size: a + kerfMm, value })),
      ),
    }));
    return knapsack(wide + kerfMm, strips);
  };
  return Math.max(oneWay(lengthMm, widthMm, false), oneWay(widthMm, lengthMm, true));
}

/**
 * The optimum of a small slab by exhaustive search: strip after strip, piece after piece; null where the minimum counts do not fit.
 * Pieces have to be so large that at most a dozen fit, or the search does not end.
 */
function byTrying({ lengthMm, widthMm, kerfMm, kinds }: MixedQuestion): number | null {
  let found: number | null = null;
  for (const turned of [false, true]) {
    const [long, wide] = turned ? [widthMm, lengthMm] : [lengthMm, widthMm];
    const items = kinds.flatMap(({ lengthMm: l, widthMm: w, turn }, kind) => {
      const [a, b] = turned ? [w, l] : [l, w];
      return turn
        ? [
            { a, b, kind },
            { a: b, b: a, kind },
          ]
        : [{ a, b, kind }];
    });
    const left = kinds.map(({ most }) => most ?? Infinity);
    const counts = kinds.map(() => 0);
    const strip = (room: number, widest: number) => {
      const worth = sum(counts.map((count, i) => count * kinds[i]!.value));
      if (counts.every((count, i) => count >= kinds[i]!.least)) found = Math.max(found ?? 0, worth);
      for (const b of new Set(items.map((item) => item.b))) if (b <= room && b <= widest) fill(long, b, room, 0);
    };
    const fill = (length: number, b: number, room: number, from: number) => {
      for (let i = from; i < items.length; i++) {
        const item = items[i]!;
        if (item.b > b || item.a > length || counts[item.kind]! >= left[item.kind]!) continue;
        counts[item.kind]! += 1;
        fill(length - item.a - kerfMm, b, room, i);
        counts[item.kind]! -= 1;
      }
      if (sum(counts) > 0) strip(room - b - kerfMm, b);
    };
    strip(wide, Infinity);
  }
  return found;
}

/** What a cut must be: pieces within their strips, strips within the slab, counts and value as reported. */
function holdsTogether({ lengthMm, widthMm, kerfMm, kinds }: MixedQuestion, answer: MixedAnswer) {
  const counts = new Map<string, number>();
  for (const { along, atMm, sizeMm, pieces } of answer.strips) {
    const [long, wide] = along === 'length' ? [lengthMm, widthMm] : [widthMm, lengthMm];
    assert.ok(atMm + sizeMm <= wide + 1e-9);
    let end = -kerfMm;
    for (const piece of pieces) {
      const kind = kinds.find(({ id }) => id === piece.id)!;
      const sides = [piece.lengthMm, piece.widthMm];
      const lies = (a: number, b: number) => sides[0] === a && sides[1] === b;
      assert.ok(lies(kind.lengthMm, kind.widthMm) || (kind.turn && lies(kind.widthMm, kind.lengthMm)));
      const [a, b] = along === 'length' ? sides : [sides[1], sides[0]];
      assert.ok(b! <= sizeMm && piece.atMm >= end + kerfMm - 1e-9);
      end = piece.atMm + a!;
      assert.ok(end <= long + 1e-9);
      counts.set(piece.id, (counts.get(piece.id) ?? 0) + 1);
    }
  }
  const strips = [...answer.strips].sort((strip, other) => strip.atMm - other.atMm);
  strips.forEach(({ atMm, sizeMm }, i) =>
    assert.ok(!strips[i + 1] || strips[i + 1]!.atMm >= atMm + sizeMm + kerfMm - 1e-9),
  );
  for (const { id, least, most } of kinds) {
    const count = counts.get(id) ?? 0;
    assert.equal(answer.counts[id], count);
    assert.ok(count >= least && count <= (most ?? Infinity));
  }
  assert.ok(close(sum(kinds.map(({ id, value }) => value * answer.counts[id]!)), answer.value!, 1e-6));
}

test('law: without limits on counts it is the optimum of an independent dynamic program', async () => {
  await fc.assert(
    fc.asyncProperty(kindsOf(fc.constant(0), fc.constant(null), 5), fc.constantFrom(0, 2), async (kinds, kerfMm) => {
      const question = { lengthMm: 200, widthMm: 150, kerfMm, kinds };
      const answer = await best(question);
      assert.ok(answer.proven);
      assert.ok(
        close(answer.value!, byDynamicProgram(question), 1e-6),
        `${answer.value} ${byDynamicProgram(question)}`,
      );
      holdsTogether(question, answer);
    }),
    { numRuns: 25 },
  );
});

test('law: on a small slab with minimum and maximum counts it equals an exhaustive search', async () => {
  await fc.assert(
    fc.asyncProperty(
      kindsOf(fc.integer({ min: 0, max: 2 }), fc.oneof(fc.constant(null), fc.integer({ min: 2, max: 4 })), 3, 29),
      async (kinds) => {
        const question = { lengthMm: 120, widthMm: 90, kerfMm: 1, kinds };
        const answer = await best(question);
        const tried = byTrying(question);
        assert.ok(answer.proven);
        if (tried === null) assert.deepEqual([answer.value, answer.refusal?.code], [null, 'counts-do-not-fit']);
        else {
          assert.ok(close(answer.value!, tried, 1e-6), `${answer.value} ${tried}`);
          holdsTogether(question, answer);
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('fill the order, then the best of the rest: fingers as ordered, squares where there is room', async () => {
  const answer = await best({
    lengthMm: 300,
    widthMm: 200,
    kerfMm: 0,
    kinds: [
      { id: 'finger', lengthMm: 75, widthMm: 25, value: 1, least: 8, most: 8, turn: false },
      { id: 'square', lengthMm: 50, widthMm: 50, value: 2, least: 0, most: null, turn: false },
    ],
  });
  // Two strips of four fingers, and 150 mm for three rows of six squares.
  assert.deepEqual(answer.counts, { finger: 8, square: 18 });
  assert.equal(answer.value, 44);
  assert.ok(close(answer.wasteShare, 0, 1e-9) && answer.proven);
});

test('piece types larger than the slab give no pieces; minimum counts of them are impossible', async () => {
  const kind = { id: 'big', lengthMm: 400, widthMm: 50, value: 1, least: 0, most: null, turn: true };
  const slab = { lengthMm: 300, widthMm: 200, kerfMm: 0 };
  const none = await best({ ...slab, kinds: [kind] });
  assert.deepEqual([none.value, none.proven, none.strips.length], [0, true, 0]);
  const asked = await best({ ...slab, kinds: [{ ...kind, least: 1 }] });
  assert.ok(asked.value === null && asked.refusal?.code === 'counts-do-not-fit');
});

test('a solver that runs out of time proves nothing: neither a bound nor that the minimum counts are impossible', async () => {
  const tired = () => Promise.resolve({ status: 'limit', value: 0, columns: new Map(), duals: new Map() } as const);
  const kind = { id: 'a', lengthMm: 50, widthMm: 50, value: 1, least: 1, most: null, turn: false };
  const found = await mixedCut({ lengthMm: 300, widthMm: 200, kerfMm: 0, kinds: [kind] }, tired, 1);
  assert.deepEqual([found.value, found.bound, found.proven], [null, null, false]);
  assert.equal(found.refusal?.code, 'not-found-in-time');
});
