import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readPackPrice } from '$core/recipe';

const pack = (text: string, stuff = {}) => {
  const read = readPackPrice(text, stuff, 'metric');
  return read.ok ? [read.pack.price, Math.round(read.pack.massG * 10) / 10, read.pack.name] : read.reason.code;
};

test('a price as people say it: what it costs, and for how much', () => {
  assert.deepEqual(pack('2.75 for 250 g'), [2.75, 250, '250 g']);
  assert.deepEqual(pack('1,20 / 1 kg'), [1.2, 1000, '1 kg']);
  assert.deepEqual(pack('€4,80 a kg'), [4.8, 1000, '1 kg']);
  assert.deepEqual(pack('3.50 € per 1 lb'), [3.5, 453.6, '1 lb']);
  assert.deepEqual(pack('3.60 for 12', { unitMassG: 50 }), [3.6, 600, '12']);
  assert.deepEqual(pack('2 for 500 ml', { densityGPerMl: 1.03 }), [2, 515, '500 ml']);
});

test('what is not a price is answered with what to type', () => {
  for (const text of [
    '',
    '2.75',
    'cheap',
    '2.75 for',
    '2.75 for some butter',
    '2 for 1 tin',
    '-2 for 1 kg',
    '2 for 0 g',
  ])
    assert.equal(pack(text), 'pack-price-expected', text);
  assert.equal(pack('3.60 for 12'), 'pack-size-expected');
  assert.equal(pack('1,200 for 1 kg'), 'number-ambiguous');
});
