/** Labels by market: what is printed, allergens in its words, servings and daily values. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  allergenTerms,
  figureOf,
  percentDaily,
  PROFILE_FACTS,
  servingOf,
  unnamedKinds,
  type LabelIngredient,
} from '$core/label';
import { ALLERGENS, type Allergen } from '$core/larder';
import { LABEL_PROFILES } from '$core/shop';
import { labelFor, plan } from '$core/usecases';
import { labelBlocks } from '../../../src/lib/format/labelText';
import { labelDay, servingsText, servingText } from '../../../src/wording/en/label';
import { nutritionRows } from '../../../src/wording/en/labelTable';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const part = (name: string, allergens: Allergen[], of: LabelIngredient[] = []): LabelIngredient => ({
  ...{ name, allergens, of, massG: 10, percent: null },
});
const listed = (ingredients: readonly LabelIngredient[]) =>
  ALLERGENS.filter((allergen) => ingredients.some(({ allergens }) => allergens.includes(allergen)));

test('the United States: soy, the kinds of tree nut, wheat and not gluten, sesame, eggs', () => {
  const made = [
    part('hazelnut paste', ['tree nuts']),
    part('marzipan', ['tree nuts'], [part('almonds', ['tree nuts']), part('sugar', [])]),
    part('plain flour', ['gluten', 'wheat']),
    part('rye flour', ['gluten']),
    part('soya lecithin', ['soya']),
    part('tahini', ['sesame']),
    part('egg white', ['egg']),
  ];
  assert.deepEqual(allergenTerms(made, listed(made), 'us'), [
    ...['eggs', 'soy', 'tree nuts (almonds, hazelnuts)', 'sesame', 'wheat'],
  ]);
  assert.deepEqual(unnamedKinds(made, listed(made), 'us'), []);
});

test('Europe and the United Kingdom: cereals and nuts by name; a praline that names no nut is asked about', () => {
  const made = [
    part('praline paste', ['tree nuts']),
    part('plain flour', ['gluten', 'wheat']),
    part('rye flour', ['gluten']),
  ];
  for (const profile of ['eu', 'uk-loose'] as const) {
    assert.deepEqual(allergenTerms(made, listed(made), profile), ['wheat', 'rye', 'nuts']);
    assert.deepEqual(unnamedKinds(made, listed(made), profile), [
      { allergen: 'tree nuts', ingredient: 'praline paste' },
    ]);
  }
  const malt = [part('cereal flakes', ['gluten'])];
  assert.deepEqual(allergenTerms(malt, ['gluten'], 'uk'), ['cereals containing gluten']);
  // The law of the United States asks for wheat alone.
  assert.deepEqual(unnamedKinds(malt, ['gluten'], 'us'), []);
});

test('servings: a small pack is one, a large piece is one, small pieces come closest to the reference amount', () => {
  const serving = (pieceG: number, pieces: number, referenceG = 30) => {
    const found = servingOf(pieceG, pieces, referenceG);
    return [servingText(found), servingsText(found)];
  };
  assert.deepEqual(serving(57, 1), ['1 package (57 g)', '1 serving per container']);
  assert.deepEqual(serving(35, 12), ['1 piece (35 g)', '12 servings per container']);
  assert.deepEqual(serving(20, 12), ['1 piece (20 g)', '12 servings per container']);
  assert.deepEqual(serving(19, 12), ['2 pieces (38 g)', '6 servings per container']);
  assert.deepEqual(serving(8, 10), ['4 pieces (32 g)', '2.5 servings per container']);
  assert.deepEqual(serving(8, 9), ['4 pieces (32 g)', 'about 2.5 servings per container']);
  assert.deepEqual(serving(40, 2, 40), ['1 piece (40 g)', '2 servings per container']);
});

test('daily values of 21 CFR 101.9(c), and none for sugars and protein', () => {
  assert.deepEqual(
    (['fat', 'saturates', 'salt', 'totalCarbohydrate', 'fibre', 'addedSugars'] as const).map((nutrient) =>
      percentDaily(
        nutrient,
        { fat: 39, saturates: 5, salt: 0.575, totalCarbohydrate: 55, fibre: 7, addedSugars: 20 }[nutrient],
      ),
    ),
    [50, 25, 10, 20, 25, 40],
  );
  assert.deepEqual([percentDaily('sugars', 10), percentDaily('protein', 10)], [null, null]);
});

test('a range is a figure while it is no wider than the rounding of its market', () => {
  assert.equal(figureOf('fat', [12, 13], 'eu'), 12.5);
  assert.equal(figureOf('fat', [12, 13.4], 'eu'), null);
  assert.equal(figureOf('fat', [4, 4.3], 'eu'), null);
  assert.equal(figureOf('fat', [4, 4.3], 'us'), 4.15);
  // Both ends are written as less than half a gram.
  assert.equal(figureOf('fibre', [0, 0.5], 'eu'), 0.25);
  assert.equal(figureOf('salt', [0.3, 0.4], 'eu'), null);
});

test('dates in the style of the market', () => {
  assert.equal(labelDay('2026-12-14', 'us'), 'Dec 14, 2026');
  assert.equal(labelDay('2026-12-04', 'eu'), '4 Dec 2026');
  assert.equal(labelDay('2026-12-04', 'uk-direct'), '4 Dec 2026');
});

const draft = (profile: (typeof LABEL_PROFILES)[number], pieces = 6) =>
  labelFor(ryeSlice, demoLarder, shop, plan(ryeSlice, demoLarder, shop), { madeOn: '2026-11-26', pieces, profile });
const textOf = (profile: (typeof LABEL_PROFILES)[number]) =>
  labelBlocks(draft(profile))
    .map((runs) => runs.map(({ text }) => text).join(''))
    .join('\n')
    .replaceAll('\u00a0', ' ');

test('each profile prints what its rules ask for', () => {
  const [us, loose, direct, uk] = [textOf('us'), textOf('uk-loose'), textOf('uk-direct'), textOf('uk')];
  assert.match(us, /Contains: soy, milk\./);
  assert.match(
    us,
    /Nutrition Facts 6 servings per container, serving size: 1 piece \(57 g\)\. Amount per serving: Calories \d+0, Total Fat \d+ g \(\d+ % DV\)/,
  );
  assert.match(us, /Best by Dec 10, 2026/);
  assert.doesNotMatch(us, /\(18 %\)/);
  assert.match(loose, /Contains: rye, soya, milk\./);
  assert.doesNotMatch(loose, /Ingredients|Nutrition|Lot/);
  assert.match(direct, /Ingredients: /);
  assert.doesNotMatch(direct, /Nutrition|%|Contains:/);
  assert.match(uk, /Nutrition per 100 g: Energy .*Best before 10 Dec 2026/s);
  assert.ok(PROFILE_FACTS.us.lacks.includes('trans-fat') && draft('us').lacks.includes('cholesterol'));
});

test('law: every demo slab has a label in every profile, with a figure or a question mark in every row', () => {
  for (const slab of demoSlabs)
    for (const profile of LABEL_PROFILES) {
      const label = labelFor(slab, demoLarder, shop, plan(slab, demoLarder, shop), { madeOn: '2026-11-26', profile });
      const rows = nutritionRows(label.nutrition, label.serving.massG, profile);
      assert.equal(rows.length, PROFILE_FACTS[profile].nutrients.length && PROFILE_FACTS[profile].nutrients.length + 1);
      const unknown = rows.filter(({ per }) => per === '?').length;
      assert.ok(unknown <= label.nutrition.unknown.length + 1, `${slab.name} ${profile}`);
      assert.ok(label.serving.servings >= 1 && label.serving.massG > 0);
    }
});
