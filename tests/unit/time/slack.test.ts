import assert from 'node:assert/strict';
import { test } from 'node:test';
import { backwardFrom, forwardFrom, type Activity, type Means, type Timeline, type Windows } from '$core/time';
import { workOf } from '$core/usecases';
import { demoLarder, demoSlabs, shop } from '../things';
import { DAYS } from './days';
import { assertSound } from './sound';

const DAY = 1440;
const HOURS: Windows = Array.from({ length: 61 }, (_, i) => [(i - 30) * DAY + 450, (i - 30) * DAY + 960] as const);
const MEANS: Means = { hands: 1, ovens: 1, rings: 4 };
const works = demoSlabs.map((slab) => workOf(slab, demoLarder, { ...shop, roomC: 19 }).activities);

/** Pins every step with slack at the end of its slack, one at a time: the end must not move. */
function assertSlack(
  line: Timeline,
  activities: readonly Activity[],
  means: Means,
  windows: Windows,
  by: 1 | -1,
): number {
  const loose = line.steps.filter(({ slackMinutes }) => slackMinutes > 0.5);
  for (const { activity, start, slackMinutes } of loose) {
    const held = new Map([[activity.id, start + by * slackMinutes]]);
    const again = forwardFrom(activities, means, windows, line.start, held);
    assert.ok(again.ok, `${activity.id}: ${again.ok ? '' : again.because.code}`);
    assert.ok(again.end <= line.end + 1e-6, `${activity.id} makes it ${again.end - line.end} min later`);
  }
  return loose.length;
}

test('law: a step that could wait is as late as stated, and the schedule ends no later', () => {
  let looked = 0;
  for (const activities of works) {
    const line = forwardFrom(activities, MEANS, HOURS, 450);
    assert.ok(line.ok);
    looked += assertSlack(line, activities, MEANS, HOURS, 1);
  }
  for (const { activities, means, windows } of DAYS.slice(0, 14)) {
    const line = forwardFrom(activities, means, windows, 0);
    assert.ok(line.ok);
    looked += assertSlack(line, activities, means, windows, 1);
  }
  assert.ok(looked > 20);
});

test('law: in a backward schedule a step that could be earlier is pinned there, and the deadline is met', () => {
  let looked = 0;
  for (const activities of works) {
    const line = backwardFrom(activities, MEANS, HOURS, 5 * DAY + 800);
    assert.ok(line.ok);
    looked += assertSlack(line, activities, MEANS, HOURS, -1);
  }
  assert.ok(looked > 5);
});

test('law: generated schedules are valid in both directions, or reported as impossible in both', () => {
  for (const { activities, means, windows } of DAYS.slice(0, 30)) {
    const forward = forwardFrom(activities, means, windows, 0);
    const backward = backwardFrom(activities, means, windows, 3 * DAY);
    assert.equal(forward.ok, backward.ok);
    for (const line of [forward, backward]) if (line.ok) assertSound(line.steps, means, windows);
    if (forward.ok) assert.ok(forward.steps.some(({ deciding }) => deciding));
  }
});

test('law: more people, another oven or longer hours never make the schedule longer', () => {
  for (const activities of works) {
    const end = (means: Means, windows: Windows) => {
      const line = forwardFrom(activities, means, windows, 450);
      assert.ok(line.ok);
      return line.end;
    };
    const asPlanned = end(MEANS, HOURS);
    assert.ok(end({ ...MEANS, hands: 2 }, HOURS) <= asPlanned + 1e-6);
    assert.ok(end({ ...MEANS, ovens: 2 }, HOURS) <= asPlanned + 1e-6);
    assert.ok(end(MEANS, [[-1e6, 1e6]]) <= asPlanned + 1e-6);
  }
});
