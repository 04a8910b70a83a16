import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf } from '$core/larder';
import { assumptionsOf, plan } from '$core/usecases';
import type { Slab } from '$core/slab';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const guessed = (slab: Slab) => assumptionsOf(slab, demoLarder, shop).map(({ where }) => where);

test('what a slab leaves out is assumed, and what it states is not', () => {
  // The rye slice does not say what sticks of the caramel, the temperature its base is laid at, nor when its layers count as set.
  const sets = [0, 1, 2].map((l) => `/layers/${l}/set`);
  assert.deepEqual(guessed(ryeSlice), ['/preparations/1/lossPercent', '/layers/0/pourC', ...sets]);
  const told: Slab = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation) => ({ ...preparation, lossPercent: 2 })),
    layers: ryeSlice.layers.map((layer) => ({ ...layer, pourC: 40, set: { ...layer.set, toC: 21 } })),
  };
  assert.deepEqual(guessed(told), []);
  const bare: Slab = {
    ...told,
    preparations: told.preparations.map(({ steps: _steps, densityGPerMl: _density, ...preparation }, p) => ({
      ...preparation,
      lines: p === 0 ? [{ ingredient: 'moon dust', quantity: 300, unit: 'g' as const }] : preparation.lines,
    })),
  };
  assert.deepEqual(guessed(bare), [
    '/preparations/0/densityGPerMl',
    ...[0, 1, 2].map((p) => `/preparations/${p}/steps`),
    '/layers/0/from',
  ]);
  assert.deepEqual(guessed({ ...ryeSlice, preparations: [], layers: [] }), []);
});

test('with an empty larder every demo slab is still calculated, and every assumption is listed', () => {
  const empty = larderOf([]);
  const untold = (slab: Slab) => ({ ...slab, larder: undefined });
  for (const slab of demoSlabs.map(untold)) {
    const told = plan(slab, demoLarder, shop);
    const taken = plan(slab, empty, shop);
    const said = assumptionsOf(slab, empty, shop).map(({ where }) => where);
    taken.preparations.forEach(({ massInG, lines }, p) => {
      const known = told.preparations[p]!.massInG;
      assert.ok(Math.abs(massInG / known - 1) < 0.25, `${slab.name}: ${massInG} g of ${known}`);
      lines.forEach(({ guess, massG }, l) => {
        assert.ok(massG !== null, `${slab.name}, ${slab.preparations[p]!.lines[l]!.ingredient} has no weight`);
        if (guess) assert.ok(said.includes(`/preparations/${p}/lines/${l}`));
      });
    });
    assert.ok(taken.cut.pieces.every(({ massG }) => massG > 0));
  }
});

test('a part of a divided line is assumed where it goes in, even if its mixture has no lines of its own', () => {
  const [first, second, ...others] = ryeSlice.preparations;
  const divided: Slab = {
    ...ryeSlice,
    preparations: [
      {
        ...first!,
        lines: [
          { ingredient: 'moon flour', quantity: 2, unit: 'cup', divided: [{ preparation: second!.id, share: 0.5 }] },
        ],
      },
      second!,
      ...others,
    ],
  };
  const taken = assumptionsOf(divided, demoLarder, shop).filter(
    ({ code, figures }) => code === 'line' && figures.ingredient === 'moon flour',
  );
  assert.deepEqual(
    taken.map(({ where }) => where),
    ['/preparations/0/lines/0', '/preparations/1'],
  );
});
