import assert from 'node:assert/strict';
import { test } from 'node:test';
import loader from 'highs';
import { forwardFrom } from '../../../src/core/time';
import { DAYS } from './days';
import { exactOf } from './exact';
import { assertSound } from './sound';

const highs = await loader();

test('beside an integer program: on short days the schedule is the shortest that there is, and never shorter', () => {
  for (const day of DAYS.slice(0, 12)) {
    const line = forwardFrom(day.activities, day.means, day.windows, 0);
    assert.ok(line.ok);
    assertSound(line.steps, day.means, day.windows);
    const { bound, proven } = exactOf(highs, day, line.end, 30);
    assert.ok(proven);
    assert.equal(line.end, bound);
  }
});

test('where two pots cannot meet, the integer program finds no schedule either', () => {
  const none = DAYS.filter(({ activities, means, windows }) => !forwardFrom(activities, means, windows, 0).ok);
  assert.ok(none.length > 0);
  const shortest = none.reduce((a, b) => (b.activities.length < a.activities.length ? b : a));
  assert.equal(exactOf(highs, shortest, 300, 300).bound, Infinity);
});
