/** Mixtures that hold air: bound grains keep three quarters of their loose volume, soda foams a hard boil; each by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf, type Ingredient } from '$core/larder';
import { plan } from '$core/usecases';
import { blankSlab, type Line, type Preparation, type Slab } from '$core/slab';
import { near } from '../figures';
import { shop } from '../things';

const dry = { water: 4, sugars: 10, fat: 2, protein: 8, other: 76 };
const larder = larderOf([
  { name: 'crisped rice', densityGPerMl: 0.1, composition: dry },
  { name: 'oat biscuit crumbs', densityGPerMl: 0.45, densities: { fine: 0.6 }, composition: dry },
  { name: 'syrup', densityGPerMl: 1.4, composition: { water: 20, sugars: 80, fat: 0, protein: 0, other: 0 } },
  { name: 'sugar', densityGPerMl: 0.85, composition: { water: 0, sugars: 100, fat: 0, protein: 0, other: 0 } },
  {
    name: 'bicarbonate of soda',
    densityGPerMl: 1,
    composition: { water: 0, sugars: 0, fat: 0, protein: 0, other: 100 },
  },
] satisfies Ingredient[]);

const of = (lines: readonly (readonly [string, number, string?])[], part: Partial<Preparation> = {}) => {
  const written = lines.map(([ingredient, quantity, state]): Line => ({
    ingredient,
    quantity,
    unit: 'g',
    ...(state ? { state } : {}),
  }));
  const slab: Slab = {
    ...blankSlab('Airy'),
    preparations: [{ id: 'p', name: 'Mixture', lossPercent: 0, lines: written, ...part }],
    layers: [{ id: 'l', name: 'Layer', spread: 'level', from: [{ preparation: 'p', share: 1 }] }],
  };
  const planned = plan(slab, larder, shop);
  const { densityGPerMl, densityFrom } = planned.preparations[0]!;
  return { densityGPerMl, densityFrom, checks: planned.checks.map(({ code }) => code) };
};

test('grains keep three quarters of their loose volume while the binder fills the gaps', () => {
  // 100 g of crisped rice are 1000 mL, pressed 750; 100 g of syrup are 68 and fit into the gaps.
  const rice = of([
    ['crisped rice', 100],
    ['syrup', 100],
  ]);
  near([rice.densityGPerMl], [200 / 750]);
  assert.equal(rice.densityFrom, 'airy');
  assert.ok(!rice.checks.includes('assumed-density'), 'an estimate, listed among the assumptions and no warning');
});

test('with more binder than gaps there is no air', () => {
  const wet = of([
    ['crisped rice', 10],
    ['syrup', 300],
  ]);
  assert.equal(wet.densityFrom, 'composition');
  assert.ok(wet.densityGPerMl > 1.4);
  // Sugar dissolves and keeps no gaps, however loose it was.
  assert.equal(of([['sugar', 300]]).densityFrom, 'composition');
});

test('the state of a line decides how loose it is; a given density counts', () => {
  near(
    [of([['oat biscuit crumbs', 90]]).densityGPerMl, of([['oat biscuit crumbs', 90, 'fine']]).densityGPerMl],
    [0.6, 0.8],
  );
  const given = of([['crisped rice', 100]], { densityGPerMl: 0.5 });
  assert.deepEqual([given.densityGPerMl, given.densityFrom], [0.5, 'given']);
});

test('soda foams a boil that sets hard, and no other; a pinch does not', () => {
  const boil = (sodaG: number, celsius: number) =>
    of(
      [
        ['syrup', 300],
        ['bicarbonate of soda', sodaG],
      ],
      { cookTo: { celsius } },
    );
  assert.deepEqual([boil(8, 150).densityGPerMl, boil(8, 150).densityFrom], [0.4, 'airy']);
  assert.equal(boil(8, 118).densityFrom, 'composition');
  assert.equal(boil(1, 150).densityFrom, 'composition');
});
