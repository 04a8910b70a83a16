import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { evenWays, fitSurface, thicknessAt, type EvenWays, type Reading } from '$core/cut';
import type { CutSpec } from '$core/slab';
import { outlineAt } from '$core/tin';
import { normalFrom, randomFrom } from '../../../devices/random.mjs';
import { tins } from '../tins';
import { close, sum } from '../figures';

const HEIGHT = 20;
const box = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 25 } as const;
const strata = [{ fromMm: 0, thicknessMm: HEIGHT, massG: 1200 }];
type Shape = (u: number, v: number) => number;

/** Known surfaces over u and v, -1 to 1 from left to right and from front to back, mm. */
const SHAPES: Readonly<Record<string, Shape>> = {
  level: () => 20,
  tilted: (u, v) => 20 + 2 * u - 1 * v,
  bowl: (u, v) => 18 + 3 * u * u + 2 * v * v,
  crown: (u, v) => 22 - 2 * u * u - 3 * v * v + u * v,
};

const readingsOf = (shape: Shape, { lengthMm, widthMm }: { lengthMm: number; widthMm: number }, n = 3): Reading[] =>
  Array.from({ length: n * n }, (_, i) => {
    const [u, v] = [((i % n) / (n - 1)) * 1.8 - 0.9, (Math.floor(i / n) / (n - 1)) * 1.8 - 0.9];
    return { xMm: ((u + 1) / 2) * lengthMm, yMm: ((v + 1) / 2) * widthMm, mm: shape(u, v) };
  });

/** Masses by brute force: a fine grid of points, within the rounded corners. */
function counted(shape: Shape, xs: readonly number[], ys: readonly number[]): number[] {
  const STEP = 1;
  const g = new Array<number>((xs.length - 1) * (ys.length - 1)).fill(0);
  let all = 0;
  for (let x = STEP / 2; x < 300; x += STEP) {
    const column = xs.findIndex((at, i) => x >= at && x < xs[i + 1]!);
    for (let y = STEP / 2; y < 200; y += STEP) {
      const [u, v] = [Math.abs(x - 150) - 125, Math.abs(y - 100) - 75];
      if (u > 0 && v > 0 && Math.hypot(u, v) > 25) continue;
      const row = ys.findIndex((at, i) => y >= at && y < ys[i + 1]!);
      const mm = shape(x / 150 - 1, y / 100 - 1);
      all += mm;
      g[row * (xs.length - 1) + column]! += mm;
    }
  }
  return g.map((mm) => (mm / all) * 1200);
}

test('law: known surfaces: the pieces match a fine grid of points within half a percent', () => {
  const cut: CutSpec = { columns: 6, rows: 4 };
  for (const [name, shape] of Object.entries(SHAPES)) {
    const found = evenWays(box, HEIGHT, strata, cut, readingsOf(shape, box)) as EvenWays;
    const points = counted(shape, [0, 50, 100, 150, 200, 250, 300], [0, 50, 100, 150, 200]);
    found.ways.size.massesG.flat().forEach((massG, i) => assert.ok(close(massG, points[i]!, 0.005), `${name} ${i}`));
  }
});

test('law: known surfaces with the noise of a calliper, 0.05 mm: still within half a percent', () => {
  const random = randomFrom(11);
  const xs = [0, 50, 100, 150, 200, 250, 300];
  for (const [name, shape] of Object.entries(SHAPES)) {
    const noisy = readingsOf(shape, box, 5).map((reading) => ({
      ...reading,
      mm: reading.mm + 0.05 * normalFrom(random),
    }));
    const found = evenWays(box, HEIGHT, strata, { columns: 6, rows: 4 }, noisy) as EvenWays;
    const points = counted(shape, xs, [0, 50, 100, 150, 200]);
    const massesG = found.ways.size.massesG.flat();
    massesG.forEach((massG, i) => assert.ok(close(massG, points[i]!, 0.005), `${name} ${i} ${massG} ${points[i]}`));
  }
});

test('as many terms as the readings allow: a level slab with some noise stays level, and three readings do not fit six terms', () => {
  const noise = [0.1, -0.15, 0.05, -0.1, 0.12, 0.08, -0.05, -0.12, 0.07];
  const level = readingsOf(SHAPES.level!, box).map((reading, i) => ({ ...reading, mm: reading.mm + noise[i]! }));
  assert.equal(fitSurface(level, box).terms, 'level');
  assert.equal(fitSurface(readingsOf(SHAPES.tilted!, box), box).terms, 'tilted');
  assert.equal(fitSurface(readingsOf(SHAPES.crown!, box), box).terms, 'quadratic');
  assert.equal(fitSurface(readingsOf(SHAPES.crown!, box).slice(0, 3), box).terms, 'level');
  assert.deepEqual(fitSurface([{ xMm: 10, yMm: 10, mm: 18.5 }], box).surface.slice(0, 2), [18.5, 0]);
  // All on one line: nothing is known across it.
  const line = [0, 60, 150, 240, 300].map((xMm) => ({ xMm, yMm: 100, mm: 18 + xMm / 100 }));
  assert.equal(fitSurface(line, box).terms, 'level');
  const { surface } = fitSurface(readingsOf(SHAPES.crown!, box, 4), box);
  assert.ok(close(thicknessAt(surface, [75, -50]), SHAPES.crown!(0.5, -0.5), 1e-9));
});

test('law: nothing is lost, strips alone are exactly equal, and through-cuts are at least as even as equal sizes', () => {
  const shape = fc.tuple(...Array.from({ length: 5 }, () => fc.double({ min: -2, max: 2, noNaN: true })));
  const cuts = fc.record({
    columns: fc.integer({ min: 1, max: 7 }),
    rows: fc.integer({ min: 1, max: 7 }),
    kerfMm: fc.constantFrom(0, 1.5),
    trimMm: fc.constantFrom({}, { left: 5, right: 3, front: 4, back: 6 }),
  });
  fc.assert(
    fc.property(tins, cuts, shape, (tin, cut, [a, b, c, d, e]) => {
      const inside = outlineAt(tin, HEIGHT / 2);
      const bent: Shape = (u, v) => 25 + a! * u + b! * v + c! * u * u + d! * u * v + e! * v * v;
      const found = evenWays(tin, HEIGHT, strata, cut, readingsOf(bent, inside, 4));
      if (typeof found === 'string') return;
      const { size, through, strips } = found.ways;
      assert.ok(strips.massVariation < 1e-6, `${strips.massVariation}`);
      if (cut.kerfMm === 0 && Object.keys(cut.trimMm).length === 0) {
        for (const way of [size, through, strips]) assert.ok(close(sum(way.massesG.flat()), 1200, 1e-9));
        assert.ok(through.massVariation <= size.massVariation + 0.02);
      }
    }),
    { numRuns: 60 },
  );
});

test('through-cuts of a slab tilted along its length: columns weigh the same, and so do rows', () => {
  const plain = { ...box, cornerMm: 0 };
  const found = evenWays(
    plain,
    HEIGHT,
    strata,
    { columns: 2, rows: 1 },
    readingsOf((u) => 20 + 4 * u, plain),
  ) as EvenWays;
  // Mass up to u is 20 (u + 1) + 2 (u^2 - 1); half of the 40 in all is reached at u = (sqrt(116) - 10) / 2... solved: 2u^2 + 20u - 2 = 0.
  const u = (-20 + Math.sqrt(400 + 16)) / 4;
  assert.ok(close(found.ways.through.marksMm.length[0]!, 150 * (1 + u), 1e-6));
  found.ways.through.massesG.flat().forEach((massG) => assert.ok(close(massG, 600, 1e-6)));
  assert.ok(close(found.ways.size.massesG[0]![1]!, 660, 1e-6));
});

test('a surface of no height is refused, and so is a cut without pieces', () => {
  const steep = readingsOf((u) => 10 + 12 * u, box).map((reading) => ({ ...reading, mm: Math.max(0.1, reading.mm) }));
  assert.equal(evenWays(box, HEIGHT, strata, { columns: 2, rows: 2 }, steep), 'below-zero');
  const cut = { columns: 2, rows: 2, trimMm: { left: 200, right: 200 } };
  assert.equal(evenWays(box, HEIGHT, strata, cut, readingsOf(SHAPES.level!, box)), 'no-cut');
});
