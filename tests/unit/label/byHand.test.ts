/** Labels by hand: rounding by law, names of allergens, words of a product's name, and the length of a list. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  countLabelEntries,
  emphasised,
  ingredientsText,
  keepingOf,
  labelIngredients,
  nutrientRange,
  nutritionOf,
  promisedIn,
  promises,
  roundedEnergy,
  roundedNutrient,
  type LabelIngredient,
  type MadeOf,
  type Nutrient,
} from '$core/label';
import { larderOf, type Composition, type Ingredient } from '$core/larder';

test('rounding in the United States, 21 CFR 101.9(c), on both sides of every step', () => {
  const us = (nutrient: Nutrient, grams: number) => roundedNutrient(nutrient, grams, 'us');
  for (const nutrient of ['fat', 'saturates'] as const)
    assert.deepEqual(
      [0.49, 0.5, 0.74, 0.76, 4.7, 4.99, 5, 5.4, 5.6].map((grams) => us(nutrient, grams)),
      ['0 g', '0.5 g', '0.5 g', '1 g', '4.5 g', '5 g', '5 g', '5 g', '6 g'],
    );
  for (const nutrient of ['carbohydrate', 'sugars', 'fibre', 'protein'] as const)
    assert.deepEqual(
      [0.49, 0.5, 0.99, 1, 1.4, 1.6].map((grams) => us(nutrient, grams)),
      ['0 g', 'less than 1 g', 'less than 1 g', '1 g', '1 g', '2 g'],
    );
  // mg of sodium, of 2.5 times as much salt.
  assert.deepEqual(
    [4.9, 5, 7.6, 137.4, 140, 144, 146].map((mg) => us('salt', (mg * 2.5) / 1000)),
    ['0 mg', '5 mg', '10 mg', '135 mg', '140 mg', '140 mg', '150 mg'],
  );
  assert.deepEqual(
    [4.9, 5, 47, 48, 50, 54, 56].map((kcal) => roundedEnergy(0, kcal, 'us')),
    ['0', '5', '45', '50', '50', '50', '60'],
  );
});

test('rounding in the European Union, guidance of 2012, on both sides of every step', () => {
  const eu = (nutrient: Nutrient, grams: number) => roundedNutrient(nutrient, grams, 'eu');
  for (const nutrient of ['fat', 'carbohydrate', 'sugars', 'fibre', 'protein'] as const)
    assert.deepEqual(
      [0.5, 0.54, 9.94, 10, 10.6].map((grams) => eu(nutrient, grams)),
      ['< 0.5 g', '0.5 g', '9.9 g', '10 g', '11 g'],
    );
  assert.deepEqual(
    [0.1, 0.14, 9.94, 10].map((grams) => eu('saturates', grams)),
    ['< 0.1 g', '0.1 g', '9.9 g', '10 g'],
  );
  assert.deepEqual(
    [0.0125, 0.014, 0.994, 1, 1.26].map((grams) => eu('salt', grams)),
    ['< 0.01 g', '0.01 g', '0.99 g', '1.0 g', '1.3 g'],
  );
  assert.equal(roundedEnergy(1999.6, 477.4, 'eu'), '2000 kJ / 477 kcal');
});

test('an allergen is emphasised where a name states it, in singular or plural, and added after the name where it does not', () => {
  for (const [name, allergen, text] of [
    ['rye flour', 'gluten', '**rye** flour'],
    ['barley malt', 'gluten', '**barley** malt'],
    ['spelt', 'gluten', '**spelt**'],
    ['oat flakes', 'gluten', '**oat** flakes'],
    ['rolled oats', 'gluten', 'rolled **oats**'],
    ['wheaten biscuit', 'wheat', '**wheaten** biscuit'],
    ['wheat flour', 'wheat', '**wheat** flour'],
    ['hazelnut paste', 'tree nuts', '**hazelnut** paste'],
    ['hazelnuts', 'tree nuts', '**hazelnuts**'],
    ['almond', 'tree nuts', '**almond**'],
    ['walnut', 'tree nuts', '**walnut**'],
    ['pecan', 'tree nuts', '**pecan**'],
    ['pistachio', 'tree nuts', '**pistachio**'],
    ['cashew', 'tree nuts', '**cashew**'],
    ['macadamia', 'tree nuts', '**macadamia**'],
    ['Brazil nut', 'tree nuts', '**Brazil nut**'],
    ['prawn', 'crustaceans', '**prawn**'],
    ['shrimps', 'crustaceans', '**shrimps**'],
    ['crab', 'crustaceans', '**crab**'],
    ['shrimp', 'crustaceans', '**shrimp**'],
    ['egg white', 'egg', '**egg** white'],
    ['peanut butter', 'peanut', '**peanut** butter'],
    ['soy sauce', 'soya', '**soy** sauce'],
    ['sulphite', 'sulphites', '**sulphite**'],
    ['Milk powder', 'milk', '**Milk** powder'],
    ['butter', 'milk', 'butter (**milk**)'],
    ['eggplant', 'egg', 'eggplant (**egg**)'],
  ] as const)
    assert.equal(emphasised(name, [allergen]), text);
  assert.equal(emphasised('biscuit', ['gluten', 'wheat', 'milk']), 'biscuit (**wheat**, **milk**)');
  assert.equal(emphasised('sugar', []), 'sugar');
});

const entry = (name: string, percent: number | null, of: LabelIngredient[] = []): LabelIngredient => ({
  ...{ name, percent, of, massG: 10, allergens: [] },
});

test('names of products: singular and plural, other names, and no word that every sweet has', () => {
  assert.ok(promises('Cherry bar', { name: 'cherries' }));
  assert.ok(promises('Lime and coconut slice', { name: 'desiccated coconut' }));
  assert.ok(promises('Rye slice', { name: 'flour', aliases: ['rye flour'] }));
  assert.ok(promises('Honey fudge', { name: 'x', labelName: 'honey' }));
  assert.ok(!promises('Nut fudge bar', { name: 'fudge pieces' }));
  assert.ok(!promises('Gas bar', { name: 'ga' }));
  assert.deepEqual(
    promisedIn(
      [entry('lime juice', 8), entry('sugar', null), entry('paste', null, [entry('lime zest', 2)]), entry('dust', 5)],
      'Limes and moon',
    ),
    [
      { names: ['lime juice', 'lime zest'], percent: 10 },
      { names: ['dust'], percent: 5 },
    ],
  );
});

const named = (name: string, of: readonly string[] = []): Ingredient => ({
  name,
  madeOf: of.map((ingredient) => ({ ingredient })),
});

test('entries of a list are counted with all their components, down to six levels', () => {
  const flat = larderOf([named('a'), named('b', ['a', 'a', 'unknown']), named('c', ['b', 'b'])]);
  const count = (...names: string[]) =>
    countLabelEntries(
      names.map((name) => flat.get(name)!),
      flat,
    );
  assert.deepEqual([count('a'), count('b'), count('c'), count('a', 'b', 'c')], [1, 4, 9, 14]);
  assert.equal(countLabelEntries([], flat), 0);
  const endless = larderOf([named('loop', ['loop'])]);
  assert.equal(countLabelEntries([endless.get('loop')!], endless), 7);
});

const water: Ingredient = { name: 'water', composition: { water: 100, sugars: 0, fat: 0, protein: 0, other: 0 } };
const sugar: Ingredient = { name: 'sugar', composition: { water: 0, sugars: 100, fat: 0, protein: 0, other: 0 } };
const pot = (lines: readonly (readonly [Ingredient | string, number])[], evaporatedG = 0) => ({
  lines: lines.map(([of, massG]) =>
    typeof of === 'string' ? { name: of, ingredient: null, massG } : { name: of.name, ingredient: of, massG },
  ),
  evaporatedG,
  keptShare: 1,
});

test('a list is ordered by mass, then by name; water counts as far as it remains, and is left out up to a twentieth', () => {
  const list = (of: MadeOf, name = 'Bar') =>
    labelIngredients(of, name, larderOf([water, sugar]), undefined, 'eu').map((found) => [found.name, found.massG]);
  assert.deepEqual(
    list({
      pots: [
        pot([
          ['b', 10],
          ['a', 10],
          [sugar, 30],
          ['none', 0],
        ]),
      ],
      massG: 50,
    }),
    [
      ['sugar', 30],
      ['a', 10],
      ['b', 10],
    ],
  );
  // Of 20 g of water 15 boil off: 5 of 100 are a twentieth.
  assert.deepEqual(
    list({
      pots: [
        pot(
          [
            [sugar, 95],
            [water, 20],
          ],
          15,
        ),
      ],
      massG: 100,
    }),
    [['sugar', 95]],
  );
  assert.deepEqual(
    list({
      pots: [
        pot(
          [
            [sugar, 94],
            [water, 21],
          ],
          15,
        ),
      ],
      massG: 100,
    }),
    [
      ['sugar', 94],
      ['water', 6],
    ],
  );
  // Where moisture is lost a percentage refers to what is sold.
  const [only] = labelIngredients(
    {
      pots: [
        pot(
          [
            [sugar, 90],
            [water, 30],
          ],
          40,
        ),
      ],
      massG: 80,
    },
    'Sugar bar',
    larderOf([]),
    undefined,
    'eu',
  );
  assert.equal(only!.percent, 112.5);
  assert.equal(ingredientsText([only!], 'eu'), 'sugar (113 g per 100 g)');
  assert.equal(ingredientsText([entry('salt', 0.5), entry('rye', 100)], 'eu'), 'salt (0.5 %), rye (100 %)');
  assert.equal(ingredientsText([entry('salt', 0.5)], 'us'), 'salt');
});

test('nutrients of an ingredient: by difference, or a range that its composition leaves open', () => {
  const whole: Composition = { water: 10, sugars: 20, fat: 0.2, protein: 5, other: 12 };
  const range = (nutrient: Nutrient, part: Partial<Composition> = {}, name = 'x') =>
    nutrientRange({ name, ingredient: { name, composition: { ...whole, ...part } } }, nutrient);
  assert.deepEqual(nutrientRange({ name: 'x', ingredient: null }, 'fat'), [0, 100]);
  for (const [nutrient, found] of [
    ['fat', [0.2, 0.2]],
    ['protein', [5, 5]],
    ['sugars', [20, 20]],
    ['saturates', [0, 0]],
    ['salt', [0, 12]],
    ['fibre', [0, 12]],
    ['carbohydrate', [20, 32]],
    ['totalCarbohydrate', [20, 32]],
    ['addedSugars', [0, 20]],
  ] as const)
    assert.deepEqual(range(nutrient), found, nutrient);
  assert.deepEqual(range('saturates', { fat: 0.3 }), [0, 0.3]);
  assert.deepEqual(range('salt', { other: 0.2 }), [0, 0]);
  assert.deepEqual(range('fibre', { other: 0.2 }), [0, 0]);
  assert.deepEqual(range('carbohydrate', { other: 0.2 }), [20, 20]);
  assert.deepEqual(range('carbohydrate', { starch: 7 }), [27, 27]);
  assert.deepEqual(range('carbohydrate', { fibre: 3, salt: 1 }), [28, 28]);
  assert.deepEqual(range('carbohydrate', { fibre: 3 }), [29, 29]);
  assert.deepEqual(range('carbohydrate', { fibre: 11, salt: 2 }), [20, 20]);
  // Starch is not fibre, and fibre is not salt.
  assert.deepEqual(range('fibre', { starch: 7 }), [0, 5]);
  assert.deepEqual(range('salt', { starch: 7, fibre: 3 }), [0, 2]);
  // With fibre given it is everything but salt.
  assert.deepEqual(range('totalCarbohydrate', { salt: 2 }), [30, 30]);
  assert.deepEqual(range('totalCarbohydrate', { starch: 7, fibre: 3 }), [30, 30]);
  assert.deepEqual(range('totalCarbohydrate', { starch: 7 }), [27, 32]);
});

test('added sugars: those of sugar and syrup count, those of milk, nuts and flour do not, and for others the larder says', () => {
  const added = (name: string, composition: Partial<Composition>, more: Partial<Ingredient> = {}) =>
    nutrientRange(
      {
        name,
        ingredient: {
          name,
          composition: { water: 2, sugars: 0, fat: 0, protein: 0, other: 0, ...composition },
          ...more,
        },
      },
      'addedSugars',
    );
  assert.deepEqual(added('caster sugar', { sugars: 98 }), [98, 98]);
  assert.deepEqual(added('golden syrup', { sugars: 78, water: 20 }), [78, 78]);
  assert.deepEqual(added('whole milk', { sugars: 4.8, water: 88 }), [0, 0]);
  assert.deepEqual(added('almonds', { sugars: 4, fat: 50, protein: 21, other: 20 }), [0, 0]);
  assert.deepEqual(added('raspberries', { sugars: 5, water: 86 }), [0, 0]);
  assert.deepEqual(added('dark chocolate', { sugars: 45, fat: 35 }), [45, 45]);
  assert.deepEqual(added('milk chocolate', { sugars: 50, fat: 31 }, { allergens: ['milk'] }), [0, 50]);
  // Its lactose belongs to the milk.
  const lactose = { allergens: ['milk' as const], sugarKinds: { lactose: 10 } };
  assert.deepEqual(added('milk chocolate', { sugars: 50, fat: 31 }, lactose), [40, 40]);
  assert.deepEqual(added('biscuits', { sugars: 25, fat: 20, other: 45 }), [0, 25]);
  assert.deepEqual(added('milk chocolate', { sugars: 50, fat: 31, addedSugars: 41 }), [41, 41]);
});

test('a butter without a starch figure leaves nothing unknown; a third of flour without one does', () => {
  const butter = {
    name: 'butter',
    composition: { water: 16, sugars: 0.6, fat: 82, protein: 0.6, other: 0.8, saturates: 52, salt: 0.02 },
  };
  const flour = {
    name: 'flour',
    composition: { water: 12, sugars: 1, fat: 1, protein: 10, other: 76, saturates: 0.2, salt: 0 },
  };
  const made = (grams: number, of: Ingredient) =>
    nutritionOf({
      pots: [
        pot([
          [of, grams],
          [sugar, 200 - grams],
        ]),
      ],
      massG: 200,
    });
  const buttery = made(60, butter);
  assert.deepEqual(buttery.unknown, []);
  // 70 g of sugar, 0.18 of milk sugar, and up to 0.234 more: within the rounding of a gram.
  assert.ok(Math.abs(buttery.carbohydrate! - 70.297) < 0.001, String(buttery.carbohydrate));
  assert.deepEqual(
    buttery.ranges.carbohydrate.map((grams) => Number(grams.toFixed(3))),
    [70.18, 70.414],
  );
  assert.notEqual(buttery.kJ, null);
  const floury = made(60, flour);
  assert.deepEqual(
    floury.unknown.map(({ nutrient, of }) => [nutrient, of]),
    [
      ['carbohydrate', ['flour']],
      ['fibre', ['flour']],
    ],
  );
  assert.equal(floury.kJ, null);
  // All carbohydrate is known once fibre is given.
  assert.equal(floury.totalCarbohydrate, 70 + 0.3 * 77);
});

test('what is unknown is named, and a trace of it is not', () => {
  const of = (unknownG: number) =>
    nutritionOf({
      pots: [
        pot([
          [sugar, 100],
          ['dust', unknownG],
        ]),
      ],
      massG: 100,
    });
  assert.deepEqual(of(0.2).unknown, []);
  assert.equal(of(0.2).sugars, 100);
  assert.deepEqual(of(0.3).unknown[0]!.of, ['dust']);
  // The open part is 11 of 1,700 kJ at 0.3 g, and 74 at 2 g.
  assert.deepEqual(of(0.3).ranges.kJ, [1700, 1711.1]);
  assert.equal(of(2).kJ, null);
  assert.deepEqual([of(0.2).kJ, of(0.2).kcal], [1700, 400]);
  assert.equal(nutritionOf({ pots: [], massG: 0 }).fat, null);
});

test('a slab keeps as long as stated, or as the ingredient that spoils first', () => {
  const keeps = (name: string, room?: number): Ingredient => ({ name, keepDays: room === undefined ? {} : { room } });
  const of = (days: number | undefined, ...all: (Ingredient | null)[]) =>
    keepingOf({ keep: days === undefined ? undefined : { place: 'room', days } }, all);
  assert.deepEqual(of(14, keeps('a', 14), null, keeps('b')), { place: 'room', days: 14, limit: null });
  assert.deepEqual(of(14, keeps('a', 10), keeps('b', 10), keeps('c', 12)).limit, { name: 'a', days: 10 });
  assert.deepEqual(of(undefined), { place: 'room', days: null, limit: null });
  assert.equal(of(undefined, keeps('a', 9)).days, 9);
});
