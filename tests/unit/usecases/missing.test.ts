/** What the figures of a plan leave out: each ingredient counts once, also without weight and price. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { missingFrom, plan } from '$core/usecases';
import { demoLarder, ryeSlice, shop } from '../things';

test('ingredients without a weight or a price are counted once; a complete slab leaves nothing out', () => {
  assert.deepEqual(missingFrom(plan(ryeSlice, demoLarder, shop)), { weightless: 0, uncosted: 0 });
  const [base, ...others] = ryeSlice.preparations;
  const dust = { ingredient: 'moon dust', quantity: 2, unit: 'each' } as const;
  const grit = { ingredient: 'moon grit', quantity: 20, unit: 'g' } as const;
  const slab = { ...ryeSlice, preparations: [{ ...base!, lines: [...base!.lines, dust, dust, grit] }, ...others] };
  assert.deepEqual(missingFrom(plan(slab, demoLarder, shop)), { weightless: 1, uncosted: 2 });
});
