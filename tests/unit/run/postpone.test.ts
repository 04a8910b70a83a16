/** Postponing a step: until a moment or behind another step, with what it moves and endangers shown before. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { previewOf, runState, stepsToWaitFor, wholeRunPlan, type RunEvent, type RunPlan } from '$core/run';
import { clockTime, nextTime } from '../../../src/lib/format/nextTime';
import { demoSlabs, runPlanFor } from '../things';
import { after, step } from './steps';

const BEGIN = '2026-11-27T08:00:00Z';
const beginMs = Date.parse(BEGIN);
const ms = (minute: number) => beginMs + minute * 60_000;
const at = (minute: number) => new Date(ms(minute)).toISOString();

/** Weigh 10, base 20, boil 20 that is laid within 6, lay 5; a syrup of 15 beside it. */
const plan: RunPlan = {
  ...wholeRunPlan({ name: 'Slab', version: 1, lot: 'L261127', begin: BEGIN, pieces: 24, pieceG: 50 }),
  steps: [
    step('weigh', 0, 10),
    step('base', 10, 30, { after: [after('weigh')] }),
    step('boil', 30, 50, { after: [after('weigh')] }),
    step('lay', 50, 55, { after: [after('base'), after('boil', 0, 6)] }),
    step('syrup', 55, 70, { after: [after('weigh')] }),
  ],
  lines: [],
};

let next = 0;
const event = (minute: number, part: Record<string, unknown>) =>
  ({ id: `00000000-0000-4000-8000-${String(++next).padStart(12, '0')}`, at: at(minute), ...part }) as RunEvent;
const weighed = [event(0, { kind: 'step-begun', step: 'weigh' }), event(10, { kind: 'step-done', step: 'weigh' })];
const putOff = (minute: number, part: Record<string, unknown>) =>
  event(minute, { kind: 'step-put-off', step: 'base', ...part });
const fromOf = (events: readonly RunEvent[], minute: number, id = 'base') =>
  (runState(plan, events, ms(minute)).steps.find((own) => own.step.id === id)!.from - beginMs) / 60_000;

test('until a moment: the step keeps its place in the list with its new time, and is current again when it has come', () => {
  const events = [...weighed, putOff(10, { until: at(40) })];
  const state = runState(plan, events, ms(10));
  // The boil is laid hot on the base, and is postponed with it.
  assert.equal(state.now!.step.id, 'syrup');
  const listed = state.next.find((own) => own.step.id === 'base')!;
  assert.deepEqual([listed.isPutOff, (listed.from - beginMs) / 60_000], [true, 40]);
  // Its moment comes while nothing is in hand: it is next again.
  const later = runState(plan, events, ms(40));
  assert.deepEqual([later.now!.step.id, later.now!.isPutOff], ['base', false]);
  // It may be begun before, and undone.
  const begun = runState(plan, [...events, event(20, { kind: 'step-begun', step: 'base' })], ms(20));
  assert.deepEqual([begun.now!.step.id, begun.now!.isPutOff], ['base', false]);
  const undone = runState(plan, [...events, event(11, { kind: 'taken-back', event: events[2]!.id })], ms(11));
  assert.equal(undone.now!.step.id, 'base');
});

test('behind another step: it follows when that is done, and not before', () => {
  const events = [...weighed, putOff(10, { behind: 'syrup' })];
  assert.ok(fromOf(events, 10) >= fromOf(events, 10, 'syrup') + 15);
  const done = [
    ...events,
    event(12, { kind: 'step-begun', step: 'syrup' }),
    event(27, { kind: 'step-done', step: 'syrup' }),
  ];
  assert.equal(runState(plan, done, ms(27)).now!.step.id, 'base');
});

test('a step that needs the postponed one, an unknown one, or one that waits for it, gives no moment: it comes when nothing else is left', () => {
  const only: RunPlan = { ...plan, steps: [plan.steps[0]!, plan.steps[1]!, plan.steps[4]!] };
  const now = (...events: readonly RunEvent[]) => runState(only, [...weighed, ...events], ms(12)).now?.step.id;
  for (const behind of ['no such step', 'base']) assert.equal(now(putOff(10, { behind })), 'syrup');
  assert.equal(runState(plan, [...weighed, putOff(10, { behind: 'lay' })], ms(12)).now!.step.id, 'syrup');
  // Behind one another: the second entry gives way, and one of them can be begun.
  const circle = [putOff(10, { behind: 'syrup' }), event(11, { kind: 'step-put-off', step: 'syrup', behind: 'base' })];
  assert.equal(now(...circle), 'syrup');
});

test('when everything else waits for the postponed step, nothing is current until its moment', () => {
  const only: RunPlan = { ...plan, steps: [plan.steps[0]!, plan.steps[1]!] };
  const events = [...weighed, putOff(10, { until: at(30) })];
  const state = runState(only, events, ms(12));
  assert.equal(state.now, null);
  assert.equal((state.next[0]!.from - beginMs) / 60_000, 30);
  // Without a moment it comes when nothing else is left, as before.
  assert.equal(runState(only, [...weighed, putOff(10, {})], ms(12)).now!.step.id, 'base');
});

test('before it is confirmed: how much later the run ends, and which waits would be too long', () => {
  const worked = [
    ...weighed,
    ...[event(10, { kind: 'step-begun', step: 'base' }), event(30, { kind: 'step-done', step: 'base' })],
    ...[event(30, { kind: 'step-begun', step: 'boil' }), event(50, { kind: 'step-done', step: 'boil' })],
  ];
  const preview = previewOf(plan, worked, { kind: 'step-put-off', step: 'lay', until: at(90) }, ms(50));
  assert.deepEqual(
    preview.dangers.map(({ step, behind, waitsMinutes }) => [step, behind, waitsMinutes]),
    [['lay', 'boil', 40]],
  );
  assert.ok(preview.laterMinutes > 0);
  // A step that needs the postponed one cannot come before it.
  assert.deepEqual(
    stepsToWaitFor(runState(plan, weighed, ms(10)), 'base').map(({ step }) => step.id),
    ['boil', 'syrup'],
  );
});

test('law: postponing never makes a run end earlier, nor later than by as much, and the step never starts before its moment', () => {
  const plans = demoSlabs.map((slab) => runPlanFor(slab));
  fc.assert(
    fc.property(fc.nat(plans.length - 1), fc.nat(40), fc.integer({ min: 1, max: 240 }), (which, at, minutes) => {
      const made = plans[which]!;
      const nowMs = Date.parse(made.begin);
      const one = made.steps[at % made.steps.length]!;
      const until = nowMs + minutes * 60_000;
      const happening = { kind: 'step-put-off', step: one.id, until: new Date(until).toISOString() } as const;
      const { laterMinutes, state } = previewOf(made, [], happening, nowMs);
      assert.ok(laterMinutes > -0.1 && laterMinutes < minutes + 0.1, `${made.name}, ${one.id}: ${laterMinutes}`);
      assert.ok(state.steps.find(({ step }) => step.id === one.id)!.from >= until);
    }),
  );
});

test('the next time a clock shows: today, or tomorrow; in the zone of the shop', () => {
  const now = Date.parse('2026-11-27T10:00:00Z');
  assert.equal(nextTime('14:30', now, 'Europe/Dublin'), Date.parse('2026-11-27T14:30:00Z'));
  assert.equal(nextTime('09:00', now, 'Europe/Dublin'), Date.parse('2026-11-28T09:00:00Z'));
  assert.equal(nextTime('14:30', now, 'America/New_York'), Date.parse('2026-11-27T19:30:00Z'));
  assert.equal(nextTime('25:00', now), null);
  assert.equal(clockTime(now, 'America/New_York'), '05:00');
  assert.equal(nextTime(clockTime(now + 60_000, 'Asia/Kolkata'), now, 'Asia/Kolkata'), now + 60_000);
});

test('running late: no work begins before the moment, what runs by itself goes on, and it is undone', () => {
  const oven: RunPlan = {
    ...plan,
    steps: [
      ...plan.steps,
      step('set', 55, 75, { hands: 'free', after: [after('weigh')] }),
      step('cut', 75, 80, { after: [after('set')] }),
    ],
  };
  const late = event(10, { kind: 'held-up', until: at(35) });
  const state = runState(oven, [...weighed, late], ms(10));
  assert.equal(state.heldUntil, ms(35));
  for (const { step: own, from, endedAt } of state.steps)
    if (endedAt === null) assert.ok(own.hands === 'free' ? from < ms(35) : from >= ms(35), `${own.id} ${from}`);
  assert.equal(runState(oven, [...weighed, late], ms(35)).heldUntil, null);
  const undone = runState(oven, [...weighed, late, event(11, { kind: 'taken-back', event: late.id })], ms(11));
  assert.equal(undone.heldUntil, null);
  // What was in hand already is not moved, and the last entry counts.
  const begun = [...weighed, event(10, { kind: 'step-begun', step: 'base' })];
  const sooner = runState(plan, [...begun, late, event(12, { kind: 'held-up', until: at(20) })], ms(12));
  assert.equal(sooner.steps.find(({ step: own }) => own.id === 'base')!.from, ms(10));
  assert.equal(sooner.heldUntil, ms(20));
});

test('law: being later never ends a run sooner', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 120 }), (minutes, more) => {
      const endsAt = (late: number) =>
        previewOf(plan, weighed, { kind: 'held-up', until: at(10 + late) }, ms(10)).state.endsAt;
      assert.ok(endsAt(minutes + more) >= endsAt(minutes));
    }),
  );
});

test('a step waits for what is blocked: the oven is out, and nobody is there', () => {
  const bake = step('bake', 10, 30, { hands: 'free', occupies: ['oven'], after: [after('weigh')] });
  const steps = [step('weigh', 0, 10), bake, step('turn', 30, 35, { after: [after('bake', 0, 5)] })];
  const startOf = (means: Partial<RunPlan['means']>, id: string) => {
    const state = runState({ ...plan, steps, means: { ...plan.means, ...means } }, [], beginMs);
    return (state.steps.find((own) => own.step.id === id)!.from - beginMs) / 60_000;
  };
  assert.equal(startOf({ blocked: [{ what: 'oven', from: 15, to: 60 }] }, 'bake'), 60);
  // Nothing bakes while nobody is there, and it is turned when it comes out.
  const away = { blocked: [{ what: 'people', from: 25, to: 45 }] as const };
  assert.deepEqual([startOf(away, 'bake'), startOf(away, 'turn')], [45, 65]);
});
