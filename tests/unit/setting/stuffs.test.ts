/** What makes layers firm, worked by hand: their curves, latent heats, ice, and the sentence of each. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { LayerCurve } from '$core/heat';
import { METRIC } from '$core/measure';
import {
  chocolateFirmness,
  firmAt,
  firmnessOf,
  freezingPointC,
  glassFirmness,
  iceFirmness,
  iceLatents,
  latentsOf,
  STUFFS,
  wantedFirm,
} from '$core/setting';
import { setReason } from '$core/setting/setReason';
import { setReasonText } from '$wording/setting';
import { near } from '../figures';
import { still } from './still';

const soft = { ...still, setC: null };
const curve: LayerCurve = { warmestC: [60, 31.26], meanC: [], middleC: [], lowerC: [], upperC: [] };

test('each way of setting has its own sentence', () => {
  const reasons = STUFFS.map((stuff) =>
    setReasonText(setReason({ ...soft, firmness: { ...soft.firmness, stuff } }, 20, curve), METRIC),
  );
  assert.ok(reasons.every((reason) => /^A: \S.{12,}\.$/.test(reason)));
  assert.equal(new Set(reasons).size, STUFFS.length);
});

test('why it is not set: not firm enough, or not cold enough, and how warm it stays', () => {
  const of = { layer: 'A', isAssumed: false };
  assert.deepEqual(setReason(soft, null, curve), { ...of, code: 'never-firm', staysAtC: 31.26 });
  const cold = setReason({ ...soft, setC: 24 }, null, curve);
  assert.deepEqual(cold, { ...of, code: 'never-cold', neededC: 24, staysAtC: 31.26 });
});

test('only fats, slow gels, caramels and untempered chocolate are accepted soft in a warm place', () => {
  const soft = (['milk fat', 'coconut fat', 'slow gel', 'grain', 'fast gel', 'baked', 'cold'] as const).filter(
    (stuff) => firmnessOf(stuff).softIsFine,
  );
  assert.deepEqual(soft, ['milk fat', 'coconut fat', 'slow gel']);
  assert.deepEqual(
    [
      glassFirmness(0, false),
      glassFirmness(30, true),
      chocolateFirmness(true, 0),
      chocolateFirmness(false, 0),
      iceFirmness(-2),
    ].map(({ softIsFine }) => softIsFine),
    [true, false, false, true, false],
  );
});

test('a fast gel is half firm at 32.5 °C and liquid at 40; chocolate with an eighth of other fats still cracks, with more it bends', () => {
  near([firmAt(firmnessOf('fast gel'), 32.5), firmAt(firmnessOf('fast gel'), 40)], [0.5, 0]);
  assert.deepEqual([chocolateFirmness(true, 0.12).tooFirm, chocolateFirmness(true, 0.121).tooFirm], [0.93, null]);
});

test('latent heats of fats by range: milk fat in three, coconut fat in one, chocolate over the range of its firmness', () => {
  const none = { chocolate: 0, milkFat: 0, coconutFat: 0 };
  const milk = latentsOf({ ...none, milkFat: 0.5 }, firmnessOf('milk fat'));
  assert.deepEqual(
    milk.map(({ fromC, toC }) => [fromC, toC]),
    [
      [5, 15],
      [15, 25],
      [25, 36],
    ],
  );
  // 40 kJ/kg: from 0.5 to 0.29, to 0.08, to nothing.
  near(
    milk.map(({ jPerKg }) => jPerKg),
    [8400, 8400, 3200],
  );
  const coconut = latentsOf({ ...none, coconutFat: 0.5 }, firmnessOf('coconut fat'));
  assert.deepEqual(coconut, [{ jPerKg: 52_500 * 0.8, fromC: 10, toC: 26 }]);
  const range = (firmness: Parameters<typeof latentsOf>[1]) => {
    const [latent] = latentsOf({ ...none, chocolate: 0.2 }, firmness);
    assert.equal(latent!.jPerKg, 9000);
    return [latent!.fromC, latent!.toC];
  };
  assert.deepEqual(range(firmnessOf('milk fat')), [20, 29]);
  assert.deepEqual(range(chocolateFirmness(true, 0)), [20, 29]);
  assert.deepEqual(range(chocolateFirmness(false, 0)), [17.5, 26.5]);
  assert.deepEqual(range(chocolateFirmness(true, 0.1)), [18.5, 27.5]);
});

test('ice by 1 - Tf / T, as a share of the ice at -18 °C: from -2, from -6 and from -10 °C down', () => {
  // At -8, -12, -5, -3: 3/4, 5/6, 3/5, 1/3 of 8/9.
  const two = iceFirmness(-2);
  assert.deepEqual(
    two.curve.map(([celsius]) => celsius),
    [-18, -12, -8, -5, -3, -2],
  );
  near(
    two.curve.map(([, firm]) => firm),
    [1, 0.9375, 0.84375, 0.675, 0.375, 0],
  );
  near([two.cuts, two.packs, two.takesNext], [0.84375, 0.84375, 0.421875]);
  // At -12 and -8: 1/2 and 1/4 of 2/3.
  const six = iceFirmness(-6);
  assert.deepEqual(
    six.curve.map(([celsius]) => celsius),
    [-18, -12, -8, -6],
  );
  near([...six.curve.map(([, firm]) => firm), six.cuts], [1, 0.75, 0.375, 0, 0.375]);
  // What begins to freeze at -10 is cut a kelvin below that: 1/11 of 4/9.
  near([iceFirmness(-10).cuts], [9 / 44]);
  // What never freezes in a freezer is never firm there.
  assert.deepEqual(iceFirmness(-20).curve, [[-20, 0]]);
  assert.equal(iceFirmness(-20).cuts, 0);
  near([freezingPointC(100, 52)], [-3.92]);
});

test('the heat of ice in growing ranges: 1/3, 3/5 and 4/5 of the water by -3, -5 and -10 °C', () => {
  const found = iceLatents(0.5, -2);
  assert.deepEqual(
    found.map(({ fromC, toC }) => [fromC, toC]),
    [
      [-3, -2],
      [-5, -3],
      [-10, -5],
      [-18, -10],
    ],
  );
  near(
    found.map(({ jPerKg }) => jPerKg / 167_000),
    [1 / 3, 3 / 5 - 1 / 3, 4 / 5 - 3 / 5, 8 / 9 - 4 / 5],
  );
  assert.deepEqual(
    iceLatents(0.5, -4).map(({ fromC, toC }) => [fromC, toC]),
    [
      [-6, -4],
      [-10, -6],
      [-18, -10],
    ],
  );
  // Of half a percent of water only the first stretches matter: 557, 445, 334, 148 J.
  assert.deepEqual(
    iceLatents(0.005, -2).map(({ fromC }) => fromC),
    [-3],
  );
  // Stretches of a tenth of a kelvin and less are left out, whatever their heat.
  assert.deepEqual(
    iceLatents(0.9, -0.06).map(({ fromC }) => fromC),
    [-0.3, -18],
  );
  assert.deepEqual(iceLatents(0.9, -17.95), []);
});

test('counted at its firmest: nine tenths of that, if it is at least an eighth', () => {
  const fat = firmnessOf('milk fat');
  // At 22.5 °C its final firmness is 0.12, which is too little; at 22 it is 0.128.
  assert.equal(wantedFirm(0.3, fat, 22.5), 0.3);
  near([wantedFirm(0.3, fat, 22)], [0.9 * 0.128]);
  // Where it gets that firm, as usual.
  near([wantedFirm(0.1, fat, 20)], [0.1]);
});
