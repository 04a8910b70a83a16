import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { workOf, layOutDay } from '$core/usecases';
import { backwardFrom, forwardFrom, workingWindows, type Activity, type Means, type Windows } from '$core/time';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';
import { assertSound } from './sound';

const activities: fc.Arbitrary<Activity[]> = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 2, max: 60 }),
      hands: fc.constantFrom('busy' as const, 'watch' as const, 'free' as const),
      occupies: fc.subarray(['oven', 'ring', 'mixer', 'fridge']),
      ovenC: fc.constantFrom(150, 170),
      links: fc.array(
        fc.tuple(fc.nat(20), fc.integer({ min: 0, max: 90 }), fc.option(fc.integer({ min: 60, max: 400 }))),
        { maxLength: 2 },
      ),
    }),
    { minLength: 2, maxLength: 14 },
  )
  .map((list) =>
    list.map(({ links, ovenC, ...rest }, i): Activity => ({
      id: `a${i}`,
      of: 'x',
      title: { code: 'written', text: `Step ${i}` },
      ...rest,
      ovenC: rest.occupies.includes('oven') ? ovenC : null,
      after:
        i === 0
          ? []
          : links.map(([to, least, more]) => ({ on: `a${to % i}`, least, most: more === null ? null : least + more })),
      caution: null,
    })),
  );
const means: fc.Arbitrary<Means> = fc.record({
  hands: fc.integer({ min: 1, max: 2 }),
  ovens: fc.constant(1),
  rings: fc.integer({ min: 1, max: 4 }),
});
const day = 1440;
const hours: Windows = Array.from({ length: 61 }, (_, i) => [(i - 30) * day + 450, (i - 30) * day + 960] as const);

test('law: forward and backward, no two steps share one resource, every wait is kept, and people keep their hours', () => {
  fc.assert(
    fc.property(activities, means, (list, have) => {
      const forward = forwardFrom(list, have, hours, 0);
      if (forward.ok) {
        assertSound(forward.steps, have, hours);
        assert.ok(forward.start >= -1e-6);
      } else assert.ok(['wait-too-long', 'circular', 'longer-than-hours'].includes(forward.because.code));
      const backward = backwardFrom(list, have, hours, 0);
      if (backward.ok) {
        assertSound(backward.steps, have, hours);
        assert.ok(backward.end <= 1e-6);
      }
    }),
    { numRuns: 60 },
  );
});

test('every demo slab has a schedule: from weighing out to packing, for one person, forward and backward', () => {
  for (const slab of demoSlabs) {
    const { activities: list } = workOf(slab, demoLarder, { ...shop, roomC: 19 });
    const have = { hands: 1, ovens: 1, rings: 4 };
    for (const line of [forwardFrom(list, have, hours, 450), backwardFrom(list, have, hours, 3 * day + 960)]) {
      assert.ok(line.ok, `${slab.name}: ${line.ok ? '' : line.because.code}`);
      assertSound(line.steps, have, hours);
      assert.equal(line.steps[0]!.activity.id, 'gather');
      assert.equal(line.steps.at(-1)!.activity.id, 'pack');
      assert.ok(line.steps.some(({ deciding }) => deciding));
    }
  }
});

const WEEK = [1, 2, 3, 4, 5, 6, 0].map((weekday) => ({ day: weekday, from: '07:30', to: '16:00' }));
const asked = { hands: 1, ovens: 1, rings: 4, hours: WEEK, zone: 'Europe/Dublin' };
const work = workOf(ryeSlice, demoLarder, { ...shop, roomC: 19 });
const list = work.activities;

test('backwards from a deadline across a night: the long wait is in the night, and all is done in time', () => {
  const deadline = new Date('2026-12-04T11:00:00Z');
  const found = layOutDay(work, { ...asked, deadline }, new Date('2026-12-01T06:00:00Z'));
  assert.ok(found.feasible);
  assert.ok(found.steps.every(({ end }) => end.getTime() <= deadline.getTime()));
  assert.ok(new Set(found.steps.map(({ start }) => start.getUTCDate())).size > 1);
});

test('a deadline in the past, or too soon, is reported with what decides and the earliest end', () => {
  const now = new Date('2026-12-01T06:00:00Z');
  for (const deadline of ['2020-03-13T12:00:00Z', '2026-11-20T12:00:00Z', '2026-12-01T09:00:00Z']) {
    const found = layOutDay(work, { ...asked, deadline: new Date(deadline) }, now);
    assert.ok(!found.feasible && found.because !== null && found.earliestEnd!.getTime() > now.getTime());
  }
});

test('links in a circle, and a step longer than any working day, are reported', () => {
  const [a, b] = list;
  const circle = [
    { ...a!, after: [{ on: b!.id, least: 0, most: null }] },
    { ...b!, after: [{ on: a!.id, least: 0, most: null }] },
  ];
  const round = forwardFrom(circle, { hands: 1, ovens: 1, rings: 1 }, hours, 0);
  assert.ok(!round.ok && round.because.code === 'circular');
  const long = forwardFrom([{ ...a!, minutes: 900 }], { hands: 1, ovens: 1, rings: 1 }, hours, 0);
  assert.ok(!long.ok && long.because.code === 'longer-than-hours');
});

test('a pinned step stays, and the rest follows', () => {
  const start = new Date('2026-12-01T07:30:00Z');
  const pin = new Date('2026-12-01T10:00:00Z');
  const found = layOutDay(work, { ...asked, start, pinned: new Map([['base/rub', pin]]) }, start);
  assert.ok(found.feasible);
  const rub = found.steps.find(({ activity }) => activity.id === 'base/rub')!;
  assert.equal(rub.start.getTime(), pin.getTime());
});

test('nights on which clocks change: a working day begins at half past seven by the clock, in both directions', () => {
  for (const [origin, before, after] of [
    ['2026-03-28T12:00:00Z', '2026-03-28T07:30:00.000Z', '2026-03-29T06:30:00.000Z'],
    ['2026-10-24T12:00:00Z', '2026-10-24T06:30:00.000Z', '2026-10-25T07:30:00.000Z'],
  ] as const) {
    const from = new Date(origin);
    const opens = workingWindows(WEEK, 'Europe/Dublin', from, 1, 2).map(([open]) =>
      new Date(from.getTime() + open * 60_000).toISOString(),
    );
    assert.ok(opens.includes(before) && opens.includes(after), opens.join(' '));
  }
});
