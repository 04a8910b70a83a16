import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  benchAmount,
  benchMass,
  massOf,
  METRIC,
  MEASURES,
  ML_IN,
  mlIn,
  spoonRun,
  UNITS,
  writtenAmount,
} from '$core/measure';

test('cups and spoons have the sizes of their standard', () => {
  assert.equal(mlIn('cup', 'us'), 236.588);
  assert.equal(mlIn('tbsp', 'au'), 20);
  assert.equal(mlIn('tbsp', 'metric'), 15);
  assert.equal(mlIn('pint', 'imperial'), 568.261);
  assert.equal(mlIn('floz', 'metric'), null);
  assert.equal(mlIn('g', 'us'), null);
  // Each standard's own relations: 16 US tablespoons, 16 imperial ones make their cup, 2 imperial cups a pint.
  for (const measures of ['us', 'imperial'] as const)
    assert.ok(Math.abs(16 * ML_IN[measures].tbsp! - ML_IN[measures].cup!) < 0.01);
  assert.ok(Math.abs(2 * ML_IN.imperial.cup! - ML_IN.imperial.pint!) < 0.01);
});

test('published masses: a US cup of a sugar-like powder, an ounce, a stick', () => {
  const weigh = (unit: 'cup' | 'oz' | 'stick' | 'lb', quantity = 1) =>
    massOf({ quantity, unit }, { densityGPerMl: 0.85 }, 'us');
  assert.deepEqual(weigh('cup'), { ok: true, massG: 236.588 * 0.85 });
  assert.deepEqual(weigh('stick', 2), { ok: true, massG: 226.796 });
  assert.deepEqual(weigh('lb'), { ok: true, massG: 453.592 });
});

test('the state of an ingredient sets the density, and a name like constructor sets none', () => {
  const sugar = { densityGPerMl: 0.8, densities: { packed: 0.93 } };
  const cup = (state?: string) => massOf({ quantity: 1, unit: 'cup', state }, sugar, 'metric');
  assert.deepEqual(cup('packed'), { ok: true, massG: 232.5 });
  assert.deepEqual(cup('constructor'), { ok: true, massG: 200 });
  assert.deepEqual(cup(), { ok: true, massG: 200 });
});

test('unknown masses are reported, never guessed', () => {
  const why = (unit: (typeof UNITS)[number], measures: (typeof MEASURES)[number] = 'metric') => {
    const read = massOf({ quantity: 1, unit }, {}, measures);
    return read.ok ? null : read.why;
  };
  assert.equal(why('cup'), 'no-density');
  assert.equal(why('floz'), 'no-such-measure');
  assert.equal(why('each'), 'no-unit-mass');
  assert.equal(why('pack'), 'no-pack');
});

test('law: mass is proportional to the quantity in every unit', () => {
  const stuff = { densityGPerMl: 0.9, unitMassG: 50, packs: [{ name: 'bag', massG: 500 }] };
  fc.assert(
    fc.property(
      fc.constantFrom(...UNITS),
      fc.constantFrom(...MEASURES),
      fc.double({ min: 0.01, max: 1e4, noNaN: true }),
      (unit, measures, quantity) => {
        const single = massOf({ quantity: 1, unit }, stuff, measures);
        const many = massOf({ quantity, unit }, stuff, measures);
        assert.equal(single.ok, many.ok);
        if (single.ok && many.ok) assert.ok(Math.abs(many.massG - single.massG * quantity) < 1e-9 * many.massG);
      },
    ),
  );
});

test('the scale rounds to its step and never to zero', () => {
  assert.equal(benchMass(237.6, 1, METRIC).text, '238 g');
  assert.equal(benchMass(237.6, 5, METRIC).text, '240 g');
  assert.equal(benchMass(0.2, 1, METRIC).text, '1 g');
  assert.equal(benchMass(2.34, 0.1, METRIC).text, '2.3 g');
  assert.equal(benchMass(0, 1, METRIC).text, '0 g');
});

test('spoons in use: whole amounts are measured as a cook would', () => {
  const said = (ml: number, measures: (typeof MEASURES)[number] = 'metric') => spoonRun(ml, measures).text;
  assert.equal(said(30), '2 tbsp');
  assert.equal(said(250), '1 cup');
  assert.equal(said(375), '1 1/2 cups');
  assert.equal(said(5), '1 tsp');
  assert.equal(said(2.5), '1/2 tsp');
  assert.equal(said(20, 'au'), '1 tbsp');
  assert.equal(said(ML_IN.us.cup! * 2 + ML_IN.us.tbsp!, 'us'), '2 cups + 1 tbsp');
});

test('law: spoon measures miss by at most 3 %, or by half of the smallest spoon, and say so', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.4, max: 3000, noNaN: true }), fc.constantFrom(...MEASURES), (ml, measures) => {
      const { text, error } = spoonRun(ml, measures);
      const said = sum(text.split(' + ').map((part) => volumeOf(part, measures)));
      assert.ok(Math.abs(said / ml - 1 - error) < 1e-9, `${text} is ${said} of ${ml}`);
      const halfOfSmallest = ML_IN[measures].tsp! / 16 / ml;
      assert.ok(Math.abs(error) <= Math.max(0.03, halfOfSmallest) + 1e-9, `${text} for ${ml} misses ${error}`);
    }),
    { numRuns: 500 },
  );
});

/** Reads spoon measures back, independently of the code under test. */
function volumeOf(part: string, measures: (typeof MEASURES)[number]): number {
  const words = part.replace(' x ', '*').split(' ');
  const unit = words.pop()!.replace('cups', 'cup') as 'cup' | 'tbsp' | 'tsp';
  const fraction = (text: string) => {
    const [top, bottom = '1'] = text.split('/');
    return Number(top) / Number(bottom);
  };
  const count = sum(
    words.map((word) =>
      word
        .split('*')
        .map(fraction)
        .reduce((a, b) => a * b, 1),
    ),
  );
  return count * ML_IN[measures][unit]!;
}

function sum(values: readonly number[]): number {
  return values.reduce((a, b) => a + b, 0);
}

test('amounts keep the kind of measure in which they were written', () => {
  assert.equal(benchAmount(317.5, 'ml', 316, 'metric', 1, METRIC).text, '320 ml');
  assert.equal(benchAmount(1.2, 'l', 1200, 'metric', 1, METRIC).text, '1200 ml');
  assert.equal(benchAmount(2, 'lb', 907.184, 'us', 5, METRIC).text, '905 g');
  assert.equal(benchAmount(2.5, 'each', 80, 'us', 1, METRIC).text, '2.5');
  assert.equal(writtenAmount(1.5, 'tsp'), '1 1/2 tsp');
  assert.equal(writtenAmount(1 / 3, 'cup'), '1/3 cup');
  assert.equal(writtenAmount(180, 'g'), '180 g');
  assert.equal(writtenAmount(0.41, 'cup'), '0.41 cup');
});
