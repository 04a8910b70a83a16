/** Firmness by temperature and time: laws of every curve, glass transitions and freezing points by hand, and usual waits. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { FURTHER_WAITS } from '../../bench/furtherWaits';
import { MORE_WAITS } from '../../bench/moreWaits';
import { offBy, reckoned, USUAL_WAITS } from '../../bench/usualWaits';
import {
  chocolateFirmness,
  firmAt,
  firmLater,
  firmnessOf,
  freezingPointC,
  glassFirmness,
  glassTransitionC,
  iceFirmness,
  iceLatents,
  latentsOf,
  wantedFirm,
} from '$core/setting';
import { close } from '../figures';

const every = [
  ...(['milk fat', 'coconut fat', 'grain', 'slow gel', 'fast gel', 'baked', 'cold'] as const).map(firmnessOf),
  ...[0, 0.1, 0.4].flatMap((other) => [chocolateFirmness(true, other), chocolateFirmness(false, other)]),
  glassFirmness(-8, false),
  glassFirmness(38, true),
  iceFirmness(-2.4),
];

test('law: nothing is firmer for being warmer, firmness is between 0 and 1, and thresholds are in order', () => {
  const celsius = fc.double({ min: -30, max: 160, noNaN: true });
  fc.assert(
    fc.property(fc.constantFrom(...every), celsius, celsius, (firmness, a, b) => {
      const [cold, warm] = [firmAt(firmness, Math.min(a, b)), firmAt(firmness, Math.max(a, b))];
      assert.ok(cold >= warm - 1e-12 && cold <= 1 && warm >= 0);
      assert.ok(firmness.takesNext <= firmness.cuts + 1e-9 && firmness.cuts <= firmness.packs + 1e-9);
    }),
  );
});

test('law: firmness approaches its final value, by a factor e in its lag, never beyond; in the warmth it falls at once', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom(...every),
      share,
      fc.double({ min: -20, max: 100, noNaN: true }),
      (firmness, firm, celsius) => {
        const rest = firmAt(firmness, celsius);
        const later = firmLater(firm, firmness, celsius, 7);
        assert.ok(rest <= firm ? later === rest : later > firm - 1e-12 && later <= rest);
        // Two steps equal one step of both.
        const twice = firmLater(firmLater(firm, firmness, celsius, 3), firmness, celsius, 4);
        assert.ok(close(later + 1, twice + 1, 1e-9));
      },
    ),
  );
  const fat = firmnessOf('milk fat');
  assert.ok(close(firmLater(0.1, fat, 5, fat.lagMinutes), 0.5 - 0.4 / Math.E));
});

test('solid fat of milk, published: 16 % at 20 C, 29 at 15; half way between, half way', () => {
  const fat = firmnessOf('milk fat');
  assert.deepEqual([firmAt(fat, 20), firmAt(fat, 15), firmAt(fat, 36), firmAt(fat, -5)], [0.16, 0.29, 0, 0.5]);
  assert.ok(close(firmAt(fat, 17.5), 0.225));
});

test('chocolate: untempered it sets two and a half degrees lower, with other fats lower still, and with enough of them it bends', () => {
  const begins = (isTempered: boolean, other: number) => chocolateFirmness(isTempered, other).curve.at(-1)![0];
  assert.deepEqual([begins(true, 0), begins(false, 0), begins(true, 0.2)], [29, 26.5, 26]);
  assert.deepEqual(
    [chocolateFirmness(true, 0).tooFirm, chocolateFirmness(true, 0.2).tooFirm, chocolateFirmness(false, 0).tooFirm],
    [0.93, null, null],
  );
});

test('glass transitions by Gordon and Taylor: dry, and with a tenth of water', () => {
  assert.ok(close(glassTransitionC(0, 0), 52));
  assert.ok(close(glassTransitionC(0, 1), 40));
  // (0.9 x 325.15 + 4.7 x 0.1 x 138.15) / (0.9 + 0.47) = 357.5655 / 1.37 = 260.997 K.
  assert.ok(Math.abs(glassTransitionC(0.1, 0) - (260.997 - 273.15)) < 0.01);
  const fudge = glassTransitionC(0.12, 0);
  assert.ok(fudge < glassTransitionC(0.1, 0) && fudge < glassTransitionC(0.12, -1));
});

test('freezing: 100 g of water with 26 g of sugars begins near -2 C; half is ice at twice that; the latent heat sums to that of the ice', () => {
  // 26 / 260 = 0.1 mol in 100 g: one molal, 1.86 K, and 0.2 for other solutes.
  const freezingC = freezingPointC(100, 26);
  assert.ok(close(freezingC, -2.06));
  assert.equal(freezingPointC(0, 26), -40);
  const heats = iceLatents(0.8, -2).reduce((sum, { jPerKg }) => sum + jPerKg, 0);
  assert.ok(close(heats, 334_000 * 0.8 * (1 - 2 / 18), 1e-9));
  for (const [i, { fromC, toC }] of iceLatents(0.8, -2).entries()) {
    assert.ok(fromC < toC);
    assert.ok(i === 0 || toC === iceLatents(0.8, -2)[i - 1]!.fromC);
  }
});

test('latent heats of fats add up: 45 J for a gram of chocolate, 80 for one of milk fat over its solid part', () => {
  const sum = (latents: readonly { readonly jPerKg: number }[]) => latents.reduce((all, { jPerKg }) => all + jPerKg, 0);
  const tempered = chocolateFirmness(true, 0);
  assert.deepEqual(latentsOf({ chocolate: 1, milkFat: 0, coconutFat: 0 }, tempered), [
    { jPerKg: 45_000, fromC: 20, toC: 29 },
  ]);
  assert.ok(
    close(
      sum(latentsOf({ chocolate: 0, milkFat: 0.5, coconutFat: 0 }, firmnessOf('milk fat'))),
      80_000 * 0.5 * 0.5,
      0.03,
    ),
  );
  assert.ok(
    close(
      sum(latentsOf({ chocolate: 0.5, milkFat: 0.5, coconutFat: 0 }, tempered)),
      22_500 + sum(latentsOf({ chocolate: 0, milkFat: 0.5, coconutFat: 0 }, tempered)),
    ),
  );
  assert.deepEqual(latentsOf({ chocolate: 0, milkFat: 0, coconutFat: 0 }, tempered), []);
});

test('what never gets firm enough counts at its firmest if it may be soft; chocolate does not, and nothing does in the heat', () => {
  const fat = firmnessOf('milk fat');
  assert.equal(wantedFirm(0.3, fat, 4), 0.3);
  assert.ok(close(wantedFirm(0.3, fat, 20), 0.9 * 0.16));
  assert.equal(wantedFirm(0.3, fat, 30), 0.3);
  assert.equal(wantedFirm(0.5, chocolateFirmness(true, 0), 27), 0.5);
});

test('usual waits at the bench: a typical factor of at most 1.35, none off by more than two', () => {
  const off = [...USUAL_WAITS, ...FURTHER_WAITS, ...MORE_WAITS]
    .map((wait) => {
      const minutes = reckoned(wait);
      assert.ok(minutes !== null, wait.what);
      const factor = offBy(minutes, wait.usual);
      assert.ok(factor <= 2, `${wait.what}: ${minutes}`);
      return factor;
    })
    .sort((a, b) => a - b);
  assert.ok(off[off.length >> 1]! <= 1.35);
});
