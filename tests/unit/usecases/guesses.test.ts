import assert from 'node:assert/strict';
import { test } from 'node:test';
import { guessesOf } from '../../../src/core/usecases';
import type { Slab } from '../../../src/core/slab';
import { demoLarder, ryeSlice, shop } from '../things';

const guessed = (slab: Slab) => guessesOf(slab, demoLarder, shop).map(({ where }) => where);

test('what a slab does not say is guessed, and what it says is not', () => {
  // The rye slice: nobody said what sticks of the caramel, nor at what its base is laid and counts as set.
  assert.deepEqual(guessed(ryeSlice), ['/preparations/1/lossPercent', '/layers/0/pourC', '/layers/0/set']);
  const told: Slab = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((one) => ({ ...one, lossPercent: 2 })),
    layers: ryeSlice.layers.map((layer) => ({ ...layer, pourC: 40, set: { ...layer.set, toC: 21 } })),
  };
  assert.deepEqual(guessed(told), []);
  const bare: Slab = {
    ...told,
    preparations: told.preparations.map(({ steps: _steps, densityGPerMl: _density, ...one }, p) => ({
      ...one,
      lines: p === 0 ? [{ ingredient: 'moon dust', quantity: 300, unit: 'g' as const }] : one.lines,
    })),
  };
  assert.deepEqual(guessed(bare), [
    '/preparations/0/densityGPerMl',
    ...[0, 1, 2].map((p) => `/preparations/${p}/steps`),
    '/layers/0/from',
  ]);
  assert.deepEqual(guessed({ ...ryeSlice, preparations: [], layers: [] }), []);
});
