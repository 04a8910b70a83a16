/** How a layer looks when it is cut. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { lookOf, shadeOf, textureOf } from '$core/classify';
import type { Layer, Preparation } from '$core/slab';

const preparation = (id: string, ...ingredients: string[]): Preparation =>
  ({
    id,
    name: 'Mix',
    lines: ingredients.map((ingredient) => ({ ingredient, quantity: 1, unit: 'g' })),
  }) as Preparation;
const layer = (name: string, from: Readonly<Record<string, number>>, texture?: Layer['texture']): Layer =>
  ({
    ...{ id: 'l', name, spread: 'level', texture },
    from: Object.entries(from).map(([id, share]) => ({ preparation: id, share })),
  }) as Layer;

test('chocolate is as light as the lightest one named, in the layer or in its main mixture', () => {
  const mixes = [
    preparation('dark', 'dark chocolate', 'cream'),
    preparation('milk', 'cream', 'Milk chocolate'),
    preparation('white', 'milk chocolate', 'white chocolate'),
    preparation('gianduja', 'gianduja'),
  ];
  const look = (from: Readonly<Record<string, number>>, name = 'Top') => lookOf(layer(name, from, 'chocolate'), mixes);
  assert.equal(look({ dark: 1 }), 'chocolate');
  assert.equal(look({ milk: 1 }), 'milk-chocolate');
  assert.equal(look({ gianduja: 1 }), 'milk-chocolate');
  assert.equal(look({ white: 1 }), 'white-chocolate');
  assert.equal(look({ dark: 1 }, 'White chocolate lid'), 'white-chocolate');
  assert.equal(look({ dark: 0.6, white: 0.4 }), 'chocolate');
  assert.equal(look({ dark: 0.4, white: 0.6 }), 'white-chocolate');
  assert.equal(look({ gone: 1 }), 'chocolate');
  assert.equal(look({}), 'chocolate');
});

test('the shade of a mixture comes from its name and its contents', () => {
  assert.equal(shadeOf(preparation('p', 'sugar', 'white chocolate')), 'white');
  assert.equal(shadeOf(preparation('p', 'sugar', 'milk chocolate')), 'milk');
  assert.equal(shadeOf(preparation('p', 'dark chocolate')), 'dark');
  assert.equal(shadeOf({ name: 'Caramel chocolate ganache', lines: [] }), 'milk');
  assert.equal(shadeOf({ name: 'White chocolate ganache', lines: [] }), 'white');
  assert.equal(shadeOf({ name: 'Ganache', lines: [] }), 'dark');
});

test('a texture is as the file says, otherwise what shows first in the cut', () => {
  const of = (...ingredients: string[]) => textureOf(layer('L', { p: 1 }), [preparation('p', ...ingredients)]);
  assert.equal(textureOf(layer('L', { p: 1 }, 'nut'), [preparation('p', 'egg whites')]), 'nut');
  assert.equal(lookOf(layer('L', { p: 1 }, 'nut'), [preparation('p', 'white chocolate')]), 'nut');
  assert.equal(textureOf(layer('L', {}), []), 'smooth');
  assert.equal(of('walnuts', 'dark chocolate', 'egg whites'), 'air');
  assert.equal(of('walnuts', 'rolled oats', 'dark chocolate'), 'chocolate');
  assert.equal(of('walnuts', 'rolled oats'), 'crumb');
  assert.equal(of('sugar', 'walnuts'), 'nut');
  assert.equal(of('sugar', 'butter'), 'smooth');
  const boiled = { ...preparation('p', 'sugar'), cookTo: { celsius: 150 } } as Preparation;
  assert.equal(textureOf(layer('L', { p: 1 }), [boiled]), 'crystal');
});
