import { METRIC } from '$core/measure';
import { stepText } from '$wording/steps';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { meetingsOf, preparationMinutes, type Preparation } from '$core/slab';
import { MELTS, meltingSteps, microwaveBursts } from '$core/sugar';
import { close } from '../figures';

const pot = (id: string, minutes: number, meets?: Preparation['meets']): Preparation => ({
  id,
  name: id,
  lines: [],
  meets,
  steps: [
    { id: 'a', text: 'a', minutes: minutes - 2 },
    { id: 'b', text: 'b', minutes: 2, after: ['a'] },
    { id: 'c', text: 'c', minutes: 1 },
  ],
});

test('two pots that meet: the shorter one starts later by the difference, and ahead where it must be ahead', () => {
  assert.equal(preparationMinutes(pot('x', 14)), 14);
  const [meeting] = meetingsOf({
    preparations: [pot('whites', 6, { preparation: 'syrup', aheadMinutes: 1 }), pot('syrup', 20)],
  });
  assert.equal(meeting!.startsAfterMinutes, 13);
  assert.deepEqual(meetingsOf({ preparations: [pot('whites', 6, { preparation: 'gone' })] }), []);
  assert.deepEqual(meetingsOf({ preparations: [pot('whites', 6, { preparation: 'whites' })] }), []);
});

test('chocolate in a microwave oven: twice the mass, or half the power, takes twice as long; each way has its steps', () => {
  const usual = microwaveBursts(240, 800);
  assert.ok(usual.seconds > 60 && usual.seconds < 120, String(usual.seconds));
  assert.ok(close(microwaveBursts(480, 800).seconds, 2 * usual.seconds));
  assert.ok(close(microwaveBursts(240, 400).seconds, 2 * usual.seconds));
  for (const melt of MELTS) {
    const steps = meltingSteps(melt, 240);
    assert.ok(
      steps.length > 0 && steps.every(({ minutes, title }) => minutes > 0 && stepText(title, METRIC).length > 20),
    );
    assert.equal(new Set(steps.map(({ id }) => id)).size, steps.length);
  }
});
