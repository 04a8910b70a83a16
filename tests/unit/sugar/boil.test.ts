import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import type { Slab } from '$core/slab';
import { boiledTo, sucroseEquivalent, sugarShareAtBoil, waterLeftG } from '$core/sugar';
import { BOILING_TABLE } from '$core/sugar/boilingTable';
import { close } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

test('published values: the handbook table, and points between its entries', () => {
  for (const [share, boilC] of BOILING_TABLE) assert.ok(close(sugarShareAtBoil(boilC), share));
  for (const [boilC, share] of [
    [112, 0.812],
    [116, 0.85],
    [121, 0.888],
    [149, 0.967],
  ] as const) {
    assert.ok(Math.abs(sugarShareAtBoil(boilC) - share) < 0.0011, `${boilC}: ${sugarShareAtBoil(boilC)}`);
  }
  assert.ok(Math.abs(waterLeftG(600, 116) - 105.9) < 0.05);
  assert.equal(sugarShareAtBoil(80), 0);
  assert.equal(sugarShareAtBoil(300), 0.995);
  assert.equal(waterLeftG(600, 100), Infinity);
});

test('law: a hotter syrup holds more sugar, smoothly', () => {
  const temperatures = fc.double({ min: 95, max: 170, noNaN: true });
  fc.assert(
    fc.property(temperatures, temperatures, (a, b) => {
      const [low, high] = [Math.min(a, b), Math.max(a, b)];
      assert.ok(sugarShareAtBoil(low) <= sugarShareAtBoil(high) + 1e-12);
      assert.ok(Math.abs(sugarShareAtBoil(low + 1e-6) - sugarShareAtBoil(low)) < 1e-5);
    }),
  );
});

test('law: what evaporates comes out of the water, within its range, and boiling on boils off more', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 3000, noNaN: true }),
      fc.double({ min: 1, max: 3000, noNaN: true }),
      fc.double({ min: 101, max: 165, noNaN: true }),
      (waterG, sugarG, endC) => {
        const boil = boiledTo(waterG, sugarG, endC);
        assert.ok(close(boil.waterLeftG + boil.evaporatedG, waterG));
        assert.ok(boil.evaporatedLowG <= boil.evaporatedG && boil.evaporatedG <= boil.evaporatedHighG);
        assert.equal(boil.tooDry, boil.evaporatedG === 0);
        if (!boil.tooDry) assert.ok(close(sugarG / (sugarG + boil.waterLeftG), sugarShareAtBoil(endC), 1e-9));
        assert.ok(boiledTo(waterG, sugarG, endC + 1).evaporatedG >= boil.evaporatedG);
      },
    ),
  );
});

test('smaller sugars count for more', () => {
  const syrup = { water: 20, sugars: 80, fat: 0, protein: 0, other: 0 };
  assert.equal(sucroseEquivalent(syrup, undefined), 80);
  assert.equal(sucroseEquivalent(syrup, { glucoseSyrup: 80 }), 64);
  assert.equal(sucroseEquivalent(syrup, { sucrose: 30, mono: 40 }), 30 + 76 + 10);
});

/** The rye slice with its caramel changed. */
function withCaramel(part: object): Slab {
  return {
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation, i) => (i === 1 ? { ...preparation, ...part } : preparation)),
  };
}
const caramel = (slab: Slab) => plan(slab, demoLarder, shop).preparations[1]!;
const codes = (slab: Slab) => plan(slab, demoLarder, shop).checks.map(({ code }) => code);

test('the treacle caramel, worked by hand', () => {
  // In the pot: sugar 330 x 0.999 + treacle 90 x (0.36 + 1.9 x 0.28) + cream 357.84 x 0.029; butter and salt come later.
  const sugarG = 330 * 0.999 + 90 * (0.36 + 1.9 * 0.28) + 357.84 * 0.029;
  const waterInG = 330 * 0.001 + 90 * 0.22 + 357.84 * 0.585;
  const share = sugarShareAtBoil(118);
  const evaporatedG = waterInG - (sugarG * (1 - share)) / share;
  const made = caramel(ryeSlice);
  assert.ok(close(made.evaporatedG, evaporatedG));
  assert.ok(close(made.massOutG, (made.massInG - evaporatedG) * 0.97));
  assert.ok(close(made.stuckG, (made.massInG - evaporatedG) * 0.03));
  const [least, most] = made.massOutRangeG;
  assert.ok(least < made.massOutG && made.massOutG < most && most - least < 40);
});

test('a line added after the boil is not boiled, and one added before it is', () => {
  const early = withCaramel({ lines: ryeSlice.preparations[1]!.lines.map((line) => ({ ...line, addedAt: 'boil' })) });
  // The butter's water boils off too, less what its lactose keeps.
  assert.ok(caramel(early).evaporatedG - caramel(ryeSlice).evaporatedG > 60 * 0.15);
});

test('pot-too-dry and boil-unknown: said, and nothing evaporates', () => {
  const dry = withCaramel({
    lines: [
      { ingredient: 'caster sugar', quantity: 500, unit: 'g' },
      { ingredient: 'water', quantity: 20, unit: 'g' },
    ],
  });
  assert.ok(codes(dry).includes('pot-too-dry'));
  assert.equal(caramel(dry).evaporatedG, 0);
  const moist = withCaramel({
    lines: [
      { ingredient: 'caster sugar', quantity: 500, unit: 'g' },
      { ingredient: 'water', quantity: 90, unit: 'g' },
    ],
  });
  assert.ok(!codes(moist).includes('pot-too-dry'));
  const fat = withCaramel({ lines: [{ ingredient: 'butter', quantity: 500, unit: 'g' }] });
  assert.ok(codes(fat).includes('boil-unknown'));
  assert.equal(caramel(fat).evaporatedG, 0);
});
