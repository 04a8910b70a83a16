import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cashToBuy, inCoins, pricePerGram } from '$core/cost';
import { plan } from '$core/usecases';
import { slabs } from '../anySlab';
import { cuts, tins } from '../tins';
import { close, sum } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

test('law: rounded amounts add up to the rounded total, each within a cent of its exact value', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 1 }),
      fc.constantFrom(0, 2, 3),
      (amounts, digits) => {
        const coins = inCoins(amounts, digits);
        const total = Math.round(sum(amounts) * 10 ** digits);
        assert.ok(Math.abs(sum(coins) - total) <= (Number.isInteger(total) ? 0 : 1));
        coins.forEach((coin, i) => {
          assert.ok(Number.isInteger(coin) && coin >= 0);
          assert.ok(Math.abs(coin - amounts[i]! * 10 ** digits) <= 1 + 1e-6);
        });
      },
    ),
  );
});

test('law: layers and leftovers add up to what is used, and pieces carry all of it', () => {
  fc.assert(
    fc.property(slabs, tins, cuts, (slab, tin, cut) => {
      const made = plan(slab, demoLarder, shop, { tins: [{ tin, count: 1 }], cut });
      const { used, byLayer, leftover, byIngredient } = made.cost;
      assert.ok(close(sum(byLayer.map(({ cost }) => cost)) + leftover, used));
      assert.ok(close(sum(byIngredient.map(({ cost }) => cost ?? 0)), used));
      assert.ok(close(sum(made.preparations.flatMap(({ lines }) => lines.map(({ cost }) => cost ?? 0))), used));
      if (made.cut.pieces.length > 0)
        assert.ok(close(sum(made.cut.pieces.map(({ count, cost }) => count * cost)), used));
    }),
  );
});

test('law: whole packs cost at least as much as the part used', () => {
  fc.assert(
    fc.property(slabs, (slab) => {
      const { used, toBuy } = plan(slab, demoLarder, shop).cost;
      assert.ok(toBuy >= used - 1e-9);
    }),
  );
});

test('the usual pack sets the price', () => {
  const butter = demoLarder.get('butter')!;
  assert.equal(pricePerGram(butter), 2.75 / 250);
  assert.equal(cashToBuy(butter, 250), 2.75);
  assert.equal(cashToBuy(butter, 251), 5.5);
  assert.equal(pricePerGram({ name: 'gift' }), null);
  assert.equal(cashToBuy(null, 10), null);
});

test('the rye slice costs the sum of its lines', () => {
  const { used } = plan(ryeSlice, demoLarder, shop).cost;
  const byHand =
    (270 * 9.4) / 5000 +
    ((225 + 60) * 2.75) / 250 +
    (120 * 2.6) / 1000 +
    (330 * 3.1) / 2000 +
    (90 * 2.35) / 454 +
    (360 * 0.994 * 5.9) / 994 +
    (6 * 1.9) / 1000 +
    (240 * 29.5) / 2500 +
    (15 * 0.92 * 2.4) / 920;
  assert.ok(close(used, byHand));
});

test('what is peeled or scraped off is paid for: 24 g used of 32 g bought cost as much as 32 g, and more packs are bought', () => {
  const biscuits = { name: 'sandwich biscuits', usablePercent: 75, packs: [{ name: 'roll', massG: 320, price: 2.4 }] };
  assert.ok(Math.abs(pricePerGram(biscuits)! * 240 - 2.4) < 1e-12);
  assert.equal(cashToBuy(biscuits, 240), 2.4);
  assert.equal(cashToBuy(biscuits, 241), 4.8);
});
