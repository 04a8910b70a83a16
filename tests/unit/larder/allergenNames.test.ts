/** Allergens that names state: kitchen names with the allergen each one states, and names that only look like it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { allergensInName } from '$core/larder';

const states: Readonly<Record<string, readonly string[]>> = {
  'salted butter': ['milk'],
  'double cream, cold': ['milk'],
  'half-and-half': ['milk'],
  'Greek yogurt': ['milk'],
  'dulce de leche': ['milk'],
  'cream cheese frosting': ['milk'],
  'large free-range eggs': ['egg'],
  '2 egg yolks': ['egg'],
  'crushed meringue': ['egg'],
  'crunchy peanut butter': ['peanut'],
  'roasted peanuts': ['peanut'],
  'almond butter': ['tree nuts'],
  'toasted pecans': ['tree nuts'],
  'pistachio paste': ['tree nuts'],
  'graham crackers': ['gluten', 'wheat'],
  'digestive biscuits': ['gluten', 'wheat'],
  'plain flour': ['gluten', 'wheat'],
  'wholemeal rye flour': ['gluten'],
  'jumbo oats': ['gluten'],
  'soy sauce': ['soya'],
  tahini: ['sesame'],
  'black sesame seeds': ['sesame'],
  'fish sauce': ['fish'],
  'malted milk powder': ['milk', 'gluten'],
  'butter shortbread': ['milk', 'gluten', 'wheat'],
  'mustard powder': ['mustard'],
};

const statesNone = [
  'cocoa butter',
  'coconut milk',
  'coconut condensed milk',
  'sweetened coconut cream',
  'cream of tartar',
  'butternut squash puree',
  'butterscotch sauce',
  'oat-free granola base',
  'eggplant',
  'nutmeg',
  'buckwheat flour',
  'rice flour',
  'gluten-free plain flour',
  'vegan butter',
  'cookie butter',
  'apple butter',
  'chia seeds',
  'maltodextrin',
  'caster sugar',
  'crab apple jelly',
];

for (const [name, allergens] of Object.entries(states))
  test(`"${name}" states ${allergens.join(', ')}`, () =>
    assert.deepEqual([...allergensInName(name)].sort(), [...allergens].sort()));

for (const name of statesNone)
  test(`"${name}" states no allergen`, () => assert.deepEqual([...allergensInName(name)], []));
