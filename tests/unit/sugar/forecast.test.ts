import { forecastText } from '$wording/sugar';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  forecastBoil,
  forecastCool,
  heatShare,
  lastTurn,
  latelyOff,
  wanderOf,
  checkHolds,
  probeErrorC,
  shownTooMuchC,
  skinDropC,
  soundReadings,
  stageAt,
  STAGE_RANGES,
  targetHere,
  waterBoilsC,
  type Reading,
} from '$core/sugar';
import { potOf } from '../../../devices/pot.mjs';
import { randomFrom } from '../../../devices/random.mjs';
import { STAGES } from '$core/slab';
import { readingOf } from '../../../src/lib/devices/probe';
import { close } from '../figures';
import { scoreBoils, scoreCoolings } from './boils';

test('published boiling points of water: 96.68 C at 1,000 m, 93.36 C at 2,000 m', () => {
  assert.ok(close(waterBoilsC(0), 100, 1e-3));
  assert.ok(Math.abs(waterBoilsC(1000) - 96.68) < 0.02);
  assert.ok(Math.abs(waterBoilsC(2000) - 93.36) < 0.02);
});

test('a target at 1,200 m on a probe that shows 98.5 in boiling water', () => {
  const boils = waterBoilsC(1200);
  const target = targetHere(118, 1200, { boilC: 98.5 });
  assert.ok(close(target.hereC, 118 - (100 - boils)));
  assert.ok(close(target.probeC, target.hereC + 98.5 - boils));
  assert.ok(close(target.probeC, 116.5, 1e-9));
  // Errors in ice and in boiling water differ: half way between them, half of each.
  assert.ok(
    close(probeErrorC({ boilC: 101, iceC: 0.4 }, waterBoilsC(0) / 2, 0), (101 - waterBoilsC(0) + 0.4) / 2, 1e-9),
  );
});

test('the stages are those of the file format, rise without overlap, and contain their midpoints', () => {
  assert.deepEqual(
    STAGE_RANGES.map(({ stage }) => stage),
    STAGES,
  );
  STAGE_RANGES.forEach(({ stage, fromC, toC }, i) => {
    assert.equal(stageAt((fromC + toC) / 2).stage, stage);
    assert.ok(i === 0 || fromC >= STAGE_RANGES[i - 1]!.toC);
  });
});

test('forecasts of simulated boils and coolings: the median error under 10 % of the time left, the 90 % range covers 80-98 %', (t) => {
  for (const [name, score] of [
    ['boils', scoreBoils(60, 5)],
    ['coolings', scoreCoolings(60, 6)],
  ] as const) {
    t.diagnostic(`${name}: ${JSON.stringify(score)}`);
    assert.ok(score.given > 0.9 * score.asked && score.medianError < 0.1, name);
    assert.ok(score.covered >= 0.8 && score.covered <= 0.98, name);
  }
});

test('forecasts under an unsteady flame: in waves of a tenth, and from a minute after the knob was turned, 85-97 % hold', (t) => {
  for (const flame of ['waves', 'turned'] as const) {
    const score = scoreBoils(100, 21, flame);
    t.diagnostic(`${flame}: ${JSON.stringify(score)}`);
    assert.ok(score.given > 0.9 * score.asked && score.medianError < 0.1, flame);
    assert.ok(score.covered >= 0.85 && score.covered <= 0.97, `${flame} ${score.covered}`);
  }
});

test('heat turned down by a third is noticed within a minute of readings, and unchanged heat is not', () => {
  let [noticed, thought] = [0, 0];
  for (let seed = 1; seed <= 20; seed++) {
    for (const turnTo of [0.65, 1]) {
      const pot = potOf({ noiseC: 0.1, wander: 0, dropouts: 0, jumps: 0, startC: 100, turnTo }, randomFrom(seed));
      const readings: Reading[] = [];
      // It boils from 105.7 C on; before that it warms up.
      while (pot.state().celsius < 106.2) pot.run(2);
      const from = pot.state().seconds;
      pot.turn(from + 240);
      while (pot.state().seconds < from + 300) {
        pot.run(2);
        readings.push([pot.state().seconds, pot.reading()!]);
      }
      const { note } = forecastBoil({ readings, targetC: 118 });
      const says = note === 'heat-changed' ? 1 : 0;
      if (turnTo === 1) thought += says;
      else noticed += says;
    }
  }
  assert.ok(noticed >= 18 && thought <= 1, `${noticed} ${thought}`);
});

test('how steady a flame is', () => {
  const x = Array.from({ length: 200 }, (_, i) => i * 2);
  const noise = x.map((_, i) => (((i * 7919) % 101) / 101 - 0.5) * 0.004);
  const points = (y: (at: number) => number) => ({ x, y: x.map((at, i) => y(at) + noise[i]!), w: x.map(() => 1) });
  const straight = points((at) => 1 - 0.001 * at);
  assert.equal(lastTurn(straight), 0);
  assert.ok(wanderOf(straight, -0.001) < 0.03 && latelyOff(straight, -0.001) < 0.03);
  const turned = points((at) => 1 - 0.001 * at - (at > 240 ? 0.0005 * (at - 240) : 0));
  assert.ok(Math.abs(x[lastTurn(turned)]! - 240) < 20);
  const waves = points((at) => 1 - 0.001 * at + 0.008 * Math.sin(at / 30));
  assert.ok(wanderOf(waves, -0.001) > 0.1);
  // Over one wave the heat may be off by its whole variation; over many, and learnt from many, by less.
  assert.ok(close(heatShare(0.1, 60, 60), 0.1 * Math.SQRT2) && heatShare(0.1, 1e5, 1e5) < 0.03);
});

/** A clean boil: water evaporates evenly. */
function boil(count: number): Reading[] {
  return Array.from({ length: count }, (_, i): Reading => [i * 5, 103 + 9 * (i / count) ** 2]);
}

test('a probe that stops, jumps, repeats, or runs backwards in time is corrected or reported', () => {
  const clean = boil(80);
  const whole = forecastBoil({ readings: clean, targetC: 114 });
  assert.ok(whole.minutesLeft! > 0 && whole.low! <= whole.minutesLeft! && whole.minutesLeft! <= whole.high!);
  const jumping = clean.map(([s, c], i): Reading => (i % 13 === 5 ? [s, c + 90] : [s, c]));
  assert.ok(Math.abs(forecastBoil({ readings: jumping, targetC: 114 }).minutesLeft! / whole.minutesLeft! - 1) < 0.1);
  const backwards = clean.flatMap((reading, i): Reading[] =>
    i % 9 === 4 ? [reading, [reading[0] - 40, 20], reading] : [reading],
  );
  assert.deepEqual(soundReadings(backwards), clean);
  assert.deepEqual(forecastBoil({ readings: backwards, targetC: 114 }), whole);
  assert.equal(forecastBoil({ readings: [], targetC: 114 }).note, 'no-reading');
  const stuck = Array.from({ length: 60 }, (_, i): Reading => [i * 5, 108]);
  assert.equal(forecastBoil({ readings: stuck, targetC: 114 }).note, 'not-rising');
  assert.equal(forecastCool({ readings: stuck, targetC: 45, roomC: 20 }).note, 'not-falling');
  assert.equal(forecastCool({ readings: stuck, targetC: 15, roomC: 20 }).note, 'room-too-warm');
  assert.equal(forecastBoil({ readings: clean, targetC: 110 }).reached, true);
  assert.equal(
    forecastBoil({
      readings: [
        [0, 60],
        [5, 64],
      ],
      targetC: 114,
    }).note,
    'warming-up',
  );
});

test('a probe that sends text gives no reading', () => {
  assert.deepEqual(readingOf('{"seconds": 3, "celsius": 101.5}'), [3, 101.5]);
  for (const text of [
    '',
    'hot',
    '{}',
    '[1,2]',
    'null',
    '{"seconds": "3", "celsius": 1}',
    '{"seconds": 1e999, "celsius": 1}',
  ]) {
    assert.equal(readingOf(text), null, text);
  }
});

test('fuzz: any readings give a forecast that is none, or a range round a time', () => {
  const value = fc.oneof(fc.double(), fc.double({ min: 20, max: 180, noNaN: true }), fc.constantFrom(NaN, Infinity));
  fc.assert(
    fc.property(
      fc.array(fc.tuple(value, value), { maxLength: 80 }),
      fc.double({ min: 30, max: 180, noNaN: true }),
      (readings, targetC) => {
        for (const forecast of [forecastBoil({ readings, targetC }), forecastCool({ readings, targetC, roomC: 20 })]) {
          if (forecast.minutesLeft === null) assert.ok(forecastText(forecast.note) !== '');
          else
            assert.ok(
              forecast.low! <= forecast.minutesLeft && forecast.minutesLeft <= forecast.high! && forecast.low! >= 0,
            );
        }
      },
    ),
  );
});

test('a check belongs to its altitude', () => {
  // At 40 m water boils at 99.9; a probe that showed 99.3 there shows 0.6 too little, at any height.
  const check = { boilC: 99.3, checkedAtM: 40 };
  assert.ok(close(probeErrorC(check, 113, 1500), 99.3 - waterBoilsC(40), 1e-9));
  assert.ok(targetHere(118, 1500, check).probeC < 113);
  assert.deepEqual([checkHolds(check, 40), checkHolds(check, 150), checkHolds(check, 1500)], [true, true, false]);
  // Without its altitude, an implausible error is ignored.
  assert.equal(probeErrorC({ boilC: 99.3 }, 113, 1500), 0);
  assert.equal(checkHolds({ boilC: 99.3 }, 1500), false);
});

test('an infrared thermometer reads the surface', () => {
  // 98 K over the room, 25 of 625 W/m2K above: 98 x 25 / 625 = 3.92; still 98 x 25 / 145 = 16.9; stirred 98 x 25 / 2525 = 0.97.
  assert.ok(close(skinDropC(118, 20, 'boiling'), 3.92, 1e-9));
  assert.ok(close(skinDropC(118, 20, 'still'), 16.897, 1e-4));
  assert.ok(close(skinDropC(118, 20, 'stirred'), 0.9703, 1e-3));
  assert.equal(skinDropC(15, 20, 'still'), 0);
  const at = { altitudeM: 0, roomC: 20, motion: 'boiling' } as const;
  assert.ok(close(shownTooMuchC({ kind: 'infrared' }, 118, at), -3.92, 1e-9));
  assert.equal(shownTooMuchC({}, 118, at), 0);
  // One that showed 96.8 in boiling water read its surface, 3.2 K cooler: it is right.
  assert.ok(Math.abs(shownTooMuchC({ kind: 'infrared', boilC: 96.8, checkedAtM: 0 }, 118, at) + 3.92) < 0.02);
  assert.ok(close(targetHere(118, 0, { kind: 'infrared' }, 20).probeC, 114.08, 2e-4));
  assert.equal(targetHere(118, 0, { kind: 'probe' }).probeC, targetHere(118, 0, {}).probeC);
});
