/** Amounts in the settings when the shop's currency changes: converted by a rate, or kept and marked, and restored on the way back. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { settledPricing } from '$core/cost';
import { moneyTurned } from '$core/shop';
import { demoShop as demo } from '../things';

test('with a rate every amount is converted to the new currency, and percentages stay', () => {
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

test('without a rate amounts are marked and not counted, and back in their currency nothing is lost', () => {
  const there = moneyTurned(demo, { from: 'EUR', to: 'JPY', rate: null, coin: 1 });
  assert.equal(there.boxes![0]!.currency, 'EUR');
  assert.equal(there.boxes![0]!.price, 0.34);
  assert.equal(settledPricing(undefined, { ...there, currency: 'JPY' }).labourPerHour, 0);
  assert.equal(settledPricing(undefined, { ...there, currency: 'JPY' }).taxPercent, 13.5);
  const back = moneyTurned(there, { from: 'JPY', to: 'EUR', rate: null, coin: 100 });
  assert.deepEqual(JSON.parse(JSON.stringify(back)), demo);
});

test('amounts marked with a third currency stay as they are, whatever the rate', () => {
  const shop = { ...demo, bags: [{ name: 'bag', price: 2, currency: 'GBP' }] };
  const turned = moneyTurned(shop, { from: 'EUR', to: 'USD', rate: 1.1, coin: 100 });
  assert.deepEqual(turned.bags, [{ name: 'bag', price: 2, currency: 'GBP' }]);
});

test('amounts are rounded to the new coin; missing prices stay missing', () => {
  const shop = {
    boxes: [
      { name: 'tin', lengthMm: 100, widthMm: 100, heightMm: 40, price: 1.234 },
      { name: 'free', lengthMm: 100, widthMm: 100, heightMm: 40 },
    ],
    channels: [{ name: 'stall' }, { name: 'cafe', feeEach: 0.37 }],
    pricing: { labourPerHour: 17.77 },
  };
  const turned = moneyTurned(shop, { from: 'EUR', to: 'USD', rate: 1.1, coin: 100 });
  assert.deepEqual(
    turned.boxes!.map(({ name, price }) => [name, price]),
    [
      ['tin', 1.36],
      ['free', undefined],
    ],
  );
  assert.deepEqual(
    turned.channels!.map(({ feeEach }) => feeEach),
    [undefined, 0.41],
  );
  assert.deepEqual(Object.keys(turned).sort(), ['boxes', 'channels', 'pricing']);
  assert.deepEqual(JSON.parse(JSON.stringify(turned.pricing)), { labourPerHour: 19.55 });
  assert.equal(Object.hasOwn(turned.boxes![1]!, 'currency'), false);
  const fils = moneyTurned({ bags: [{ name: 'bag', price: 1 }] }, { from: 'EUR', to: 'KWD', rate: 0.3333, coin: 1000 });
  assert.equal(fils.bags[0]!.price, 0.333);
  assert.deepEqual(moneyTurned({}, { from: 'EUR', to: 'USD', rate: 1.1, coin: 100 }), {});
});
