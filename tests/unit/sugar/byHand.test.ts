/** Melting, stages, thermometers at altitude, and the line through readings: figures worked by hand, and published values. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  checkHolds,
  meltingSteps,
  MELTS,
  microwaveBursts,
  probeErrorC,
  shownTooMuchC,
  skinDropC,
  soundReadings,
  STAGE_RANGES,
  stageAt,
  stageRange,
  targetHere,
  TEMPER_CURVES,
  waterBoilsC,
} from '$core/sugar';
import { robustLine } from '$core/sugar/fit';
import { near } from '../figures';

test('bursts of a microwave: 85 J a gram at three tenths of its power', () => {
  // 300 g take 25,500 J; 800 W bring 240 of them a second.
  const { seconds, bursts } = microwaveBursts(300, 800);
  near([seconds], [106.25]);
  assert.equal(bursts, 4);
  assert.equal(microwaveBursts(1, 800).bursts, 1);
  // Exactly two bursts: 60 s x 240 W / 85 J/g.
  assert.equal(microwaveBursts((60 * 240) / 85, 800).bursts, 2);
  assert.equal(microwaveBursts((60.1 * 240) / 85, 800).bursts, 3);
});

test('steps of melting: who is busy, with what, for how long, in their order', () => {
  const told = (melt: (typeof MELTS)[number], massG: number, watts?: number) =>
    meltingSteps(melt, massG, watts).map(({ id, title, minutes, hands, occupies = [], after = [], lays = false }) => [
      ...[id, title.code, minutes, hands, occupies.join(), after.join(), lays],
    ]);
  assert.deepEqual(told('bain-marie', 400), [
    ['water', 'simmer-water', 5, 'free', 'ring', '', false],
    ['melt', 'melt-over-steam', 12, 'watch', 'ring', 'water', false],
  ]);
  // 4 bursts of 30 s, with 20 s to stir each.
  assert.deepEqual(told('microwave', 300), [['melt', 'melt-in-bursts', 4, 'busy', '', '', false]]);
  assert.deepEqual(told('microwave', 300, 1600), [['melt', 'melt-in-bursts', 2, 'busy', '', '', false]]);
  const [bursts] = meltingSteps('microwave', 300);
  assert.deepEqual(bursts!.title, { code: 'melt-in-bursts', bursts: 4, seconds: 30, lastSeconds: 10 });
  assert.deepEqual(told('low heat', 400), [['melt', 'melt-on-low-heat', 10, 'busy', 'ring', '', false]]);
  assert.deepEqual(told('hot slab', 400), [
    ['strew', 'scatter-on-slab', 1, 'busy', '', '', true],
    ['wait', 'cover-slab', 5, 'free', '', 'strew', false],
    ['spread', 'spread-on-slab', 2, 'busy', '', 'wait', false],
  ]);
});

test('tempering, as printed: each shade cooler than the darker one, each step in its order', () => {
  assert.deepEqual(TEMPER_CURVES, {
    dark: { melt: [45, 50], cool: [27, 28], work: [31, 32] },
    milk: { melt: [40, 45], cool: [26, 27], work: [29, 30] },
    white: { melt: [40, 43], cool: [25, 26], work: [28, 29] },
  });
});

test('stages, as printed: the nearest one, and of two that touch the cooler', () => {
  const at = (celsius: number) => stageAt(celsius).stage;
  assert.deepEqual([90, 112, 113, 117.1, 121, 131.1, 200].map(at), [
    ...['thread', 'thread', 'soft ball', 'firm ball', 'firm ball', 'soft crack', 'dark caramel'],
  ]);
  assert.deepEqual(stageRange('hard crack'), { stage: 'hard crack', fromC: 146, toC: 154 });
  for (const [i, { fromC, toC }] of STAGE_RANGES.entries())
    assert.ok(toC > fromC && fromC >= (STAGE_RANGES[i - 1]?.toC ?? 0));
});

test('water boils at 96.7 °C at 1000 m; a check there counts for its altitude, or where nothing else is known', () => {
  near([Math.round(waterBoilsC(0) * 10), Math.round(waterBoilsC(1000) * 10)], [1000, 967]);
  assert.ok(checkHolds({}, 3000));
  assert.ok(checkHolds({ boilC: 101 }, 0));
  assert.ok(!checkHolds({ boilC: 96.7 }, 0));
  assert.ok(checkHolds({ boilC: 96.7, checkedAtM: 1000 }, 1100));
  assert.ok(!checkHolds({ boilC: 96.7, checkedAtM: 1000 }, 1200));
});

test('errors of a probe: straight between ice and boiling water, held beyond, one alone everywhere', () => {
  const boils = waterBoilsC(0);
  const both = { boilC: boils + 2, iceC: -1 };
  near(
    [-20, 0, boils / 2, boils, 150].map((at) => probeErrorC(both, at, 0)),
    [-1, -1, 0.5, 2, 2],
  );
  near(
    [probeErrorC({ iceC: -1 }, 118, 0), probeErrorC({ boilC: boils + 2 }, 5, 0), probeErrorC({}, 50, 0)],
    [-1, 2, 0],
  );
  // A reading explained by another altitude says nothing without that altitude.
  // A known error counts where nothing was checked, and not beside a check.
  near([probeErrorC({ readsHighC: 1.5 }, 118, 0), probeErrorC({ readsHighC: 1.5, iceC: -1 }, 118, 0)], [1.5, -1]);
  near([probeErrorC({ boilC: 95 }, 118, 0), probeErrorC({ boilC: 95, iceC: 0.5 }, 118, 0)], [0, 0.5]);
  near([probeErrorC({ boilC: waterBoilsC(1000) + 1, checkedAtM: 1000 }, 118, 0)], [1]);
});

test('an infrared thermometer reads the surface', () => {
  // (118 - 20) x 25 / (25 + 600), by 120 and by 2500.
  near(
    (['boiling', 'still', 'stirred'] as const).map((motion) => skinDropC(118, 20, motion)),
    [(98 * 25) / 625, (98 * 25) / 145, (98 * 25) / 2525],
  );
  assert.equal(skinDropC(10, 20, 'still'), 0);
  const pot = { altitudeM: 0, roomC: 20, motion: 'boiling' } as const;
  near([shownTooMuchC({}, 118, pot), shownTooMuchC({ kind: 'infrared' }, 118, pot)], [0, -(98 * 25) / 625]);
  // Over boiling water it read the surface of the water: it is right, and the surface of the boil is its only error.
  const boils = waterBoilsC(0);
  const shown = boils - skinDropC(boils, 20, 'boiling');
  near([shownTooMuchC({ kind: 'infrared', boilC: shown, checkedAtM: 0 }, 118, pot)], [-(98 * 25) / 625]);
  near([shownTooMuchC({ kind: 'infrared', boilC: shown + 1, checkedAtM: 0 }, 118, pot)], [1 - (98 * 25) / 625]);
  const { seaC, hereC, probeC } = targetHere(118, 1000, { iceC: 1 });
  near([seaC, hereC, probeC], [118, 18 + waterBoilsC(1000), 19 + waterBoilsC(1000)]);
});

test('a straight line is fitted through its points, without outliers', () => {
  const x = [0, 1, 2, 3, 4, 5, 6];
  const y = x.map((at) => 7 + 2 * at);
  const clean = robustLine(
    x,
    y,
    x.map(() => 1),
  )!;
  near([clean.at0, clean.slope, clean.count], [7, 2, 7]);
  const jumped = robustLine(
    x,
    y.with(3, 90),
    x.map(() => 1),
  )!;
  near([jumped.at0, jumped.slope, jumped.count], [7, 2, 6]);
  assert.equal(robustLine([0, 1], [0, 1], [1, 1]), null);
  assert.equal(robustLine([2, 2, 2], [0, 1, 2], [1, 1, 1]), null);
});

test('the spread around a line, by hand', () => {
  // y = ±1 about nothing at x = 0..7: slope and variance of least squares.
  const x = [0, 1, 2, 3, 4, 5, 6, 7];
  const y = [1, -1, -1, 1, 1, -1, -1, 1];
  const line = robustLine(
    x,
    y,
    x.map(() => 1),
  )!;
  // The slope is nothing: sum of (x - 3.5) y = -3.5 + 2.5 + 1.5 - 0.5 + 0.5 - 1.5 - 2.5 + 3.5.
  const variance = 8 / 6;
  near([line.at0, line.slope], [0, 0]);
  near(
    [line.varSlope, line.varAt0, line.cov],
    [variance / 42, variance / 8 + (variance / 42) * 3.5 ** 2, (-variance / 42) * 3.5],
  );
});

test('impossible readings are left out, and so is one that is not later than the last', () => {
  const readings = [
    [0, 20],
    [1, NaN],
    [2, -31],
    [3, 900],
    [3, 21],
    [3, 22],
    [2, 23],
    [NaN, 24],
    [4, 25],
  ] as const;
  assert.deepEqual(soundReadings(readings), [
    [0, 20],
    [3, 21],
    [4, 25],
  ]);
  const ends = [
    [0, -30],
    [1, 400],
    [2, -30.1],
    [3, 400.1],
  ] as const;
  assert.deepEqual(soundReadings(ends), ends.slice(0, 2));
});
