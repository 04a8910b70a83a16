/** The contents of a pot and its yield, worked by hand: assumed lines, second amounts, boils, pots and bowls. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf, type Ingredient } from '$core/larder';
import { mixtureOf } from '$core/scale';
import type { Line, Preparation } from '$core/slab';
import { boiledTo } from '$core/sugar';
import { near } from '../figures';

const pure = (name: string, part: 'water' | 'sugars' | 'fat'): Ingredient => ({
  name,
  composition: { water: 0, sugars: 0, fat: 0, protein: 0, other: 0, [part]: 100 },
});
const larder = larderOf([
  pure('sugar', 'sugars'),
  pure('water', 'water'),
  pure('oil', 'fat'),
  { name: 'bread flour' },
  { name: 'moon dust' },
  { ...pure('honey syrup', 'sugars'), densityGPerMl: 1.4 },
  { ...pure('grain', 'sugars'), densityGPerMl: 0.5, grainMm: 4 },
  { ...pure('pearl', 'sugars'), densityGPerMl: 0.8, grainMm: 2 },
  { ...pure('rough', 'sugars'), grainMm: 2 },
]);
const mixture = (lines: readonly Line[], rest: Partial<Preparation> = {}) =>
  mixtureOf({ id: 'p', name: 'P', lines: [...lines], ...rest }, larder, undefined, 'metric');
const g = (ingredient: string, quantity: number): Line => ({ ingredient, quantity, unit: 'g' });
const line = (written: Line) => mixture([written]).lines[0]!;

test('a larder line is weighed and composed as the larder says; gaps are filled by its kind, and marked', () => {
  const { ingredient, ...sugar } = line(g('sugar', 200));
  assert.equal(ingredient?.name, 'sugar');
  assert.deepEqual([sugar.massG, sugar.guess, sugar.why], [200, null, null]);
  assert.equal(sugar.composition?.sugars, 100);
  // Flour is 12 % water and weighs 0.53 g a mL; a litre of it is 530 g.
  const flour = line({ ingredient: 'bread flour', quantity: 1, unit: 'l' });
  assert.deepEqual([flour.massG, flour.why, flour.composition?.water], [530, 'no-density', 12]);
  assert.deepEqual(flour.guess, { as: 'flour', of: ['mass', 'composition'] });
  assert.deepEqual(line(g('bread flour', 90)).guess, { as: 'flour', of: ['composition'] });
  // A known composition without a density: only its mass is guessed.
  const sweet = line({ ingredient: 'sugar', quantity: 100, unit: 'ml' });
  assert.deepEqual([sweet.guess?.of, sweet.why], [['mass'], 'no-density']);
  // Its composition is unknown, and one piece of it has no usual weight.
  const dust = line(g('moon dust', 50));
  assert.deepEqual([dust.massG, dust.composition, dust.guess], [50, null, null]);
  const pieces = line({ ingredient: 'moon dust', quantity: 3, unit: 'each' });
  assert.deepEqual([pieces.massG, pieces.guess, pieces.why], [null, null, 'no-unit-mass']);
  const strange = line({ ingredient: 'rye flour', quantity: 100, unit: 'ml' });
  assert.deepEqual([strange.ingredient, strange.massG, strange.why], [null, 53, 'not-in-larder']);
  assert.deepEqual(strange.guess, { as: 'flour', of: ['mass', 'composition'] });
});

test('the second amount of a line weighs what the first cannot', () => {
  const both = (quantity: number, unit: Line['unit']) =>
    line({ ingredient: 'sugar', quantity, unit, also: { quantity: 340, unit: 'g' } });
  assert.deepEqual([both(2, 'cup').massG, both(2, 'cup').why, both(2, 'cup').guess], [340, null, null]);
  assert.equal(both(300, 'g').massG, 300);
  const state = line({
    ingredient: 'honey syrup',
    quantity: 2,
    unit: 'each',
    state: 'warm',
    also: { quantity: 100, unit: 'ml' },
  });
  assert.equal(state.massG, 140);
});

test('200 g of sugar in 100 g of water boiled to 118 °C: what boils off, sticks, comes out, and is in the pot', () => {
  const boil = mixture([g('sugar', 200), g('water', 100)], { cookTo: { celsius: 118 } });
  const table = boiledTo(100, 200, 118);
  near([boil.massInG, boil.evaporatedG], [300, table.evaporatedG]);
  near([boil.massOutG, boil.stuckG], [0.97 * (300 - table.evaporatedG), 0.03 * (300 - table.evaporatedG)]);
  near(boil.massOutRangeG, [0.97 * (300 - table.evaporatedHighG), 0.97 * (300 - table.evaporatedLowG)]);
  assert.ok(boil.massOutRangeG[0] < boil.massOutG && boil.massOutG < boil.massOutRangeG[1]);
  near([boil.waterShare!], [(100 - table.evaporatedG) / (300 - table.evaporatedG)]);
  near([boil.grams!.water, boil.grams!.sugars], [100 - table.evaporatedG, 200]);
  near([boil.pot.waterG, boil.pot.sugarsG, boil.pot.sucroseG], [100, 200, 200]);
  // Sugar of 1.599 and water of 0.997 g a mL, three times as high as they begin.
  assert.equal(boil.vessel.kind, 'pot');
  near([boil.vessel.volumeMl / 3], [200 / 1.599 + 100 / 0.997]);
  const still = mixture([g('sugar', 200), g('water', 100)]);
  assert.deepEqual([still.boil, still.evaporatedG, still.massOutRangeG], [null, 0, [297, 297]]);
  near([still.waterShare!, still.vessel.volumeMl / 1.5], [1 / 3, 200 / 1.599 + 100 / 0.997]);
});

test('only what is in the pot by then boils; butter stirred in afterwards adds neither sugar nor volume', () => {
  const steps = [
    { id: 'boil', text: 'Boil', minutes: 10, cooks: true },
    { id: 'stir', text: 'Stir in', minutes: 2 },
  ];
  const lines = [g('sugar', 200), g('water', 100), { ...g('oil', 6000), addedAt: 'stir' }];
  const late = mixture(lines, { cookTo: { celsius: 118 }, steps });
  const table = boiledTo(100, 200, 118);
  assert.equal(late.boilUnknown, false);
  near([late.massInG, late.evaporatedG], [6300, table.evaporatedG]);
  near([late.pot.waterG, late.pot.sugarsG, late.vessel.volumeMl / 3], [100, 200, 200 / 1.599 + 100 / 0.997]);
  // All in one pot it is not a syrup.
  const early = mixture([g('sugar', 200), g('water', 100), g('oil', 6000)], { cookTo: { celsius: 118 }, steps });
  assert.deepEqual([early.boilUnknown, early.boil], [true, null]);
});

test('a pot of unknown contents is as large as water; one half known, by both halves', () => {
  near([mixture([g('moon dust', 400)]).vessel.volumeMl / 1.5], [400]);
  near([mixture([g('moon dust', 100), g('sugar', 300)]).vessel.volumeMl / 1.5], [100 + 300 / 1.599]);
});

test('a density is exact if at most a tenth is guessed, and assumed beyond', () => {
  assert.equal(mixture([g('sugar', 90), g('bread flour', 10)]).densityFrom, 'composition');
  const guessed = mixture([g('sugar', 89), g('bread flour', 11)]);
  assert.equal(guessed.densityFrom, 'assumed');
  // It is calculated from the assumption all the same: everything is given, if not certain.
  assert.ok(guessed.grams !== null && guessed.densityGPerMl > 1.5);
  near([mixture([g('sugar', 100), g('water', 100)]).densityGPerMl], [200 / (100 / 1.599 + 100 / 0.997)]);
});

test('baked without a stated loss two thirds of the water go, at most a tenth of the mass; cooked in a step without an end point, the stated loss boils off', () => {
  const bake = [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 160 }];
  const cook = [
    { id: 's', text: 'Stir', minutes: 5 },
    { id: 'c', text: 'Simmer', minutes: 5, cooks: true },
  ];
  const wet = [g('sugar', 100), g('water', 100)];
  const out = ({ massOutG, evaporatedG, stuckG }: ReturnType<typeof mixture>) => [massOutG, evaporatedG, stuckG];
  near(out(mixture(wet, { steps: bake })), [180, 20, 0]);
  near(out(mixture([g('sugar', 180), g('water', 20)], { steps: bake })), [187, 13, 0]);
  near(out(mixture([g('sugar', 200)], { steps: bake })), [198, 0, 2]);
  near(out(mixture(wet, { steps: bake, lossPercent: 10 })), [180, 20, 0]);
  near(out(mixture(wet, { steps: cook, lossPercent: 10 })), [180, 20, 0]);
  near(out(mixture(wet, { steps: [cook[0]!], lossPercent: 10 })), [180, 0, 20]);
  near([mixture(wet, { steps: bake, lossPercent: 10 }).waterShare!], [80 / 180]);
  // More boils off than there is water: none of it is left.
  const dry = mixture([g('sugar', 190), g('water', 10)], { steps: bake, lossPercent: 10 });
  assert.deepEqual([dry.waterShare, dry.grams!.water], [0, 0]);
});

test('grains lie side by side, each line on its own area; unknown without bulk density, size or weight', () => {
  // 40 g at 0.5 are 80 mL 4 mm high; 40 g at 0.8 are 50 mL 2 mm high.
  near([mixture([g('grain', 40), g('pearl', 40)]).coversMm2!], [20_000 + 25_000]);
  for (const other of [g('rough', 1), g('sugar', 1), { ingredient: 'pearl', quantity: 1, unit: 'each' } as Line])
    assert.equal(mixture([g('grain', 40), other]).coversMm2, null);
});
