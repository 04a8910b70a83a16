/** Small weeks against their proven best plans. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import loader from 'highs';
import { searchWeek } from '$core/week';
import { exactWeek, smallWeek } from './exact';

const SEEDS = [2, 4, 5, 7, 9, 11];
const ATTEMPTS = 6000;
const SECONDS = 60;

test('lateness and paid minutes of small weeks are within 5 % of the proven best', async () => {
  const highs = await loader();
  const pairs = SEEDS.flatMap((seed) => {
    const question = smallWeek(seed);
    const best = exactWeek(highs, question, SECONDS);
    const { score } = searchWeek(question, (attempts) => attempts < ATTEMPTS);
    assert.equal(score.unplaced, 0);
    return best === null ? [] : [{ seed, best, found: score.lateMinutes + score.paidMinutes }];
  });
  assert.ok(pairs.length >= SEEDS.length / 2, 'the program proves too few');
  for (const { seed, best, found } of pairs) assert.ok(found >= best - 1e-3, `week ${seed}: ${found} under ${best}`);
  const sum = (of: 'best' | 'found') => pairs.reduce((all, pair) => all + pair[of], 0);
  assert.ok(sum('found') <= sum('best') * 1.05, JSON.stringify(pairs));
});
