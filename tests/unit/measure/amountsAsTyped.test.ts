/** Amounts as people type them: in words, by the dozen, with what is counted; and scoops that a kitchen has. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { METRIC, MEASURES, readAmount, readNumber, readQuantity, spoonRun, writtenAmount } from '$core/measure';

const LIMITS = { min: 0, max: 10_000 };
const number = (text: string) => {
  const read = readNumber(text, LIMITS);
  return read.ok ? read.value : null;
};

test('numbers in words and by the dozen', () => {
  for (const [text, value] of [
    ['a dozen', 12],
    ['half a dozen', 6],
    ['two dozen', 24],
    ['1 1/2 dozen', 18],
    ['one', 1],
    ['Three', 3],
    ['a half', 0.5],
    ['half', 0.5],
    ['one and a half', 1.5],
    ['2 and a half', 2.5],
    ['½', 0.5],
    ['1⁄2', 0.5],
    ['3/4', 0.75],
    ['1,5', 1.5],
  ] as const)
    assert.equal(number(text), value, text);
  for (const text of ['a', 'dozen of one', 'none', 'one two', 'and']) assert.equal(number(text), null, text);
});

test('an amount with what is counted: 5 eggs in a field of eggs, and not of lemons', () => {
  const count = (text: string, name: string) => {
    const read = readAmount(text, LIMITS, name);
    return read.ok ? read.value : null;
  };
  assert.equal(count('5 eggs', 'eggs'), 5);
  assert.equal(count('5 eggs', 'free-range egg'), 5);
  assert.equal(count('a dozen eggs', 'eggs, large'), 12);
  assert.equal(count('2 limes', 'lime'), 2);
  assert.equal(count('3 cherries', 'cherry'), 3);
  assert.equal(count('5', 'eggs'), 5);
  assert.equal(count('5 lemons', 'eggs'), null);
  const mass = readQuantity('half a pound', LIMITS, { quantity: 'mass', figures: METRIC, measures: 'us' });
  assert.deepEqual(mass, { ok: true, value: 226.796, understood: '226.796 g' });
});

test('scoops that a kitchen has: one part of a cup, no half tablespoon, and two spoons where two do', () => {
  const us = (cups: number) => spoonRun(cups * 236.588, 'us').text;
  assert.equal(us(1 + 2 / 3 + 0.5), '2 cups + 2 tbsp');
  assert.equal(us(0.72917), '3/4 cup');
  assert.equal(spoonRun(10, 'us').text, '2 tsp');
});

test('law: never more than one part of a cup, never a half tablespoon, and fewer fills than by the teaspoon', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 2500, noNaN: true }), fc.constantFrom(...MEASURES), (ml, measures) => {
      const { text } = spoonRun(ml, measures);
      const parts = text.split(' + ');
      assert.ok(parts.filter((part) => part.includes('cup')).length <= 1, text);
      assert.doesNotMatch(text, /1\/2 tbsp/);
    }),
    { numRuns: 400 },
  );
});

test('an amount is never written with a tail of digits', () => {
  assert.equal(writtenAmount(0.7291663144369114, 'cup'), '0.729 cup');
  assert.equal(writtenAmount(2 / 3, 'cup'), '2/3 cup');
  assert.equal(writtenAmount(113.398, 'g'), '113.4 g');
});

test('the weight of what comes in pieces can be given as a number of them; a bare number is in grams', () => {
  const egg = { name: 'whole egg', massG: 50 };
  const eggs = { quantity: 'mass', figures: METRIC, measures: 'metric' } as const;
  const weighed = (text: string, own: readonly (typeof egg)[] = [egg]) => {
    const [piece] = own;
    const read = readQuantity(text, LIMITS, { ...eggs, piece });
    return read.ok ? [read.value, read.understood] : read.reason.code;
  };
  assert.deepEqual(weighed('5 eggs'), [250, '250 g']);
  assert.deepEqual(weighed('a dozen'), [600, '600 g']);
  assert.deepEqual(weighed('half a dozen eggs'), [300, '300 g']);
  assert.deepEqual(weighed('1 1/2 eggs'), [75, '75 g']);
  assert.deepEqual(weighed('5'), [5, '']);
  assert.deepEqual(weighed('5 g'), [5, '']);
  assert.deepEqual(weighed('90,5'), [90.5, '']);
  assert.deepEqual(weighed('2 oz'), [56.699, '56.699 g']);
  assert.equal(weighed('5 limes'), 'mass-expected');
  assert.equal(weighed('5 eggs', []), 'mass-expected');
  assert.equal(weighed('300 dozen eggs'), 'above-max');
  assert.equal(weighed('-1 egg'), 'below-min');
  const change = readQuantity('-1 egg', { min: -500, max: 500 }, { ...eggs, piece: egg });
  assert.deepEqual(change, { ok: true, value: -50, understood: '-50 g' });
});
