/** Money of the settings when the shop's currency changes: turned by a rate, or kept and marked, and whole again on the way back. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { settledPricing } from '../../../src/core/cost';
import { moneyTurned } from '../../../src/core/shop';
import { demoShop as demo } from '../things';

test('by a rate every amount is turned to the new coin, and percentages stay', () => {
  const yen = moneyTurned(demo, { from: 'EUR', to: 'JPY', rate: 160, coin: 1 });
  assert.equal(yen.boxes![0]!.price, Math.round(0.34 * 160));
  assert.equal(yen.channels!.find(({ feeEach }) => feeEach !== undefined)!.feeEach, 96);
  assert.equal(yen.pricing!.labourPerHour, 2800);
  assert.equal(yen.pricing!.overhead!.amount, 720);
  assert.equal(yen.pricing!.taxPercent, 13.5);
  assert.equal(yen.pricing!.currency, undefined);
  const percent = { ...demo, pricing: { overhead: { by: 'percent' as const, amount: 10 } } };
  assert.equal(moneyTurned(percent, { from: 'EUR', to: 'JPY', rate: 160, coin: 1 }).pricing!.overhead!.amount, 10);
});

test('without a rate amounts are marked and not counted, and back in their currency nothing was lost', () => {
  const there = moneyTurned(demo, { from: 'EUR', to: 'JPY', rate: null, coin: 1 });
  assert.equal(there.boxes![0]!.currency, 'EUR');
  assert.equal(there.boxes![0]!.price, 0.34);
  assert.equal(settledPricing(undefined, { ...there, currency: 'JPY' }).labourPerHour, 0);
  assert.equal(settledPricing(undefined, { ...there, currency: 'JPY' }).taxPercent, 13.5);
  const back = moneyTurned(there, { from: 'JPY', to: 'EUR', rate: null, coin: 100 });
  assert.deepEqual(JSON.parse(JSON.stringify(back)), demo);
});

test('what was marked of a third currency stays as it is, whatever the rate', () => {
  const shop = { ...demo, bags: [{ name: 'bag', price: 2, currency: 'GBP' }] };
  const turned = moneyTurned(shop, { from: 'EUR', to: 'USD', rate: 1.1, coin: 100 });
  assert.deepEqual(turned.bags, [{ name: 'bag', price: 2, currency: 'GBP' }]);
});
