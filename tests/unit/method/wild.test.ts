/** Whole recipes as people paste them: the facts that their slabs have. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { FURTHER } from '../../bench/wild/further';
import { KNOWN } from '../../bench/wild/known';
import { scoreWild } from '../../bench/wild/score';
import { UNREAD } from '../../bench/wild/unread';

/** Facts that are not read right yet. A change that reads another one wrong is a step back. */
const NOT_RIGHT_YET = ['no-bake peanut and cracker bars, one list, American: top waits fridge 60'];

test('whole recipes become the slab that was meant, but for the facts that are listed', () => {
  const { wrong, facts } = scoreWild(KNOWN);
  assert.deepEqual(
    wrong.map((text) => text.replace(/, found .*/s, '')),
    NOT_RIGHT_YET,
  );
  assert.ok(facts > 200);
});

test('further recipes are read no worse than they are', () => {
  const { right, facts } = scoreWild(FURTHER);
  assert.ok(right >= 0.84 * facts, `${right} of ${facts}`);
});

test('recipes that were kept aside are read no worse than when they were first read: four facts in five', () => {
  const { right, facts } = scoreWild(UNREAD);
  assert.ok(right >= 0.8 * facts, `${right} of ${facts}`);
});
