/** Labels worked by hand: nutrition after the boil, the list in the order of the law, allergens emphasised, storage. */
import { labelBlocks } from '../../../src/lib/format/labelText';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  dayAfter,
  emphasised,
  ingredientsText,
  keepingOf,
  labelIngredients,
  nutritionOf,
  promises,
  roundedEnergy,
  roundedNutrient,
  type LabelPot,
} from '$core/label';
import { larderOf, type Ingredient } from '$core/larder';
import { plan, labelFor } from '$core/usecases';
import { slabs } from '../anySlab';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const sugar: Ingredient = {
  name: 'caster sugar',
  labelName: 'sugar',
  composition: { water: 0, sugars: 100, fat: 0, protein: 0, other: 0 },
};
const butter: Ingredient = {
  name: 'butter',
  allergens: ['milk'],
  composition: { water: 16, sugars: 0, fat: 82, protein: 1, other: 1, saturates: 52, starch: 0, fibre: 0, salt: 1 },
};
const oats: Ingredient = {
  name: 'rolled oats',
  allergens: ['gluten'],
  composition: { water: 9, sugars: 1, fat: 7, protein: 13, other: 70, saturates: 1.2, starch: 58, fibre: 10, salt: 0 },
};
const water: Ingredient = { name: 'water', composition: { water: 100, sugars: 0, fat: 0, protein: 0, other: 0 } };
const paste: Ingredient = {
  name: 'praline paste',
  madeOf: [
    { ingredient: 'caster sugar', percent: 40 },
    { ingredient: 'hazelnuts', percent: 60 },
  ],
};
const nuts: Ingredient = { name: 'hazelnuts', allergens: ['tree nuts'] };
const larder = larderOf([sugar, butter, oats, water, paste, nuts]);

const pot = (lines: [Ingredient, number][], evaporatedG = 0, keptShare = 1): LabelPot => ({
  lines: lines.map(([ingredient, massG]) => ({ name: ingredient.name, ingredient, massG })),
  evaporatedG,
  keptShare,
});

test('nutrition by hand: 200 g oats, 100 g butter and 100 g sugar, of which 40 g bake off', () => {
  const found = nutritionOf({
    pots: [
      pot(
        [
          [oats, 200],
          [butter, 100],
          [sugar, 100],
        ],
        40,
      ),
    ],
    massG: 360,
  });
  // Fat 14 + 82 = 96 g in 360 g; carbohydrate 2 + 116 + 100 = 218 g; protein 26 + 1; fibre 20; salt 1; saturates 2.4 + 52.
  const of = (grams: number) => (grams / 360) * 100;
  assert.ok(close(found.fat!, of(96)));
  assert.ok(close(found.carbohydrate!, of(218)));
  assert.ok(close(found.sugars!, of(102)));
  assert.ok(close(found.protein!, of(27)));
  assert.ok(close(found.fibre!, of(20)));
  assert.ok(close(found.salt!, of(1)));
  assert.ok(close(found.saturates!, of(54.4)));
  assert.ok(close(found.kJ!, of(17 * 218 + 17 * 27 + 37 * 96 + 8 * 20)));
  assert.ok(close(found.kcal!, of(4 * 218 + 4 * 27 + 9 * 96 + 2 * 20)));
  assert.deepEqual(found.unknown, []);
});

test('what sticks in the pot takes its share of everything along', () => {
  const all = nutritionOf({
    pots: [
      pot([
        [oats, 100],
        [butter, 100],
      ]),
    ],
    massG: 200,
  });
  const stuck = nutritionOf({
    pots: [
      pot(
        [
          [oats, 100],
          [butter, 100],
        ],
        0,
        0.97,
      ),
    ],
    massG: 194,
  });
  assert.ok(close(all.kJ!, stuck.kJ!));
});

test('unknown parts are named and not guessed; traces of them do not matter', () => {
  const rye: Ingredient = { name: 'rye flour', composition: { water: 11, sugars: 1, fat: 2, protein: 11, other: 75 } };
  const found = nutritionOf({
    pots: [
      pot([
        [rye, 100],
        [sugar, 100],
      ]),
    ],
    massG: 200,
  });
  assert.equal(found.carbohydrate, null);
  assert.equal(found.fibre, null);
  assert.equal(found.kJ, null);
  assert.equal(found.fat, 1);
  assert.deepEqual(
    found.unknown.map(({ nutrient }) => nutrient),
    ['saturates', 'carbohydrate', 'fibre', 'salt'],
  );
  assert.deepEqual(found.unknown[0]!.of, ['rye flour']);
  assert.notEqual(
    nutritionOf({
      pots: [
        pot([
          [rye, 0.3],
          [sugar, 199.7],
        ]),
      ],
      massG: 200,
    }).kJ,
    null,
  );
});

test('law: energy equals the sum of its parts, and the parts are at most 100 g', () => {
  for (const slab of demoSlabs) {
    const label = labelFor(slab, demoLarder, shop, plan(slab, demoLarder, shop), { madeOn: '2026-11-26' });
    const { fat, carbohydrate, protein, fibre, sugars, saturates, kJ, kcal, salt } = label.nutrition;
    assert.deepEqual(label.nutrition.unknown, [], slab.name);
    assert.ok(close(kJ!, 37 * fat! + 17 * (carbohydrate! + protein!) + 8 * fibre!));
    assert.ok(close(kcal!, 9 * fat! + 4 * (carbohydrate! + protein!) + 2 * fibre!));
    assert.ok(fat! + carbohydrate! + protein! + fibre! + salt! <= 101, slab.name);
    assert.ok(sugars! <= carbohydrate! + 1e-9 && saturates! <= fat! + 1e-9, slab.name);
  }
});

test('figures written as in the guidance, on both sides of its limits', () => {
  const eu = (nutrient: 'fat' | 'saturates' | 'salt', grams: number) => roundedNutrient(nutrient, grams, 'eu');
  assert.deepEqual(
    [0.5, 0.51, 9.94, 10.4].map((grams) => eu('fat', grams)),
    ['< 0.5 g', '0.5 g', '9.9 g', '10 g'],
  );
  assert.deepEqual(
    [0.1, 0.14].map((grams) => eu('saturates', grams)),
    ['< 0.1 g', '0.1 g'],
  );
  assert.deepEqual(
    [0.0125, 0.013, 0.994, 1.26].map((grams) => eu('salt', grams)),
    ['< 0.01 g', '0.01 g', '0.99 g', '1.3 g'],
  );
  const us = (nutrient: 'fat' | 'fibre' | 'salt', grams: number) => roundedNutrient(nutrient, grams, 'us');
  assert.deepEqual(
    [0.49, 1.3, 4.6, 5.4].map((grams) => us('fat', grams)),
    ['0 g', '1.5 g', '4.5 g', '5 g'],
  );
  assert.deepEqual(
    [0.4, 0.9, 2.6].map((grams) => us('fibre', grams)),
    ['0 g', 'less than 1 g', '3 g'],
  );
  // 0.3 g of salt hold 120 mg of sodium, 1 g 400 mg.
  assert.deepEqual(
    [0.01, 0.3, 1.01].map((grams) => us('salt', grams)),
    ['0 mg', '120 mg', '400 mg'],
  );
  assert.equal(roundedEnergy(1789.4, 427.6, 'eu'), '1789 kJ / 428 kcal');
  assert.deepEqual(
    [4, 43, 212].map((kcal) => roundedEnergy(0, kcal, 'us')),
    ['0', '45', '210'],
  );
});

test('the list by mass at mixing: water as far as it remains, and left out up to a twentieth', () => {
  const syrup = {
    pots: [
      pot(
        [
          [sugar, 300],
          [water, 100],
        ],
        80,
      ),
      pot([[oats, 250]]),
    ],
    massG: 570,
  };
  const list = labelIngredients(syrup, 'Chewy squares', larder, undefined, 'eu');
  assert.deepEqual(
    list.map(({ name }) => name),
    ['sugar', 'rolled oats'],
  );
  const wet = labelIngredients(
    {
      ...syrup,
      pots: [
        pot(
          [
            [sugar, 300],
            [water, 100],
          ],
          50,
        ),
        syrup.pots[1]!,
      ],
    },
    '',
    larder,
    undefined,
    'eu',
  );
  assert.deepEqual(
    wet.map(({ name, massG }) => [name, massG]),
    [
      ['sugar', 300],
      ['rolled oats', 250],
      ['water', 50],
    ],
  );
});

test('the percentage of a named ingredient is of the mass sold where moisture is lost, and may exceed 100', () => {
  const [first] = labelIngredients(
    {
      pots: [
        pot(
          [
            [oats, 200],
            [water, 100],
          ],
          90,
        ),
      ],
      massG: 180,
    },
    'Oat bake',
    larder,
    undefined,
    'eu',
  );
  assert.ok(close(first!.percent!, (200 / 180) * 100));
  assert.match(ingredientsText([first!], 'eu'), /^rolled \*\*oats\*\* \(111 g per 100 g\)$/);
  const dry = labelIngredients(
    {
      pots: [
        pot([
          [oats, 200],
          [sugar, 300],
        ]),
      ],
      massG: 500,
    },
    'Oat bake',
    larder,
    undefined,
    'eu',
  );
  assert.equal(ingredientsText(dry, 'eu'), 'sugar, rolled **oats** (40 %)');
  const us = labelIngredients(
    {
      pots: [
        pot([
          [oats, 200],
          [sugar, 300],
        ]),
      ],
      massG: 500,
    },
    'Oat bake',
    larder,
    undefined,
    'us',
  );
  assert.equal(ingredientsText(us, 'us'), 'sugar, rolled oats');
});

test('a compound lists its ingredients, with their allergens emphasised, and a named part gets its percentage', () => {
  const of = {
    pots: [
      pot([
        [paste, 100],
        [butter, 100],
      ]),
    ],
    massG: 200,
  };
  const list = labelIngredients(of, 'Hazelnut crisp fingers', larder, undefined, 'eu');
  assert.equal(ingredientsText(list, 'eu'), 'butter (**milk**), praline paste (**hazelnuts** (30 %), sugar)');
  assert.deepEqual(list[1]!.allergens, ['tree nuts']);
});

test('allergens are emphasised where the name states them, and added after it where it does not', () => {
  assert.equal(emphasised('rye flour', ['gluten']), '**rye** flour');
  assert.equal(emphasised('plain flour', ['gluten', 'wheat']), 'plain flour (**wheat**)');
  assert.equal(emphasised('whole milk powder', ['milk']), 'whole **milk** powder');
  assert.equal(emphasised('nut butter', ['tree nuts', 'milk']), 'nut butter (**tree nuts**, **milk**)');
  assert.equal(emphasised('sugar', []), 'sugar');
});

test('an ingredient is named by the words of the product name, singular or plural, and not by words that every slab has', () => {
  assert.ok(promises('Hazelnut crisp fingers', { name: 'hazelnuts' }));
  assert.ok(promises('Berry bars', { name: 'mixed berries' }));
  assert.ok(!promises('Oat bar and slice', { name: 'slice of lemon' }));
  assert.ok(!promises('Oat bake', { name: 'goat butter' }));
});

test('the date a number of days after another', () => {
  assert.equal(dayAfter('2026-12-20', 14), '2027-01-03');
  assert.equal(dayAfter('2026-03-28', 1), '2026-03-29');
});

test('it keeps as long as stated, or as its shortest-lived ingredient does there', () => {
  const zest: Ingredient = { name: 'lime zest', keepDays: { room: 5, fridge: 20 } };
  const at = (place: 'room' | 'fridge' | 'marble', days: number) => keepingOf({ keep: { place, days } }, [zest, sugar]);
  assert.deepEqual(at('room', 14), { place: 'room', days: 5, limit: { name: 'lime zest', days: 5 } });
  assert.equal(at('marble', 14).days, 5);
  assert.deepEqual(at('fridge', 14), { place: 'fridge', days: 14, limit: null });
  assert.equal(keepingOf({}, [sugar]).days, null);
});

test('law: what is made of a slab is what is sold of it, and the list names every line', () => {
  fc.assert(
    fc.property(slabs, (slab) => {
      const planned = plan(slab, demoLarder, shop);
      const label = labelFor(slab, demoLarder, shop, planned, { madeOn: '2026-11-26' });
      const inIt = new Set(
        slab.layers.flatMap(({ from }) => from.filter(({ share }) => share > 0).map((part) => part.preparation)),
      );
      for (const { id, lines } of slab.preparations.filter((preparation) => inIt.has(preparation.id)))
        for (const { ingredient } of lines) {
          const name = demoLarder.get(ingredient)!.labelName ?? ingredient;
          assert.ok(
            name === 'water' || label.ingredients.some((ingredient) => ingredient.name === name),
            `${id} ${name}`,
          );
        }
      const masses = label.ingredients.map(({ massG }) => massG);
      assert.deepEqual(
        masses,
        [...masses].sort((a, b) => b - a),
      );
    }),
  );
});

test('uncertain allergens are printed on the label itself and keep it from being printed as final', () => {
  const labelOf = (uncertain?: { assumed: readonly 'sesame'[]; unknownFor: readonly string[] }) =>
    labelFor(ryeSlice, demoLarder, shop, plan(ryeSlice, demoLarder, shop), { madeOn: '2026-11-26', uncertain });
  const isUncertain = ({ problems }: ReturnType<typeof labelOf>) =>
    problems.some(({ code }) => code === 'allergens-uncertain');
  const label = labelOf({ assumed: ['sesame'], unknownFor: ['saltine squares'] });
  assert.ok(isUncertain(label));
  const text = labelBlocks(label)
    .flat()
    .map((run) => run.text)
    .join(' ');
  assert.match(text, /NOT VERIFIED: probably contains\s+sesame/);
  assert.match(text, /ALLERGENS UNKNOWN for\s+saltine squares\s*\. Not for sale/);
  assert.ok(!isUncertain(labelOf()) && !isUncertain(labelOf({ assumed: [], unknownFor: [] })));
});
