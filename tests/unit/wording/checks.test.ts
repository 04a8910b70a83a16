/** Sentences about checks: each code has its own, with numbers and nouns that agree. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Check } from '$core/check';
import { figuresIn } from '$core/measure';
import { checkText } from '$wording/checks';
import { article, inList, percent, plural } from '$wording/grammar';
import { isSentence } from '../check/holds';

const METRIC = figuresIn(undefined, 'metric');
const said = (code: Check['code'], figures: object) => {
  const text = checkText({ code, where: '/', figures } as unknown as Check, METRIC);
  isSentence(text);
  return text;
};

test('nouns agree with their number', () => {
  assert.deepEqual(
    [0, 1, 2, 12].map((count) => plural(count, 'piece', 'pieces')),
    ['0 pieces', '1 piece', '2 pieces', '12 pieces'],
  );
  assert.deepEqual([[], ['milk'], ['milk', 'egg'], ['milk', 'egg', 'soya']].map(inList), [
    '',
    'milk',
    'milk and egg',
    'milk, egg and soya',
  ]);
  assert.deepEqual(
    [percent(0.125), percent(0.125, 1), percent(0.5, null), percent(0.1234, null)],
    [...['13 %', '12.5 %', '50 %', '12.34 %']],
  );
  assert.deepEqual([article('pot'), article('oven')], ['a pot', 'an oven']);
});

test('one and many unknowns, short and long lists', () => {
  assert.match(
    said('nutrition-unknown', { nutrients: 1, ingredients: ['oats'] }),
    /^1 figure .* is unknown because of oats\./,
  );
  assert.match(
    said('nutrition-unknown', { nutrients: 7, ingredients: ['a', 'b', 'c', 'd', 'e', 'f'] }),
    /^7 figures .* are unknown because of a, b, c, d and 2 more\./,
  );
  assert.match(
    said('claim-unheld', { allergens: ['milk', 'egg'], unknown: ['moss'] }),
    /milk and egg, but 1 ingredient is not/,
  );
  assert.match(said('mixed-uncut', { kinds: 1 }), /^1 piece type is defined/);
  assert.match(said('order-short', { pieces: 1, ordered: 9, lengthMm: 40, widthMm: 20 }), /give 1 whole piece of/);
  assert.match(said('keeps-too-long', { days: 2, limitDays: 1, limitedBy: 'cream' }), /is 2 days, .* only 1 day\./);
  assert.match(
    said('net-short', { pieces: 1, packG: 40, leastG: 45, netG: 50 }),
    /^A pack of the lightest piece weighs/,
  );
});

test('a line of unknown weight says what it counts as, and a weighed one does not', () => {
  const line = { ingredient: 'moss', unit: 'cup', massG: 90, guessedAs: 'flour' };
  assert.match(said('no-density', line), /counts as 90 g, estimated as flour\./);
  assert.match(said('no-density', { ...line, massG: null, guessedAs: null }), /counts as 0 g\./);
  assert.match(said('not-in-larder', { ...line, guessedAs: null }), /its 90 g count, without a price\./);
  assert.match(said('not-in-larder', line), /counts as 90 g, estimated as flour, without a price\./);
  assert.match(
    said('no-price', { ingredient: 'moss', massG: 9, pricedIn: null }),
    /moss has no price, so its 9.* cost nothing/,
  );
  assert.match(
    said('no-price', { ingredient: 'moss', massG: null, pricedIn: 'GBP' }),
    /priced in GBP, so it costs nothing/,
  );
});
