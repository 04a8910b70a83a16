import assert from 'node:assert/strict';
import { test } from 'node:test';
import loader from 'highs';
import { forwardFrom } from '$core/time';
import { DAYS, type MadeUpDay } from './days';
import { exactOf } from './exact';
import { assertSound } from './sound';

const highs = await loader();

test('compared with an integer program: on short days the schedule is the shortest possible, and never shorter', () => {
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
  const step = { of: 'x', minutes: 30, hands: 'busy', occupies: [], ovenC: null, after: [], caution: null } as const;
  const titleOf = (text: string) => ({ code: 'written', text }) as const;
  const pots = ['left', 'right'].map((id) => ({ ...step, id, title: titleOf(id) }));
  const within = (most: number): MadeUpDay => ({
    activities: [
      ...pots,
      { ...step, id: 'lay', title: titleOf('lay'), after: pots.map(({ id: on }) => ({ on, least: 0, most })) },
    ],
    means: { hands: 1, ovens: 1, rings: 2 },
    windows: [[0, 1440]],
  });
  for (const [most, end] of [
    [25, Infinity],
    [30, 90],
  ] as const) {
    const day = within(most);
    const line = forwardFrom(day.activities, day.means, day.windows, 0);
    assert.equal(line.ok ? line.end : Infinity, end);
    assert.equal(exactOf(highs, day, 300, 30).bound, end);
  }
});
