import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { bagged, type Bagged } from '$core/fit';
import { close, sum } from '../figures';

/** What bags must be: each full, no shard twice, and the reported figures true. */
function holdsTogether(shardsG: readonly number[], bagG: number, { bags, over, givenAwayG, most }: Bagged) {
  for (const { shards, massG } of bags) {
    assert.ok(close(sum(shards.map((at) => shardsG[at]!)), massG, 1e-9) && massG >= bagG - 1e-9);
  }
  const all = [...bags.flatMap(({ shards }) => shards), ...over].sort((a, b) => a - b);
  assert.deepEqual(all, [...shardsG.keys()]);
  assert.ok(Math.abs(givenAwayG - sum(bags.map(({ massG }) => massG - bagG))) < 1e-6);
  assert.ok(bags.length <= most);
}

/** Every way to put shards into bags, or leave them: most full bags first, then least given away. */
function byTrying(shardsG: readonly number[], bagG: number): readonly [number, number] {
  let best: readonly [number, number] = [0, 0];
  const bags: number[] = [];
  const go = (at: number) => {
    if (at === shardsG.length) {
      if (bags.some((g) => g < bagG)) return;
      const given = sum(bags) - bags.length * bagG;
      if (bags.length > best[0] || (bags.length === best[0] && given < best[1])) best = [bags.length, given];
      return;
    }
    go(at + 1);
    for (let i = 0; i < bags.length; i++) {
      bags[i]! += shardsG[at]!;
      go(at + 1);
      bags[i]! -= shardsG[at]!;
    }
    bags.push(shardsG[at]!);
    go(at + 1);
    bags.pop();
  };
  go(0);
  return best;
}

const shards = (most: number) => fc.array(fc.integer({ min: 3, max: 60 }), { minLength: 1, maxLength: most });

test('law: up to eight shards it is the best of all ways', () => {
  fc.assert(
    fc.property(shards(8), fc.integer({ min: 20, max: 80 }), (shardsG, bagG) => {
      const found = bagged(shardsG, bagG);
      holdsTogether(shardsG, bagG, found);
      const [count, given] = byTrying(shardsG, bagG);
      assert.deepEqual([found.bags.length, found.givenAwayG, found.proven], [count, given, true]);
    }),
    { numRuns: 60 },
  );
});

/** Shards as they break: log-normal masses about 25 g, by Park and Miller's generator and the polar method. */
function broken(count: number, seed: number): number[] {
  let state = seed;
  const random = () => (state = (state * 48271) % 2147483647) / 2147483647;
  const normal = (): number => {
    const [u, v] = [2 * random() - 1, 2 * random() - 1];
    const r = u * u + v * v;
    return r >= 1 || r === 0 ? normal() : u * Math.sqrt((-2 * Math.log(r)) / r);
  };
  return Array.from({ length: count }, () => Math.round(230 * Math.exp(0.385 * normal())) / 10);
}

test('law: dozens and hundreds of broken shards: all used once, within one bag of the bound, under 1 g given away a bag', () => {
  const examples: [number, number][] = [
    [26, 3],
    [121, 11],
    [200, 1234],
    [400, 77],
  ];
  fc.assert(
    fc.property(fc.integer({ min: 60, max: 400 }), fc.integer({ min: 1, max: 10_000 }), (count, seed) => {
      const shardsG = broken(count, seed);
      const found = bagged(shardsG, 150);
      holdsTogether(shardsG, 150, found);
      assert.ok(found.bags.length >= found.most - 1, `${found.bags.length} of ${found.most}`);
      assert.ok(found.givenAwayG / found.bags.length < 1, `${found.givenAwayG} in ${found.bags.length}`);
    }),
    { examples, numRuns: 6 },
  );
});
