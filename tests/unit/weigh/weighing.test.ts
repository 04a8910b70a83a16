/** Weighing shards on a scale: worked readings, and the simulated pan with its noise, drift and units. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { handAt, panOf, UNITS_G, type PanSettings } from '../../../devices/pan.mjs';
import { randomFrom } from '../../../devices/random.mjs';
import { newWeighing, takenBack, weigh, zeroed, type Weighing } from '$core/weigh';

/** A scale that shows each of these for so many seconds, ten times a second, without noise. */
function shown(
  stretches: readonly (readonly [massG: number, seconds: number])[],
  from: Weighing = newWeighing(),
): Weighing {
  let weighing = from;
  let at = (from.recent.at(-1)?.seconds ?? 0) * 10;
  for (const [massG, seconds] of stretches)
    for (let i = 0; i < seconds * 10; i++) weighing = weigh(weighing, { seconds: ++at / 10, massG });
  return weighing;
}
const grams = ({ weighedG }: Weighing) => weighedG.map((massG) => Number(massG.toFixed(2)));

test('one after the other, each removed again; a bowl that stays on the scale counts as nothing', () => {
  const two = shown([
    [120, 2],
    [144.6, 2],
    [120, 2],
    [151.2, 2],
  ]);
  assert.deepEqual([grams(two), two.pan], [[24.6, 31.2], 'resting']);
  assert.equal(two.onG.toFixed(1), '31.2');
  const lifted = shown([[120, 2]], two);
  assert.deepEqual([grams(lifted), lifted.pan, lifted.onG], [[24.6, 31.2], 'empty', 0]);
});

test('a growing heap: each reading is the difference; removing some is not a new piece', () => {
  assert.deepEqual(
    grams(
      shown([
        [0, 2],
        [20, 2],
        [50, 2],
        [55, 2],
        [35, 2],
        [47, 2],
      ]),
    ),
    [20, 30, 5, 12],
  );
});

test('a piece removed and the next laid on at once is a new piece, even if lighter or as heavy', () => {
  assert.deepEqual(
    grams(
      shown([
        [0, 2],
        [30, 2],
        [0, 0.3],
        [22, 2],
        [0, 0.3],
        [22, 2],
      ]),
    ),
    [30, 22, 22],
  );
});

test('what does not come to rest, is too light, or falls apart in time is not weighed', () => {
  assert.deepEqual(
    grams(
      shown([
        [0, 2],
        [30, 0.5],
        [0, 2],
        [0.8, 2],
        [0, 2],
      ]),
    ),
    [],
  );
  let swings = shown([[0, 2]]);
  for (let i = 1; i < 60; i++) swings = weigh(swings, { seconds: 2 + i / 10, massG: 25 + 10 * Math.sin(i * 1.7) });
  assert.deepEqual([grams(swings), swings.pan], [[], 'moving']);
  let holes = shown([[0, 2]]);
  for (let i = 1; i < 20; i++) holes = weigh(holes, { seconds: 2 + i * 3, massG: 25 });
  assert.deepEqual(grams(holes), []);
});

test('the last weight is undone, and what still lies there is not weighed again; zero is where it rests then', () => {
  const weighing = shown([
    [0, 2],
    [24, 2],
  ]);
  const none = takenBack(weighing);
  assert.deepEqual(
    grams(
      shown(
        [
          [24, 2],
          [0, 2],
        ],
        none,
      ),
    ),
    [],
  );
  assert.deepEqual(
    grams(
      shown(
        [
          [24, 2],
          [40, 2],
        ],
        zeroed(weighing),
      ),
    ),
    [24, 16],
  );
  assert.deepEqual(grams(takenBack(newWeighing())), []);
});

test('until the pan first rests it is empty and starting; after that it is moving', () => {
  const first = weigh(newWeighing(), { seconds: 0.1, massG: 120 });
  assert.deepEqual([first.pan, first.onG], ['starting', 0]);
  const moving = weigh(shown([[120, 2]]), { seconds: 2.1, massG: 150 });
  assert.deepEqual([moving.pan, moving.onG], ['moving', 30]);
});

test('a scale whose clock restarts or stands still is read afresh; five readings in its window are enough, three are not', () => {
  let restarted = shown([[0, 2]]);
  for (let i = 1; i <= 20; i++) restarted = weigh(restarted, { seconds: i / 10, massG: 30 });
  assert.deepEqual(grams(restarted), [30]);
  let still = shown([[0, 2]]);
  for (let i = 1; i <= 20; i++) still = weigh(still, { seconds: 5, massG: 30 });
  assert.deepEqual(grams(still), []);
  for (const [perSecond, weighed] of [
    [5, [30]],
    [3, []],
  ] as const) {
    let slow = shown([[0, 2]]);
    for (let i = 1; i <= 20; i++) slow = weigh(slow, { seconds: 2 + i / perSecond, massG: 30 });
    assert.deepEqual(grams(slow), weighed, String(perSecond));
  }
});

test('a light piece that still creeps does not rest, even in a heavy bowl; a heavy one may creep by a thousandth', () => {
  /** The readings of a load that grows by half a gram in each window, on a bowl. */
  const creeping = (bowlG: number, loadG: number) => {
    let weighing = shown([[bowlG, 2]]);
    for (let i = 1; i <= 30; i++)
      weighing = weigh(weighing, { seconds: 2 + i / 10, massG: bowlG + loadG + (0.5 * i) / 8 });
    return weighing.weighedG.length;
  };
  assert.equal(creeping(0, 50), 0);
  assert.equal(creeping(3000, 50), 0);
  assert.equal(creeping(0, 5000), 1);
});

/** The weights read from a simulated pan, beside the true ones. */
function afternoon(
  settings: Partial<PanSettings>,
  broken: { aimG: number; spread: number; shards: number },
  seed: number,
) {
  const random = randomFrom(seed);
  const pan = panOf(settings, random);
  const hand = handAt(pan, broken, random);
  const laid: number[] = [];
  let weighing = newWeighing();
  const each = UNITS_G[settings.unit ?? 'g'];
  let beforeG = 0;
  for (let i = 0; i < (broken.shards + 1) * 60; i++) {
    hand.work();
    const { onG } = pan.state();
    if (onG > beforeG) laid.push(onG - beforeG);
    beforeG = onG;
    pan.run(0.1);
    const shows = pan.shows();
    if (shows !== null)
      weighing = weigh(weighing, { seconds: pan.state().seconds, massG: shows * each, stepG: pan.step * each });
  }
  return { laid, weighedG: weighing.weighedG };
}

/**
 * From the moment the empty pan came to rest until the last reading of the load, s: three to rest, two to change, and three times
 * that, because after a heavy piece the pan may have no time to come to rest empty.
 */
const BETWEEN_SECONDS = 20;
/** Agreeing readings, of which a weight is the mean. */
const READINGS = 8;

/**
 * The largest unavoidable error of a weight, g: a step of the scale (half of it at either end), its drift between the two moments, and
 * five standard deviations of its noise and of the random half of the drift.
 */
const unknownG = ({ noiseG, driftGPerMin }: { noiseG: number; driftGPerMin: number }) => {
  const drift = Math.abs(driftGPerMin) / 60;
  return (
    0.1 +
    0.5 * drift * BETWEEN_SECONDS +
    5 * Math.hypot(noiseG * Math.sqrt(2 / READINGS), drift * Math.sqrt(BETWEEN_SECONDS))
  );
};

test('law: every shard laid on a scale is read, none twice, each as accurately as the scale allows', () => {
  fc.assert(
    fc.property(
      fc.record({
        noiseG: fc.double({ min: 0, max: 0.2, noNaN: true }),
        driftGPerMin: fc.double({ min: -1, max: 1, noNaN: true }),
        offsetG: fc.double({ min: -20, max: 20, noNaN: true }),
      }),
      fc.integer({ min: 8, max: 150 }),
      fc.integer({ min: 1, max: 1e6 }),
      (settings, aimG, seed) => {
        const { laid, weighedG } = afternoon(settings, { aimG, spread: 0.4, shards: 12 }, seed);
        assert.equal(weighedG.length, laid.length);
        laid.forEach((massG, i) =>
          assert.ok(Math.abs(weighedG[i]! - massG) < unknownG(settings) + 0.001 * massG, `${weighedG[i]} ${massG}`),
        );
      },
    ),
    { numRuns: 40 },
  );
});

test('on a typical bench scale four hundred shards are off by a tenth of a gram, and none by a third', () => {
  const outG = Array.from({ length: 20 }, (_, seed) => {
    const { laid, weighedG } = afternoon({}, { aimG: 25, spread: 0.4, shards: 20 }, seed + 1);
    assert.equal(weighedG.length, 20);
    return laid.map((massG, i) => Math.abs(weighedG[i]! - massG));
  }).flat();
  assert.ok(Math.sqrt(outG.reduce((sum, out) => sum + out * out, 0) / outG.length) < 0.1);
  assert.ok(Math.max(...outG) < 0.33, `${Math.max(...outG)}`);
});

test('a scale in ounces, pounds or kilograms is read to its own step', () => {
  for (const [unit, withinG] of [
    ['oz', 0.3],
    ['lb', 0.3],
    ['kg', 0.3],
  ] as const) {
    const { laid, weighedG } = afternoon({ unit }, { aimG: 40, spread: 0.3, shards: 15 }, 7);
    assert.equal(weighedG.length, 15, unit);
    laid.forEach((massG, i) => assert.ok(Math.abs(weighedG[i]! - massG) < withinG, `${unit} ${weighedG[i]} ${massG}`));
  }
});

test('a scale in a draught, with half a gram of noise, is still read, to a gram', () => {
  const { laid, weighedG } = afternoon({ noiseG: 0.4 }, { aimG: 40, spread: 0.3, shards: 20 }, 3);
  assert.ok(weighedG.length >= 18 && weighedG.length <= 20, String(weighedG.length));
  const found = laid.filter((massG) => weighedG.some((readG) => Math.abs(readG - massG) < 1));
  assert.ok(found.length >= weighedG.length - 1);
});
