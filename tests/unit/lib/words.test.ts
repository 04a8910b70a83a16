/** Figures, money and names as they are shown and written. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { ryeSlice } from '../things';
import { percent } from '../../../src/lib/format/figures';
import { fileName } from '../../../src/lib/format/fileName';
import { coinDigits } from '$core/cost';
import { money } from '../../../src/lib/format/money';
import { placeNamed } from '../../../src/lib/draft/placeNamed';

test('figures are rounded to the digits they deserve', () => {
  assert.deepEqual([0.256, 0.081, 1].map(percent), ['26 %', '8.1 %', '100 %']);
});

test('money in the coins of its currency', () => {
  assert.equal(money(12.5, 'EUR'), '€12.50');
  assert.deepEqual(['EUR', 'JPY', 'KWD'].map(coinDigits), [2, 0, 3]);
  assert.match(money(1234, 'JPY'), /1,234$/);
});

test('law: every slab gets a file name that every system accepts', () => {
  assert.equal(fileName('Rye and treacle slice'), 'rye-and-treacle-slice.slab.json');
  assert.equal(fileName('Crème & Höney'), 'creme-honey.slab.json');
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 300 }), (name) => {
      assert.match(fileName(name), /^[a-z0-9][a-z0-9-]{0,59}\.slab\.json$/);
    }),
  );
});

test('a path in a slab in words: the names of what contains it', () => {
  const { name, text } = { name: ryeSlice.preparations[1]!.name, text: ryeSlice.preparations[1]!.steps![0]!.text };
  assert.equal(placeNamed(ryeSlice, '/preparations/1/steps/0/mostMinutes'), `${name}, ${text}, most minutes`);
  assert.equal(placeNamed(ryeSlice, '/layers/0/from/7/preparation'), 'Base, preparation');
  assert.equal(placeNamed(ryeSlice, '/preparations/0/lines/0'), `${ryeSlice.preparations[0]!.name}, rye flour`);
  assert.deepEqual(
    ['', '/cut/columns', '/x~1y'].map((path) => placeNamed(ryeSlice, path)),
    ['', 'columns', 'x/y'],
  );
});
