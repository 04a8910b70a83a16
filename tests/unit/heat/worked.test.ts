/** Heat through a stack, worked by hand: properties, cells, single steps, growing steps, and recorded times. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  ASSUMED_THERMAL,
  capacityAt,
  emptyCurve,
  gridOf,
  heatAt,
  heatRun,
  HeatStack,
  heatWork,
  momentOf,
  noteLayers,
  StackSolver,
  thermalOf,
  type Faces,
  type Grid,
  type HeatLayer,
  type Thermal,
} from '$core/heat';
import { close, near } from '../figures';

test('properties: water is water, and half of it air insulates', () => {
  const water = { water: 100, sugars: 0, fat: 0, protein: 0, other: 0 };
  const { k, rho, cp } = thermalOf(water, null, 30)!;
  // Choi and Okos at 30 C: 0.57109 + 0.052875 - 0.006033; 4176.2 - 2.726 + 4.926.
  assert.equal(k.toFixed(5), '0.61793');
  assert.equal(cp.toFixed(1), '4178.4');
  assert.equal(rho.toFixed(0), '997');
  const foam = thermalOf(water, 0.4985, 30)!;
  assert.equal(foam.rho.toFixed(1), '498.5');
  // Maxwell and Eucken with half of it air, k 0.026: 0.61793 x (1.26186 - 0.59193) / (1.26186 + 0.29597) = 0.26574.
  assert.equal(foam.k.toFixed(4), '0.2657');
  assert.equal(thermalOf({ ...water, water: 0 }, null), null);
});

test('properties of pure parts at 80 C, by the polynomials worked by hand', () => {
  const none = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  for (const [part, k, cp] of [
    ['water', 0.66919, 4203.96],
    ['protein', 0.25708, 2096.51],
    ['fat', 0.15749, 2071.34],
    ['sugars', 0.28468, 1667.78],
    ['other', 0.28468, 1667.78],
  ] as const) {
    const found = thermalOf({ ...none, [part]: 100 }, null, 80)!;
    assert.ok(close(found.k, k, 1e-4), `${part} ${found.k}`);
    assert.ok(close(found.cp, cp, 1e-5), `${part} ${found.cp}`);
  }
});

test('the heat that flows out is the heat lost, and the work is estimated before it is done', () => {
  const stack = [{ ...ASSUMED_THERMAL, thicknessMm: 12, startC: 60 }];
  const face = { h: 8, airC: 20 };
  const run = heatRun(stack, [{ minutes: 240, top: face, bottom: face }], 10);
  assert.ok(close(run.outflowJ, run.enthalpyDropJ, 1e-6));
  // rho cp d: what 12 mm hold over so many degrees, J/m2.
  const degrees = 60 - run.layers[0]!.meanC.at(-1)!;
  assert.ok(close(run.enthalpyDropJ, 1200 * 2300 * 0.012 * degrees, 1e-6));
  assert.equal(run.minutes.length, 25);
  // 12 mm are 24 cells; a day takes 60 + 135 + 200 short steps and one a minute, plus recorded times.
  assert.ok(close(heatWork(stack, 1440, Infinity), ((60 + 135 + 200 + 1440) * 24) / 15e6));
  assert.ok(close(heatWork(stack, 1440, 1), ((395 + 2880) * 24) / 15e6));
  const melting = [{ thicknessMm: 12, latents: [{ jPerKg: 1, fromC: 1, toC: 2 }] }];
  assert.ok(close(heatWork(melting, 1440, Infinity), 3 * heatWork(stack, 1440, Infinity)));
  assert.ok(close(heatWork([...melting, ...stack], 1440, Infinity), 6 * heatWork(stack, 1440, Infinity)));
  // Thin layers have four cells, thick ones four hundred.
  assert.ok(close(heatWork([{ thicknessMm: 0.1, latents: [] }], 0, Infinity), (395 * 4) / 15e6));
  assert.ok(close(heatWork([{ thicknessMm: 5000, latents: [] }], 0, Infinity), (395 * 400) / 15e6));
});

test('properties of foods: water, fat and sugar as in the tables, and air makes a crumb insulate', () => {
  const pure = (part: string) => ({ water: 0, sugars: 0, fat: 0, protein: 0, other: 0, [part]: 1 });
  const water = thermalOf(pure('water'), null, 20)!;
  assert.ok(close(water.k, 0.6037, 2e-3) && close(water.cp, 4176.6, 2e-3) && close(water.rho, 997, 1e-9));
  const chocolate = { water: 1, sugars: 30, fat: 40, protein: 8, other: 21 };
  const solid = thermalOf(chocolate, null)!;
  assert.ok(solid.k > 0.15 && solid.k < 0.3 && solid.cp > 1500 && solid.cp < 2100, JSON.stringify(solid));
  assert.ok(thermalOf(chocolate, 0.6)!.k < solid.k / 1.5);
});

test('cells of half a millimetre, at least four per layer, and the conductance between their middles', () => {
  const layer = { ...ASSUMED_THERMAL, startC: 20 };
  const { dx, between, layerOf, first, count } = gridOf(
    [
      { ...layer, thicknessMm: 2, k: 0.2 },
      { ...layer, thicknessMm: 5, k: 0.4 },
      { ...layer, thicknessMm: 0.4, k: 0.4 },
    ],
    1,
  );
  assert.deepEqual(
    [first, count],
    [
      [0, 4, 9],
      [4, 5, 4],
    ],
  );
  assert.deepEqual([...layerOf], [0, 0, 0, 0, 1, 1, 1, 1, 1, 2, 2, 2, 2]);
  near([...dx], [...Array(4).fill(5e-4), ...Array(5).fill(1e-3), ...Array(4).fill(1e-4)]);
  // Half a cell of each: 0.25 mm at 0.2 and 0.5 mm at 0.4 are 1.25 + 1.25 = 2.5 m2 K/kW; 0.5 and 0.05 mm at 0.4 are 1.375.
  near([...between], [400, 400, 400, 400, 400, 400, 400, 400, 1e3 / 1.375, 4000, 4000, 4000]);
});

const waxy: Thermal = { k: 0.3, rho: 1000, cp: 2000, latents: [{ jPerKg: 40_000, fromC: 20, toC: 30 }] };

test('heat content: by heat capacity, with latent heat spread evenly over its range, where the slope is steeper', () => {
  near(
    [10, 20, 25, 30, 40].map((celsius) => heatAt(waxy, celsius) / 1e6),
    [20, 40, 70, 100, 120],
  );
  near(
    [10, 20, 25, 30, 40].map((celsius) => capacityAt(waxy, celsius) / 1e6),
    [2, 2, 6, 2, 2],
  );
  const both = { ...waxy, latents: [...waxy.latents, { jPerKg: 10_000, fromC: 24, toC: 26 }] };
  near([heatAt(both, 25) / 1e6, capacityAt(both, 25) / 1e6, heatAt(both, 31) / 1e6], [75, 11, 112]);
});

/** Cells of 10 mm, given one by one. */
const gridBy = (cells: number, between: readonly number[] = []): Grid => ({
  dx: new Float64Array(cells).fill(0.01),
  between: Float64Array.from(between),
  layerOf: new Int32Array(cells),
  first: [0],
  count: [cells],
});
// From the middle of a cell of k 0.1 it is 5 mm or 0.05 m2 K/W to its face: 10 and 20 W/m2 K let through 20/3 and 10.
const faces: Faces = { top: { h: 20, airC: 10 }, bottom: { h: 10, airC: 40 } };
const [THROUGH_TOP, THROUGH_BOTTOM] = [10, 20 / 3];
const dull: Thermal = { k: 0.1, rho: 1000, cp: 2000, latents: [] };

test('a step of one cell: the inflow at its end, or the mean of both ends, equals the gain', () => {
  // It holds 20 kJ/m2 K. From 100 C, for 600 s: 20,000 (x - 100) = 600 (10 (10 - x) + 20/3 (40 - x)).
  const implicit = Float64Array.of(100);
  const solver = new StackSolver(gridBy(1), [dull]);
  const outflow = solver.step(implicit, 600, 1, faces);
  near(implicit as unknown as number[], [(2_000_000 + 60_000 + 160_000) / 30_000]);
  near([outflow], [20_000 * (100 - 74)]);
  // Half of it from the inflow at its start: 10 x -90 + 20/3 x -60 = -1300 W/m2.
  const middle = Float64Array.of(100);
  const half = solver.step(middle, 600, 0.5, faces);
  near([middle[0]!], [(2_000_000 - 300 * 1300 + 30_000 + 80_000) / 25_000]);
  near([half], [20_000 * (100 - middle[0]!)]);
  assert.equal(solver.bent, false);
});

test('a step of three cells: each gains what flows in from its neighbours, and nothing is lost between', () => {
  for (const weight of [1, 0.5]) {
    const T = Float64Array.of(80, 20, 50);
    const before = [...T];
    const outflow = new StackSolver(gridBy(3, [5, 8]), [dull, dull, dull]).step(T, 900, weight, faces);
    const inflow = ([a, b, c]: readonly number[]) => [
      THROUGH_BOTTOM * (40 - a!) + 5 * (b! - a!),
      5 * (a! - b!) + 8 * (c! - b!),
      8 * (b! - c!) + THROUGH_TOP * (10 - c!),
    ];
    const [late, early] = [inflow([...T]), inflow(before)];
    near(
      [...T].map((celsius, i) => 20_000 * (celsius - before[i]!)),
      late.map((flow, i) => 900 * (weight * flow + (1 - weight) * early[i]!)),
    );
    near([outflow], [20_000 * (150 - T[0]! - T[1]! - T[2]!)]);
  }
});

test('a step into, through and out of a latent range keeps the heat balance, and reports the bend', () => {
  const held = (celsius: number) => 0.01 * heatAt(waxy, celsius);
  const cold: Faces = { top: { h: 30, airC: 0 }, bottom: { h: 15, airC: 0 } };
  const through = 1 / (1 / 30 + 0.005 / 0.3) + 1 / (1 / 15 + 0.005 / 0.3);
  for (const [from, seconds] of [
    [35, 300],
    [35, 1200],
    [35, 6000],
    [25, 2000],
  ] as const) {
    const T = Float64Array.of(from);
    const solver = new StackSolver(gridBy(1), [waxy]);
    solver.step(T, seconds, 1, cold);
    assert.ok(close(held(from) - held(T[0]!), seconds * through * T[0]!, 1e-7), `${from} ${seconds} ${T[0]}`);
    assert.ok(solver.bent);
    // Warmed as it was cooled, it returns.
    solver.step(T, seconds, 1, {
      top: { h: 30, airC: from + T[0]! },
      bottom: { h: 15, airC: from + T[0]! },
    });
    assert.ok(close(T[0]!, from, 1e-7), `${T[0]} again ${from}`);
  }
  const within = Float64Array.of(28);
  const solver = new StackSolver(gridBy(1), [waxy]);
  solver.step(within, 60, 1, cold);
  assert.ok(within[0]! > 20 && within[0]! < 28 && !solver.bent);
});

/** A layer that conducts so well that it is one body, with 12 kJ/m2 K. */
const body: HeatLayer = { thicknessMm: 6, k: 1e9, rho: 1000, cp: 2000, startC: 90, latents: [] };
const air: Faces = { top: { h: 8, airC: 20 }, bottom: { h: 4, airC: 20 } };
const PER_SECOND = 12 / 12_000;

/** The remaining difference to the air: fully implicit steps, and steps of the midpoint rule. */
const damped = (seconds: number, count: number) => (1 + PER_SECOND * seconds) ** -count;
const middle = (seconds: number, count: number) =>
  ((1 - (PER_SECOND * seconds) / 2) / (1 + (PER_SECOND * seconds) / 2)) ** count;

test('time steps: four damped ones of a second, then of one, four, fifteen and sixty, each from its moment', () => {
  const after = (seconds: number, since = 0, stepFactor = 1) => {
    const stack = new HeatStack([body], [], undefined, stepFactor);
    stack.advance(air, since, seconds);
    return (stack.celsius[0]! - 20) / 70;
  };
  const first = damped(1, 4) * middle(1, 56);
  const tenth = first * middle(4, 135);
  const hour = tenth * middle(15, 200);
  const same = (found: number, worked: number) => assert.ok(close(found, worked, 1e-7), `${found} ${worked}`);
  same(after(3), damped(1, 3));
  same(after(60), first);
  same(after(64), first * middle(4, 1));
  same(after(600), tenth);
  same(after(615), tenth * middle(15, 1));
  same(after(3600), hour);
  same(after(3720), hour * middle(60, 2));
  // The last step is as short as the rest of the time, and later in a place steps are long from the start.
  same(after(90), first * middle(4, 7) * middle(2, 1));
  same(after(45, 700), middle(15, 3));
  same(after(180, 4000), middle(60, 3));
  // Steps of half the length, damped for half as long.
  same(after(60, 0, 0.5), damped(0.5, 4) * middle(0.5, 116));
  // With twenty times the heat transfer: each step length from its own moment on.
  for (const [since, seconds] of [
    [60, 4],
    [600, 15],
    [3600, 60],
  ] as const) {
    const stack = new HeatStack([body]);
    stack.advance({ top: { h: 160, airC: 20 }, bottom: { h: 80, airC: 20 } }, since, seconds);
    same((stack.celsius[0]! - 20) / 70, middle(20 * seconds, 1));
  }
});

test('three steps after entering or leaving a latent range are damped', () => {
  const melting = { ...body, latents: [{ jPerKg: 10_000, fromC: 50, toC: 80 }] };
  const held = (celsius: number) => 0.006 * heatAt(melting, celsius);
  const stack = new HeatStack([melting]);
  let [celsius, damp] = [90, 0];
  for (let second = 0; second < 1200; second++) {
    const seconds = second < 60 ? 1 : second < 600 ? 4 : 15;
    if (second >= 60 && (second < 600 ? second % 4 : second % 15) !== 0) continue;
    const weight = second < 4 || damp > 0 ? 1 : 0.5;
    const [before, wanted] = [celsius, held(celsius) - seconds * (1 - weight) * 12 * (celsius - 20)];
    let [low, high] = [20, celsius];
    for (let i = 0; i < 60; i++) {
      celsius = (low + high) / 2;
      if (held(celsius) + seconds * weight * 12 * (celsius - 20) > wanted) high = celsius;
      else low = celsius;
    }
    const passes = (at: number) => before > at && celsius < at;
    damp = passes(80) || passes(50) ? 3 : damp - 1;
  }
  stack.advance(air, 0, 1200);
  assert.ok(celsius < 50 && close(stack.celsius[0]!, celsius, 1e-6), `${stack.celsius[0]} ${celsius}`);
});

test('a layer at a moment: its maximum, mean and middle, just inside both faces, and the state to go on from', () => {
  const layers = [
    { ...body, thicknessMm: 2 },
    { ...body, thicknessMm: 2.5, startC: 30 },
  ];
  const stack = new HeatStack(layers, [10, 20, 50, 40, 1, 2, 9]);
  assert.deepEqual(stack.celsius, [10, 20, 50, 40, 1, 2, 9, 30, 30]);
  assert.deepEqual(stack.layer(0), { warmestC: 50, meanC: 30, middleC: 35, lowerC: 10, upperC: 40 });
  assert.deepEqual(stack.layer(1), { warmestC: 30, meanC: 14.4, middleC: 9, lowerC: 1, upperC: 30 });
  // Half a millimetre of 2 MJ/m3 K each.
  near([stack.heldJ], [1000 * (120 + 72)]);
  assert.equal(stack.layerCount, 2);
  assert.equal(stack.outflowJ, 0);
});

test('curves: each layer at each moment, and one that is not laid yet has no temperature', () => {
  const stack = new HeatStack([{ ...body, thicknessMm: 2 }], [10, 20, 50, 40]);
  const curves = [emptyCurve(), emptyCurve()];
  noteLayers(stack, curves);
  noteLayers(stack, curves);
  assert.deepEqual(curves[0], {
    warmestC: [50, 50],
    meanC: [30, 30],
    middleC: [35, 35],
    lowerC: [10, 10],
    upperC: [40, 40],
  });
  assert.deepEqual(momentOf(curves[0]!, 1), { warmestC: 50, meanC: 30, middleC: 35, lowerC: 10, upperC: 40 });
  assert.deepEqual(Object.values(momentOf(curves[1]!, 0)), [NaN, NaN, NaN, NaN, NaN]);
});

test('consecutive places: recorded as often as requested, with short steps again after each move', () => {
  const fridge: Faces = { top: { h: 7, airC: 4 }, bottom: { h: 7, airC: 4 } };
  const run = (second: number) =>
    heatRun(
      [body],
      [
        { minutes: 25, ...air },
        { minutes: second, ...fridge },
      ],
      10,
    );
  assert.deepEqual(run(9).minutes, [0, 10, 20, 30]);
  assert.deepEqual(run(15).minutes, [0, 10, 20, 30, 40]);
  const found = run(15);
  const stack = new HeatStack([body]);
  // A step ends where a temperature is recorded.
  for (const [since, seconds] of [
    [0, 600],
    [600, 600],
    [1200, 300],
  ] as const)
    stack.advance(air, since, seconds);
  stack.advance(fridge, 0, 300);
  assert.deepEqual(found.layers[0]!.meanC[3], stack.layer(0).meanC);
  stack.advance(fridge, 300, 600);
  assert.deepEqual(found.endC, stack.celsius);
  assert.equal(found.layers[0]!.meanC[0], 90);
  assert.equal(found.outflowJ, stack.outflowJ);
  near([found.enthalpyDropJ], [12_000 * (90 - found.endC[0]!)]);
});
