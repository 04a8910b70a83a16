import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  ALLERGENS,
  allergensOf,
  EU_ALLERGENS,
  ingredientFromRow,
  LARDER_COLUMNS,
  larderOf,
  pricedFromRow,
  rowOfIngredient,
  US_ALLERGENS,
  ingredientSchema,
} from '$core/larder';
import { limitsAt, problemsOf } from '$core/validation';
import { demoIngredients, demoLarder } from '../things';

test('the demo larder: at least sixty valid ingredients, each with its source and parts that add up to 100 g', () => {
  assert.ok(demoIngredients.length >= 60);
  for (const ingredient of demoIngredients) {
    assert.deepEqual(problemsOf(ingredientSchema, ingredient), [], ingredient.name);
    assert.ok(ingredient.source && ingredient.composition && (ingredient.packs?.length ?? 0) > 0, ingredient.name);
    const { water, sugars, fat, protein, other } = ingredient.composition;
    assert.ok(Math.abs(water + sugars + fat + protein + other - 100) <= 1, ingredient.name);
    const kinds = Object.values(ingredient.sugarKinds ?? {}).reduce((sum, value) => sum + value, 0);
    assert.ok(kinds <= sugars + 1, ingredient.name);
    for (const { ingredient: named } of [...(ingredient.madeOf ?? []), ...(ingredient.alternatives ?? [])]) {
      assert.ok(demoLarder.get(named), `${ingredient.name}: ${named}`);
    }
  }
});

test('allergens: fourteen of the EU, nine of the US, and through a compound of a compound', () => {
  assert.equal(EU_ALLERGENS.length, 14);
  assert.equal(US_ALLERGENS.length, 9);
  assert.ok(
    [...EU_ALLERGENS, ...US_ALLERGENS].every((allergen) => (ALLERGENS as readonly string[]).includes(allergen)),
  );
  const found = allergensOf(demoLarder.get('gianduja')!, demoLarder);
  assert.deepEqual(found.get('tree nuts'), ['gianduja', 'hazelnut praline paste', 'hazelnuts']);
  assert.deepEqual(found.get('milk'), ['gianduja', 'milk chocolate']);
  const round = larderOf([
    { name: 'a', madeOf: [{ ingredient: 'b' }] },
    { name: 'b', madeOf: [{ ingredient: 'a' }], allergens: ['egg'] },
  ]);
  assert.deepEqual([...allergensOf(round.get('a')!, round).keys()], ['egg']);
});

test('law: an ingredient written as a row is read back as the same ingredient', () => {
  for (const ingredient of demoIngredients) {
    const read = ingredientFromRow(rowOfIngredient(ingredient), null);
    assert.ok(read.ok, ingredient.name);
    // Packs after the first and alternatives have no column: they stay when the row is read over the existing entry.
    const whole = ingredientFromRow(rowOfIngredient(ingredient), ingredient);
    assert.ok(whole.ok);
    assert.deepEqual(rowOfIngredient(whole.value), rowOfIngredient(ingredient));
    assert.deepEqual(whole.value.packs, ingredient.packs);
    assert.deepEqual(whole.value.alternatives, ingredient.alternatives);
    assert.deepEqual(read.value.composition, ingredient.composition);
  }
});

test('an empty cell leaves what is there; an invalid one says what to do', () => {
  const butter = demoLarder.get('butter')!;
  const read = ingredientFromRow({ name: 'butter', held_g: '2,5' }, butter);
  assert.ok(read.ok);
  assert.deepEqual({ ...read.value, heldG: butter.heldG }, butter);
  assert.equal(read.value.heldG, 2.5);
  const bad = ingredientFromRow({ name: 'moss', water: 'wet', allergens: 'pollen', priced_on: 'May', fat: '3' }, null);
  assert.ok(!bad.ok);
  assert.deepEqual(
    bad.problems.map(({ column }) => column),
    ['water', 'water', 'priced_on', 'allergens'],
  );
});

test('a price row sets the price of its pack and leaves the others', () => {
  const find = (name: string) => demoLarder.get(name) ?? null;
  const read = pricedFromRow(
    { ingredient: 'Butter', pack: 'block, 250 g', price: '3,05', priced_on: '2026-11-20' },
    find,
  );
  assert.ok(read.ok);
  const { supplier } = demoLarder.get('butter')!.packs![0]!;
  assert.deepEqual(read.value.packs![0], {
    ...{ name: 'block, 250 g', massG: 250, price: 3.05, pricedOn: '2026-11-20', supplier },
  });
  assert.deepEqual(read.value.packs![1], demoLarder.get('butter')!.packs![1]);
  assert.ok(!pricedFromRow({ ingredient: 'moss', pack: 'bag', price: '1' }, find).ok);
  assert.ok(!pricedFromRow({ ingredient: 'butter', pack: 'new bag', price: '1' }, find).ok);
});

test('fuzz: any cells give a valid ingredient, or problems with their columns', () => {
  const cells = fc.dictionary(
    fc.constantFrom(...LARDER_COLUMNS),
    fc.oneof(fc.string(), fc.constantFrom('1', '0,5', 'a=1; b=x', 'milk; egg')),
  );
  fc.assert(
    fc.property(cells, fc.option(fc.constantFrom(...demoIngredients)), (row, before) => {
      const read = ingredientFromRow(row, before);
      if (!read.ok) assert.ok(read.problems.every(({ column, reason }) => reason.code !== 'unusable' && column !== ''));
    }),
    { numRuns: 500 },
  );
});

test('a table accepts exactly what the larder accepts: the limits of each column are those of its field', () => {
  const read = (column: string, text: string) => ingredientFromRow({ name: 'x', [column]: text }, null);
  const limits = {
    ...{
      g_per_ml: 'densityGPerMl',
      one_weighs_g: 'unitMassG',
      grain_mm: 'grainMm',
      held_g: 'heldG',
      minimum_stock_g: 'minimumStockG',
    },
    ...{ usable_percent: 'usablePercent', keeps_days_room: 'keepDays.room', sucrose: 'sugarKinds.sucrose' },
  };
  for (const [column, field] of Object.entries(limits)) {
    const { min, max } = limitsAt(ingredientSchema, field);
    for (const figure of [min, max]) {
      const found = read(column, figure.toLocaleString('en', { useGrouping: false, maximumFractionDigits: 20 }));
      assert.ok(found.ok, `${column} ${figure}`);
      assert.ok(ingredientSchema.isValidSync(found.value), `${column} ${figure}`);
    }
    const over = read(column, String(max * 1.01 + 1));
    assert.ok(!over.ok && over.problems[0]!.column === column, column);
  }
  const state = read('g_per_ml_by_state', 'packed=26');
  assert.ok(!state.ok && state.problems[0]!.column === 'g_per_ml_by_state');
  assert.ok(read('g_per_ml_by_state', 'packed=24').ok);
  const day = ingredientFromRow({ name: 'x', pack: 'bag', pack_g: '5', price: '1', priced_on: '2026-02-31' }, null);
  assert.ok(!day.ok && day.problems[0]!.column === 'priced_on');
});
