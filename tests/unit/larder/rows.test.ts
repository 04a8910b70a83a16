import { reasonText } from '$wording/problems';
/** Rows of the larder and price tables read over the larder, cell by cell; densities and cells by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  densityOfMixture,
  guardedCell,
  ingredientFromRow,
  ingredientSchema,
  larderOf,
  plainName,
  pricedFromRow,
  priceRowsOf,
  rowOfIngredient,
  unguardedCell,
  type Ingredient,
} from '$core/larder';
import { problemsOf } from '$core/validation';
import { near } from '../figures';

/** An ingredient with every field filled in. */
const BUTTER: Ingredient = {
  name: 'butter',
  aliases: ['beurre', 'best butter'],
  densityGPerMl: 0.91,
  densities: { melted: 0.87, whipped: 0.5 },
  unitMassG: 14,
  composition: {
    ...{ water: 15, sugars: 0.7, fat: 82, protein: 0.8, other: 1.5 },
    ...{ salt: 1.4, saturates: 52, starch: 0, fibre: 0 },
  },
  sugarKinds: { sucrose: 0, lactose: 0.7, mono: 0, glucoseSyrup: 0 },
  allergens: ['milk'],
  diets: ['vegetarian', 'halal'],
  madeOf: [{ ingredient: 'cream', percent: 98 }, { ingredient: 'salt' }],
  usualPercent: { from: 5, to: 40 },
  grainMm: 2,
  usablePercent: 99,
  heldG: 500,
  minimumStockG: 750,
  shelf: 'Fridge',
  labelName: 'Salted butter',
  keepDays: { room: 2, fridge: 60, freezer: 300 },
  source: 'a public table',
  packs: [
    { name: 'block', massG: 250, price: 2.4, pricedOn: '2026-05-31', currency: 'GBP', supplier: 'Dairy round' },
    { name: 'case', massG: 5000, price: 44 },
  ],
};
const ROW = rowOfIngredient(BUTTER);

const read = (row: Record<string, string>, before: Ingredient | null = null): Ingredient => {
  const found = ingredientFromRow(row, before);
  assert.ok(found.ok, JSON.stringify(found));
  return found.value;
};
const refused = (row: Record<string, string>, before: Ingredient | null = null) => {
  const found = ingredientFromRow(row, before);
  assert.ok(!found.ok);
  return found.problems.map(({ column, reason }) => `${column}: ${reasonText(reason)}`);
};

test('each fact has its own column', () => {
  assert.deepEqual(ROW, {
    name: 'butter',
    aliases: 'beurre; best butter',
    g_per_ml: '0.91',
    g_per_ml_by_state: 'melted=0.87; whipped=0.5',
    one_weighs_g: '14',
    water: '15',
    sugars: '0.7',
    sucrose: '0',
    lactose: '0.7',
    mono: '0',
    glucose_syrup: '0',
    fat: '82',
    protein: '0.8',
    other: '1.5',
    salt: '1.4',
    saturates: '52',
    added_sugars: '',
    starch: '0',
    fibre: '0',
    allergens: 'milk',
    diets: 'vegetarian; halal',
    made_of: 'cream=98; salt',
    usual_from_percent: '5',
    usual_to_percent: '40',
    grain_mm: '2',
    usable_percent: '99',
    held_g: '500',
    minimum_stock_g: '750',
    shelf: 'Fridge',
    label_name: 'Salted butter',
    keeps_days_room: '2',
    keeps_days_fridge: '60',
    keeps_days_freezer: '300',
    source: 'a public table',
    pack: 'block',
    pack_g: '250',
    price: '2.4',
    priced_on: '2026-05-31',
    currency: 'GBP',
    supplier: 'Dairy round',
  });
  assert.deepEqual(Object.values(rowOfIngredient({ name: 'x' })).filter(Boolean), ['x']);
  assert.deepEqual(read(ROW), { ...BUTTER, packs: [BUTTER.packs![0]!] });
  assert.deepEqual(read(ROW, BUTTER), BUTTER);
});

test('an empty cell leaves what is there; each other cell changes only its own field', () => {
  const name = { name: 'BUTTER' };
  assert.deepEqual(read(name, BUTTER), BUTTER);
  assert.deepEqual(read({ name: ' x ' }), { name: 'x' });
  const change = (row: Record<string, string>) => read({ ...name, ...row }, BUTTER);
  assert.deepEqual(change({ aliases: ' ghee ; ; oil' }).aliases, ['ghee', 'oil']);
  assert.deepEqual(change({ g_per_ml: '0.9' }).densityGPerMl, 0.9);
  assert.deepEqual(change({ g_per_ml_by_state: 'soft = 0.8; odd' }).densities, { soft: 0.8 });
  assert.equal(change({ one_weighs_g: '15' }).unitMassG, 15);
  assert.deepEqual(change({ fat: '80' }).composition, { ...BUTTER.composition, fat: 80 });
  assert.deepEqual(change({ salt: '2' }).composition, { ...BUTTER.composition, salt: 2 });
  assert.deepEqual(change({ lactose: '0.6' }).sugarKinds, { ...BUTTER.sugarKinds, lactose: 0.6 });
  assert.deepEqual(change({ glucose_syrup: '0.1' }).sugarKinds, { ...BUTTER.sugarKinds, glucoseSyrup: 0.1 });
  assert.deepEqual(change({ allergens: 'Milk; EGG' }).allergens, ['milk', 'egg']);
  assert.deepEqual(change({ diets: 'vegan' }).diets, ['vegan']);
  assert.deepEqual(change({ made_of: 'cream' }).madeOf, [{ ingredient: 'cream' }]);
  assert.deepEqual(change({ usual_from_percent: '6', usual_to_percent: '30' }).usualPercent, { from: 6, to: 30 });
  // One end of a range alone is ignored.
  assert.deepEqual(change({ usual_from_percent: '6' }).usualPercent, BUTTER.usualPercent);
  assert.deepEqual(change({ usual_to_percent: '6' }).usualPercent, BUTTER.usualPercent);
  assert.equal(change({ usable_percent: '90' }).usablePercent, 90);
  assert.equal(change({ label_name: 'Butter' }).labelName, 'Butter');
  assert.equal(change({ source: 'me' }).source, 'me');
  assert.equal(change({ minimum_stock_g: '0' }).minimumStockG, 0);
  assert.equal(change({ shelf: 'Cellar' }).shelf, 'Cellar');
  for (const [column, place] of [
    ['keeps_days_room', 'room'],
    ['keeps_days_fridge', 'fridge'],
    ['keeps_days_freezer', 'freezer'],
  ] as const)
    assert.deepEqual(change({ [column]: '7' }).keepDays, { ...BUTTER.keepDays, [place]: 7 });
});

test('invalid cells are reported with their column: unknown words, numbers, dates, and missing parts of 100 g', () => {
  assert.deepEqual(refused({ name: ' ' }), ['name: Enter the name of the ingredient']);
  assert.match(
    refused({ name: 'x', allergens: 'milk; dust' })[0]!,
    /^allergens: "dust" is not known\. Use one of: gluten, /,
  );
  assert.deepEqual(refused({ name: 'x', diets: 'paleo' }), [
    'diets: "paleo" is not known. Use one of: vegetarian, vegan, halal, kosher',
  ]);
  assert.match(refused({ name: 'x', fat: 'much' })[0]!, /^fat: /);
  assert.match(refused({ name: 'x', made_of: 'cream=lots' })[0]!, /^made_of: cream=lots: /);
  assert.match(refused({ name: 'x', priced_on: '2026-02-30' })[0]!, /^priced_on: Enter a date/);
  assert.deepEqual(refused({ name: 'x', pack: 'bag' }), ['pack_g: Enter the weight of bag, g']);
  const parts = { water: '10', sugars: '20', fat: '30', protein: '5' };
  assert.deepEqual(refused({ name: 'x', ...parts }), ['water: Enter all five: water, sugars, fat, protein, other']);
  assert.equal(read({ name: 'x', ...parts, other: '35' }).composition!.other, 35);
});

test('a pack named again comes first; the date and currency of a price stay as long as the price does, the supplier always', () => {
  const packs = (row: Record<string, string>) => read({ name: 'butter', ...row }, BUTTER).packs!;
  const [block, box] = BUTTER.packs!;
  const supplier = 'Dairy round';
  assert.deepEqual(packs({ pack: 'case' }), [box, block]);
  assert.deepEqual(packs({ pack: 'block', price: '2.4' }), [block, box]);
  assert.deepEqual(packs({ pack: 'block', price: '2.5' })[0], { name: 'block', massG: 250, price: 2.5, supplier });
  assert.deepEqual(packs({ pack: 'block', price: '2.5', priced_on: '2026-06-01', currency: 'eur' })[0], {
    ...{ name: 'block', massG: 250, price: 2.5, pricedOn: '2026-06-01', currency: 'EUR', supplier },
  });
  assert.equal(packs({ pack: 'block', supplier: 'Mill' })[0]!.supplier, 'Mill');
  assert.deepEqual(packs({ pack: 'tub', pack_g: '400' }), [{ name: 'tub', massG: 400 }, block, box]);
  assert.deepEqual(read({ name: 'x', pack: 'tub', pack_g: '400' }).packs, [{ name: 'tub', massG: 400 }]);
});

test('a row of prices sets one pack, adds a new one, and says what it lacks', () => {
  const larder = larderOf([BUTTER, { name: 'salt' }]);
  const find = (name: string) => larder.get(name) ?? null;
  const priced = (row: Record<string, string>) => {
    const found = pricedFromRow(row, find);
    return found.ok
      ? found.value.packs
      : found.problems.map(({ column, reason }) => `${column}: ${reasonText(reason)}`);
  };
  const [block, box] = BUTTER.packs!;
  const supplier = 'Dairy round';
  assert.deepEqual(priced({ ingredient: 'Best  Butter', pack: 'case', price: '45' }), [
    block,
    { name: 'case', massG: 5000, price: 45 },
  ]);
  assert.deepEqual(priced({ ingredient: 'butter', pack: 'block', price: '2.4' }), [block, box]);
  assert.deepEqual(priced({ ingredient: 'butter', pack: 'block', price: '3' })![0], {
    ...{ name: 'block', massG: 250, price: 3, supplier },
  });
  assert.deepEqual(priced({ ingredient: 'salt', pack: 'bag', pack_g: '1000', price: '1' }), [
    { name: 'bag', massG: 1000, price: 1 },
  ]);
  assert.deepEqual(priced({ ingredient: 'dust' }), ['ingredient: The larder has no "dust". Add it first']);
  assert.deepEqual(priced({ ingredient: 'salt', price: '1' }), ['pack: Enter the name of the pack']);
  assert.deepEqual(priced({ ingredient: 'salt', pack: 'bag', price: '1' }), ['pack_g: Enter the weight of bag, g']);
  assert.deepEqual(priced({ ingredient: 'butter', pack: 'block' }), ['price: Enter the price of the pack']);
  const wrong = priced({ ingredient: 'butter', pack: 'block', price: 'free' }) as string[];
  assert.ok(wrong.length === 1 && wrong[0]!.startsWith('price: '));
});

test('packs as rows of prices', () => {
  assert.deepEqual(priceRowsOf({ name: 'x' }), []);
  assert.deepEqual(priceRowsOf({ ...BUTTER, packs: [BUTTER.packs![0]!, { name: 'loose', massG: 1 }] }), [
    {
      ingredient: 'butter',
      pack: 'block',
      pack_g: '250',
      price: '2.4',
      priced_on: '2026-05-31',
      currency: 'GBP',
      supplier: 'Dairy round',
    },
    { ingredient: 'butter', pack: 'loose', pack_g: '1', price: '', priced_on: '', currency: '', supplier: '' },
  ]);
});

test('cells that would run as formulas are guarded, part by part, and restored; negative numbers stay numbers', () => {
  for (const [cell, guarded] of [
    ['=1+1', "'=1+1"],
    ['+a', "'+a"],
    ['@x', "'@x"],
    ['-x', "'-x"],
    ['\tx', "'\tx"],
    ['-1.5', '-1.5'],
    ['-1x', "'-1x"],
    ['a=b', 'a=b'],
    ['x-1', 'x-1'],
    ['plain; =sum; -2; -z', "plain; '=sum; -2; '-z"],
  ] as const) {
    assert.equal(guardedCell(cell), guarded, cell);
    assert.equal(unguardedCell(guarded), cell, guarded);
  }
  assert.equal(unguardedCell("'quoted'"), "'quoted'");
  assert.equal(unguardedCell("it's '=x"), "it's '=x");
});

test('density is mass over the volumes of the parts, by the figures of Choi and Okos', () => {
  const none = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  assert.equal(densityOfMixture(none), null);
  near([densityOfMixture({ ...none, fat: 40 })!], [0.925]);
  near([densityOfMixture({ ...none, water: 50, sugars: 50 })!], [100 / (50 / 0.997 + 50 / 1.599)]);
  near(
    [densityOfMixture({ water: 10, sugars: 20, fat: 30, protein: 15, other: 25 })!],
    [100 / (10 / 0.997 + 20 / 1.599 + 30 / 0.925 + 15 / 1.33 + 25 / 1.599)],
  );
});

test('names are compared without case and spaces, names outrank aliases, and the first of two wins', () => {
  assert.equal(plainName('  Rye \t Flour '), 'rye flour');
  const [first, second, third]: Ingredient[] = [
    { name: 'flour', aliases: ['sugar'] },
    { name: 'Flour' },
    { name: 'sugar', aliases: ['flour', 'caster'] },
  ];
  const larder = larderOf([first!, second!, third!]);
  assert.deepEqual([larder.get('flour'), larder.get('sugar'), larder.get('caster')], [first, third, third]);
});

test('parts of 100 g add up to at most 101; a currency is three capital letters', () => {
  const paths = (of: Partial<Ingredient>) =>
    problemsOf(ingredientSchema, { name: 'x', ...of }).map((problem) => `${problem.path}: ${reasonText(problem)}`);
  const parts = { water: 20, sugars: 20, fat: 20, protein: 20, other: 21 };
  assert.deepEqual(paths({ composition: parts }), []);
  for (const part of ['water', 'sugars', 'fat', 'protein', 'other'] as const)
    assert.deepEqual(
      paths({ composition: { ...parts, [part]: parts[part] + 0.5 } }),
      ['/composition: The parts of 100 g add up to more than 101 g'],
      part,
    );
  const pack = (currency: string) => paths({ packs: [{ name: 'p', massG: 1, price: 1, currency }] });
  assert.deepEqual(pack('EUR'), []);
  for (const wrong of ['eur', 'EURO', 'EU', 'AEUR', 'E1R'])
    assert.deepEqual(pack(wrong), ['/packs/0/currency: Enter a currency code of three letters, such as EUR'], wrong);
});

test('"none" declares that there are no allergens, an empty cell changes nothing, and both are exported again', () => {
  const of = (allergens: string) => {
    const read = ingredientFromRow({ name: 'oat syrup', allergens }, null);
    assert.ok(read.ok);
    return read.value.allergens;
  };
  assert.deepEqual([of('none'), of(''), of('Milk; soya')], [[], undefined, ['milk', 'soya']]);
  assert.equal(rowOfIngredient({ name: 'oat syrup', allergens: [] }).allergens, 'none');
  assert.equal(rowOfIngredient({ name: 'oat syrup' }).allergens, '');
});
