/** Methods in other voices: the passive, and amounts that stand only in the sentences. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { activeVoice } from '$core/method/activeVoice';
import { amountsInSentence, hasAmountsInSentences } from '$core/recipe/amountsInSentence';

test('the passive becomes an instruction; results and conditions stay as they are', () => {
  for (const [passive, active] of [
    ['The chocolate is melted and poured over the base.', 'Melt The chocolate and pour over the base.'],
    [
      'Flour and butter are rubbed together, then baked at 160 °C.',
      'Rub Flour and butter together, then bake at 160 °C.',
    ],
    ['This is left for 2 hours.', 'Leave This for 2 hours.'],
  ] as const)
    assert.equal(activeVoice(passive), active);
  for (const same of [
    'Stir until the sugar is dissolved.',
    'When the caramel is cooled, spread it.',
    'Give everything a good stir so no dry bits are left.',
    'Melt the butter and stir in the sugar.',
  ])
    assert.equal(activeVoice(same), same);
});

test('amounts in sentences become lines where there is no list', () => {
  assert.deepEqual(
    amountsInSentence(
      '1. 100g butter, 150 g of caster sugar and 4 tbsp golden syrup go in a big pan. Heat until melted.',
    ),
    ['100g butter', '150 g of caster sugar', '4 tbsp golden syrup'],
  );
  assert.deepEqual(amountsInSentence('Beat 3 eggs with 1/2 cup sugar until pale.'), ['3 eggs', '1/2 cup sugar']);
  assert.deepEqual(amountsInSentence('Bake for 20 minutes at 180 °C.'), []);
  const said = ['Melt 200 g butter with 100 g sugar.', 'Stir in 250 g oats and press into a tin.'];
  assert.equal(hasAmountsInSentences(said), true);
  for (const list of [
    ['200 g butter', '100 g sugar', ...said],
    ['Butter 200 g', 'Double cream 100 ml', ...said],
    ['200 g butter, 100 ml double cream, 50 g mixed peel', '100 g sugar', ...said],
  ])
    assert.equal(hasAmountsInSentences(list), false);
});
