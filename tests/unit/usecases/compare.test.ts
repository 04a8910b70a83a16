import assert from 'node:assert/strict';
import { test } from 'node:test';
import { comparePlans, isDifferent, plan } from '$core/usecases';
import type { Slab } from '$core/slab';
import { close } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';
import { deepSquare } from '../tins';

const side = (slab: Slab, tin = slab.tin) => ({
  plan: plan(slab, demoLarder, shop, { tins: [{ tin, count: 1 }] }),
  names: {
    preparations: new Map(slab.preparations.map(({ id, name }) => [id, name])),
    layers: new Map(slab.layers.map(({ id, name }) => [id, name])),
  },
});

test('a slab compared with itself differs in nothing', () => {
  const { layers, lines, whole } = comparePlans(side(ryeSlice), side(ryeSlice));
  assert.ok(
    [...layers.flatMap(({ mm, massG, cost }) => [mm, massG, cost]), ...whole].every((figure) => !isDifferent(figure)),
  );
  assert.ok(lines.every(({ massG, cost }) => !isDifferent(massG) && !isDifferent(cost)));
});

test('another tin at the same thickness changes grams and cost, and no thickness', () => {
  const { layers } = comparePlans(side(ryeSlice), side(ryeSlice, deepSquare));
  for (const { mm, massG, cost } of layers) {
    assert.ok(close(mm.a!, mm.b!, 1e-6) && isDifferent(massG) && isDifferent(cost));
    assert.ok(close(massG.b! / massG.a!, cost.b! / cost.a!, 1e-6));
  }
});

test('what one side lacks is null there: an added line, a removed mixture', () => {
  const more: Slab = {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation, p) =>
      p === 0
        ? { ...preparation, lines: [...preparation.lines, { ingredient: 'hazelnuts', quantity: 40, unit: 'g' }] }
        : preparation,
    ),
    layers: ryeSlice.layers.slice(0, 2),
  };
  const { lines, layers } = comparePlans(side(ryeSlice), side(more));
  const nuts = lines.find(({ massG }) => massG.name === 'hazelnuts')!;
  assert.deepEqual([nuts.preparation, nuts.massG.a, nuts.massG.b], ['Rye shortbread', null, 40]);
  assert.equal(layers.find(({ name }) => name === 'Chocolate top')!.mm.b, null);
});
