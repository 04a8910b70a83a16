/** Lines with sums, differences, packs and odd abbreviations, written down before they were read. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readLine } from '$core/recipe';
import { demoLarder } from '../things';

const read = (text: string) => readLine(text, 'us', demoLarder);
/** Text, quantity, unit, ingredient; a status other than "read" last. */
const LINES: readonly (readonly [string, number, string, string, string?])[] = [
  ['1 stick plus 2 Tbsp. butter', 1.25, 'stick', 'butter'],
  ['2/3 cup less a tablespoon oil', 2 / 3 - 1 / 16, 'cup', 'oil'],
  ['1 whole tin coconut milk', 1, 'pack', 'coconut milk'],
  ['2-3 Tbs. cream', 2, 'tbsp', 'cream'],
  ['1 Tbl vanilla extract', 1, 'tbsp', 'vanilla extract'],
  ['5 eggs', 5, 'each', 'eggs'],
  ['a dozen eggs', 12, 'each', 'eggs'],
  ['1 stick + 1 tablespoon unsalted butter, softened', 1.125, 'stick', 'unsalted butter'],
  ['3/4 cup minus 2 tsp caster sugar', 0.75 - 2 / 48, 'cup', 'caster sugar'],
  ['1 cup less 2 Tbsp plain flour', 0.875, 'cup', 'plain flour'],
  ['2 sticks and 3 tablespoons butter', 2.375, 'stick', 'butter'],
  ['half a dozen egg yolks', 6, 'each', 'egg yolks'],
  ['1 large bar (100 g) dark chocolate', 1, 'pack', 'dark chocolate'],
  ['1 entire jar peanut butter', 1, 'pack', 'peanut butter'],
  ['two and a half cups oats', 2.5, 'cup', 'oats'],
  ['2 heaped Tbl cocoa powder', 2, 'tbsp', 'cocoa powder', 'check'],
  ['1 to 2 Tbs milk', 1, 'tbsp', 'milk'],
  ['4-5 tbsps golden syrup', 4, 'tbsp', 'golden syrup'],
  ['1 1/2 sticks plus 1 tsp butter', 1.5 + 1 / 24, 'stick', 'butter'],
  ['1 c. sugar', 1, 'cup', 'sugar'],
  ['2 T honey', 2, 'tbsp', 'honey'],
  ['3 t salt', 3, 'tsp', 'salt'],
  ['1 lb. 2 oz. dark chocolate', 1.125, 'lb', 'dark chocolate'],
  ['1 x 397g tin condensed milk', 1, 'pack', 'condensed milk'],
  ['a scant cup sugar', 1, 'cup', 'sugar'],
  ['1/4 cup plus 2 tsps water', 0.25 + 2 / 48, 'cup', 'water'],
  ['1/4 cup plus a teaspoon water', 0.25 + 1 / 48, 'cup', 'water'],
  ['zest of 2 lemons', 2, 'each', 'lemon zest'],
  ['one 14-oz can sweetened condensed milk', 1, 'pack', 'sweetened condensed milk'],
  ['50g each dried cherries and pistachios', 50, 'g', 'each dried cherries and pistachios', 'check'],
  ['8 oz. (1 cup) butter plus extra for greasing', 8, 'oz', 'butter'],
  ['1 pkt gelatine', 1, 'pack', 'gelatine'],
  ['2 dozen caramels', 24, 'each', 'caramels'],
  ['1-1/2 cups flour', 1.5, 'cup', 'flour'],
  ['1½–2 cups icing sugar, as needed', 1.5, 'cup', 'icing sugar'],
  ['approx. 200 g butter', 200, 'g', 'butter'],
  ['200-250g digestives', 200, 'g', 'digestives'],
  ['6 tbsp. + 2 tsp. butter', 6 + 2 / 3, 'tbsp', 'butter'],
];

test('lines as people type them', () => {
  for (const [text, quantity, unit, ingredient, status = 'read'] of LINES) {
    const line = read(text);
    assert.ok(Math.abs((line.quantity ?? NaN) - quantity) < 1e-4, `${text}: ${line.quantity}`);
    assert.deepEqual([line.unit, line.ingredient, line.status], [unit, ingredient, status], text);
  }
});

test('a name that still begins with an amount is asked about, never green', () => {
  for (const text of ['113 g of plus 2 Tbsp. butter', '2 eggs plus 1 cup milk', '1 pack plus 50 g biscuits']) {
    const line = read(text);
    assert.equal(line.status, 'check', text);
    assert.ok(
      line.notes.some(({ code }) => code === 'amount-left'),
      text,
    );
  }
  for (const text of ['2 cup cakes', '1 stick butter', '1 tin plum tomatoes', '3 oz dark chocolate'])
    assert.ok(
      read(text).notes.every(({ code }) => code !== 'amount-left'),
      text,
    );
});

test('a knob of butter has no amount, whether it is one or two', () => {
  assert.equal(read('1 knob butter').status, read('a knob of butter').status);
  assert.equal(read('1 knob butter').quantity, null);
});
