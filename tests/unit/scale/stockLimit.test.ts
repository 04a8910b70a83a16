import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import type { StockItem } from '$core/slab';
import { slabs } from '../anySlab';
import { close, sum } from '../figures';
import { demoIngredients, demoLarder, ryeSlice, shop } from '../things';

const planFor = (have: readonly StockItem[]) =>
  plan(ryeSlice, demoLarder, shop, { scale: { mode: 'as-far-as', have } });

test('five hundred grams of butter and one bag of chocolate: the butter is the limit', () => {
  const { asFar, preparations, checks } = planFor([
    { ingredient: 'butter', quantity: 500, unit: 'g' },
    { ingredient: 'dark chocolate', quantity: 1, unit: 'kg' },
  ]);
  // Butter is in two mixtures: 225 + 60 g.
  assert.ok(close(asFar!.scaleFactor, 500 / 285));
  assert.equal(asFar!.limit, 'butter');
  assert.ok(close(asFar!.left[0]!.leftG, 0) && close(asFar!.left[1]!.leftG, 1000 - (240 * 500) / 285));
  assert.ok(close(preparations[0]!.scaleFactor, 500 / 285));
  assert.deepEqual(
    checks.filter(({ code }) => code === 'have-ignored'),
    [],
  );
});

test('an ingredient that the slab does not use limits nothing, and a message says so', () => {
  const { asFar, checks } = planFor([{ ingredient: 'rolled oats', quantity: 5, unit: 'g' }]);
  assert.deepEqual([asFar!.scaleFactor, asFar!.limit, asFar!.ignored], [1, null, ['rolled oats']]);
  assert.ok(checks.some(({ code, figures }) => code === 'have-ignored' && figures.ingredient === 'rolled oats'));
});

test('law: no stock is overdrawn, the limit is used up, and more of it makes more', () => {
  const cupboards = fc.uniqueArray(
    fc.record({
      ingredient: fc.constantFrom(...demoIngredients.map(({ name }) => name)),
      quantity: fc.double({ min: 1, max: 5000, noNaN: true }),
      unit: fc.constant('g' as const),
    }),
    { minLength: 1, selector: ({ ingredient }) => ingredient },
  );
  fc.assert(
    fc.property(slabs, cupboards, (slab, have) => {
      const made = plan(slab, demoLarder, shop, { scale: { mode: 'as-far-as', have } });
      const usedG = (name: string) =>
        sum(
          made.preparations.flatMap(({ lines }) =>
            lines.map((line) => (line.ingredient === name ? (line.massG ?? 0) : 0)),
          ),
        );
      for (const { ingredient, quantity } of have) {
        assert.ok(made.asFar!.limit === null || usedG(ingredient) <= quantity * (1 + 1e-9));
        if (ingredient === made.asFar!.limit) assert.ok(close(usedG(ingredient), quantity, 1e-7));
      }
      const twice = have.map((line) => ({ ...line, quantity: 2 * line.quantity }));
      const more = plan(slab, demoLarder, shop, { scale: { mode: 'as-far-as', have: twice } });
      if (made.asFar!.limit) assert.ok(close(more.asFar!.scaleFactor, 2 * made.asFar!.scaleFactor));
    }),
  );
});
