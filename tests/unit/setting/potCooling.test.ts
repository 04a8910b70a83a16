/** A pot left to cool: a figure worked by hand, usual times at the bench, laws of Newton's cooling, and a fudge through its schedule. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cooledTo, coolingThrough, minutesToCool, potAtRest, type PotAtRest } from '$core/setting';
import { COOLING_PLACES, type Preparation } from '$core/slab';
import { coolingOf, settingFor, workOf } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, shop } from '../things';

const near = (a: number, b: number, relative = 1e-9) => assert.ok(close(a, b, relative), `${a} ${b}`);
const syrup = (massKg: number): PotAtRest => ({ massKg, rho: 1350, cp: 2200, k: 0.35 });

test('0.9 kg of syrup from 114 to 50 °C in a room of 20 °C, worked by hand', () => {
  // 0.6667 l in a pot of 2.667 l, 0.6 as high as broad: 178.2 mm broad, 24,940 mm2 of bottom, 26.73 mm deep, 14,960 mm2 of wall.
  // Within: 0.01671 m / (3 x 0.35) = 0.01591; wall 1 / (0.1 + 0.01591) = 8.627, bottom 1 / (0.16667 + 0.01591) = 5.477 W/m2 K.
  // 18 x 0.02494 + 8.627 x 0.01496 + 5.477 x 0.02494 = 0.7146 W/K over 0.9 x 2200 x 1.2 = 2376 J/K: 0.01804 a minute.
  // ln(94 / 30) / 0.01804 = 63.3 min.
  near(minutesToCool(syrup(0.9), 114, 50, 'room', 20), 63.3, 0.002);
  near(cooledTo(syrup(0.9), 114, 63.3, 20), 50, 0.001);
});

test('a fudge of a usual size cools in about an hour in the room, and in some twenty minutes in cold water', () => {
  for (const massKg of [0.6, 0.9, 1.2]) {
    const room = minutesToCool(syrup(massKg), 114, 45, 'room', 21);
    const bath = minutesToCool(syrup(massKg), 114, 45, 'cold water', 21);
    assert.ok(room > 45 && room < 90, `${room}`);
    assert.ok(bath > 12 && bath < 30, `${bath}`);
  }
});

test('law: cooling in two stretches equals cooling in one; more mass takes longer; what is cold enough takes no time', () => {
  fc.assert(
    fc.property(
      fc.record({
        massKg: fc.double({ min: 0.1, max: 10, noNaN: true }),
        fromC: fc.double({ min: 60, max: 170, noNaN: true }),
        roomC: fc.double({ min: 5, max: 35, noNaN: true }),
        share: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        place: fc.constantFrom(...COOLING_PLACES),
      }),
      ({ massKg, fromC, roomC, share, place }) => {
        const pot = syrup(massKg);
        const toC = roomC + 0.1 * (fromC - roomC);
        const halfC = toC + share * (fromC - toC);
        const whole = minutesToCool(pot, fromC, toC, place, roomC);
        near(
          minutesToCool(pot, fromC, halfC, place, roomC) + minutesToCool(pot, halfC, toC, place, roomC),
          whole,
          1e-6,
        );
        assert.ok(minutesToCool(syrup(massKg * 1.5), fromC, toC, place, roomC) > whole);
        assert.equal(minutesToCool(pot, toC, fromC, place, roomC), 0);
        assert.equal(minutesToCool(pot, fromC, Math.min(roomC, 16) - 0.1, place, roomC), Infinity);
        if (place === 'room') near(cooledTo(pot, fromC, whole, roomC), toC, 1e-6);
        else assert.ok(whole < minutesToCool(pot, fromC, toC, 'room', roomC));
      },
    ),
  );
});

test('the temperature is followed through the steps: boiled, left to cool, beaten; a cold mixture stays as it is', () => {
  const pot = potAtRest({ grams: null, densityGPerMl: 1.3 }, 900);
  const fudge = (celsius: number): Preparation => ({
    id: 'f',
    name: 'Fudge',
    lines: [],
    cookTo: { celsius: 114 },
    steps: [
      { id: 'boil', text: 'Boil', minutes: 20, cooks: true },
      { id: 'cool', text: 'Cool', minutes: 5, coolTo: { celsius } },
      { id: 'beat', text: 'Beat', minutes: 10 },
    ],
  });
  const { minutes, laidC } = coolingThrough(fudge(45), pot, 20);
  const [least, usual, most] = minutes.get('cool')!;
  near(usual, minutesToCool(pot, 114, 45, 'room', 20), 1e-9);
  assert.deepEqual([least / usual, most / usual], [0.75, 1.4]);
  near(laidC!, cooledTo(pot, 45, 10, 20), 1e-9);
  assert.ok(laidC! > 35 && laidC! < 45);
  assert.deepEqual(coolingThrough(fudge(120), pot, 20).minutes.get('cool'), [0, 0, 0]);
  // In a warmer room it never gets there: a day is returned instead.
  assert.equal(coolingThrough(fudge(45), pot, 50).minutes.get('cool')![1], 24 * 60);
  const [boil, , beat] = fudge(45).steps!;
  assert.equal(coolingThrough({ ...fudge(45), steps: [boil!, beat!] }, pot, 20).laidC, null);
});

test('pear penuche: the schedule waits for the pot, and it is laid as beaten, not as boiled', () => {
  const slab = demoSlabs.find(({ name }) => name === 'Pear penuche')!;
  const [cooled] = coolingOf(slab, demoLarder, shop);
  const { activities } = workOf(slab, demoLarder, shop);
  const cool = activities.find(({ id }) => id === 'penuche/cool')!;
  near(cool.minutes, cooled!.minutes.get('cool')![1], 1e-9);
  assert.ok(cool.minutes > 45 && cool.minutes < 100, `${cool.minutes}`);
  assert.deepEqual([cool.hands, cool.isHot], ['free', true]);
  const beat = activities.find(({ id }) => id === 'penuche/beat')!;
  assert.deepEqual(beat.after, [{ on: 'penuche/cool', least: 0, most: 5 }]);
  // Boiling sugar burns; what is beaten at 45 degrees does not.
  assert.deepEqual([cool.caution !== null, beat.caution], [true, null]);
  assert.equal(activities.find(({ id }) => id === 'lay/l1')!.caution, null);
  const pourC = settingFor(slab, demoLarder, shop)!.layers[0]!.curve.warmestC[0]!;
  near(pourC, cooled!.laidC!, 0.02);
  // In a wide pot it cools sooner than in one that it just fills.
  const wide = { ...shop, vessels: [{ name: 'wide', kind: 'pot' as const, volumeMl: 9000 }] };
  const inWide = coolingOf(slab, demoLarder, wide)[0]!.minutes.get('cool')![1];
  assert.ok(inWide < 0.8 * cool.minutes && inWide > 0.4 * cool.minutes, `${inWide} ${cool.minutes}`);
  // In cold water the schedule is shorter.
  const bath = structuredClone(slab) as typeof slab;
  const steps = bath.preparations[0]!.steps!.map((step) =>
    step.coolTo ? { ...step, coolTo: { ...step.coolTo, in: 'cold water' as const } } : step,
  );
  const sooner = workOf(
    { ...bath, preparations: [{ ...bath.preparations[0]!, steps }] },
    demoLarder,
    shop,
  ).activities.find(({ id }) => id === 'penuche/cool')!;
  assert.ok(sooner.minutes < cool.minutes / 2);
});
