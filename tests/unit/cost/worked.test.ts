/** Costs of a slab worked by hand: by layer, by ingredient, in whole packs, in coins. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cashToBuy, inCoins, inCurrency, lineCost, packsToBuy, priceOf, pricePerGram, slabCost } from '$core/cost';
import type { Ingredient } from '$core/larder';

const butter: Ingredient = {
  name: 'butter',
  packs: [
    { name: 'block', massG: 250, price: 2.5 },
    { name: 'slab', massG: 1000, price: 8 },
  ],
};
const sugar: Ingredient = { name: 'caster sugar', packs: [{ name: 'bag', massG: 1000, price: 1.2 }] };
const salt: Ingredient = { name: 'salt' };

test('remaining coins go to the largest remainders, the first of equal ones first', () => {
  assert.deepEqual(inCoins([1 / 3, 1 / 3, 1 / 3], 2), [34, 33, 33]);
  // 10.6, 20.7, 30.7: two coins are left, for the two that lose most by rounding down.
  assert.deepEqual(inCoins([0.106, 0.207, 0.307], 2), [10, 21, 31]);
  assert.deepEqual(inCoins([0.5, 0.5], 0), [1, 0]);
  assert.deepEqual(inCoins([1.2345], 3), [1235]);
  // 0.29 in cents is 28.999... in floating point, and 29 coins.
  assert.deepEqual(inCoins([0.29], 2), [29]);
  assert.deepEqual(inCoins([], 2), []);
});

test('only prices in the shop’s currency count', () => {
  assert.equal(priceOf({ price: 3 }), 3);
  assert.equal(priceOf({ price: 3, currency: 'GBP' }), null);
  assert.equal(priceOf({}), null);
  assert.equal(priceOf(undefined), null);
  const abroad: Ingredient = { name: 'vanilla', packs: [{ name: 'tin', massG: 100, price: 30, currency: 'GBP' }] };
  assert.equal(pricePerGram(abroad), null);
  assert.equal(cashToBuy(abroad, 50), null);
  assert.equal(pricePerGram(inCurrency([abroad], 'GBP')[0]!), 0.3);
  assert.equal(pricePerGram(inCurrency([abroad], 'USD')[0]!), null);
  assert.equal(inCurrency([butter], 'GBP')[0], butter);
  const mixed: Ingredient = {
    ...abroad,
    packs: [...abroad.packs!, { name: 'jar', massG: 50, price: 9, currency: 'USD' }],
  };
  assert.deepEqual(
    inCurrency([mixed], 'GBP')[0]!.packs!.map(({ currency }) => currency),
    [undefined, 'USD'],
  );
});

test('whole packs: none for nothing, one for any part, and no extra one for a rounding error', () => {
  assert.equal(packsToBuy(butter, 0), 0);
  assert.equal(packsToBuy(butter, 0.1), 1);
  assert.equal(packsToBuy(butter, 250), 1);
  assert.equal(packsToBuy(butter, 250 * (1 + 1e-12)), 1);
  assert.equal(packsToBuy(butter, 251), 2);
  assert.equal(packsToBuy(salt, 5), null);
  assert.equal(packsToBuy(null, 5), null);
  assert.equal(cashToBuy(butter, 600), 7.5);
});

test('a layer pays for its share of each mixture, and leftovers are kept apart', () => {
  const line = (ingredient: Ingredient | null, massG: number | null, name = ingredient?.name ?? '') => ({
    ...{ name, ingredient, massG },
  });
  const made = slabCost(
    [
      // 2.00 + 0.60: half to the base, a quarter to the top, a quarter is left over.
      {
        id: 'dough',
        lines: [line(butter, 200), line(sugar, 500), line(salt, 4), line(null, 10, 'Moon dust')],
        shares: new Map([
          ['base', 0.5],
          ['top', 0.25],
        ]),
      },
      // 1.00, all of it for the top.
      { id: 'glaze', lines: [line(butter, 100), line(null, null, 'moon dust')], shares: new Map([['top', 1]]) },
    ],
    ['top', 'base', 'bare'],
  );
  const cents = (amount: number | null) => (amount === null ? null : Number(amount.toFixed(6)));
  assert.equal(cents(made.used), 3.6);
  assert.deepEqual(
    made.byLayer.map(({ id, cost }) => [id, cents(cost)]),
    [
      ['top', 1.65],
      ['base', 1.3],
      ['bare', 0],
    ],
  );
  assert.equal(cents(made.leftover), 0.65);
  // 300 g of butter are two packs of 2.50, 500 g of sugar one of 1.20.
  assert.equal(cents(made.toBuy), 6.2);
  assert.deepEqual(
    made.byIngredient.map(({ name, massG, cost }) => [name, massG, cents(cost)]),
    [
      ['butter', 300, 3],
      ['caster sugar', 500, 0.6],
      ['salt', 4, null],
      ['Moon dust', 10, null],
    ],
  );
});

test('a line costs its grams times the price of one gram, and nothing where either is unknown', () => {
  assert.equal(lineCost({ name: 'butter', ingredient: butter, massG: 50 }), 0.5);
  assert.equal(lineCost({ name: 'butter', ingredient: butter, massG: null }), null);
  assert.equal(lineCost({ name: 'salt', ingredient: salt, massG: 5 }), null);
  assert.equal(lineCost({ name: 'x', ingredient: null, massG: 5 }), null);
});
