/** Surfaces through readings of the thickness, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fitSurface, thicknessAt, thinnest, type Reading } from '../../../src/core/cut';
import { close, near } from '../figures';

const inside = { lengthMm: 200, widthMm: 100, cornerMm: 0 };
const corners = [
  [0, 0],
  [200, 0],
  [0, 100],
  [200, 100],
] as const;
const read = (places: readonly (readonly [number, number])[], mm: (x: number, y: number) => number): Reading[] =>
  places.map(([xMm, yMm]) => ({ xMm, yMm, mm: mm(xMm, yMm) }));

test('readings of 18 and 22 mm: level at 20, and each is foretold by the other 4 mm wrong', () => {
  const { terms, surface, errorMm } = fitSurface(
    read(
      [
        [0, 0],
        [200, 100],
      ],
      (x) => 18 + x / 50,
    ),
    inside,
  );
  assert.equal(terms, 'level');
  near(surface, [20, 0, 0, 0, 0, 0]);
  assert.ok(close(errorMm!, 4));
  assert.equal(
    fitSurface(
      read([[50, 50]], () => 19),
      inside,
    ).errorMm,
    null,
  );
});

test('four corners on a plane: 20 mm in the middle, 1 mm more for 50 to the right, 1 less for 25 to the back; three are too few', () => {
  const plane = (x: number, y: number) => 20 + (x - 100) / 50 - (y - 50) / 25;
  const { terms, surface, errorMm } = fitSurface(read(corners, plane), inside);
  assert.equal(terms, 'tilted');
  near(surface, [20, 0.02, -0.04, 0, 0, 0]);
  assert.ok(close(errorMm!, 0));
  assert.equal(thicknessAt(surface, [50, 25]), 20);
  // The right front corner has 24 mm, the left back one 16.
  assert.ok(close(thinnest(surface, inside), 16));
  assert.equal(fitSurface(read(corners.slice(0, 3), plane), inside).terms, 'level');
});

test('a tilt has to foretell better by a fiftieth: four corners, one of them off by hand', () => {
  // Corners at u, v = -1 or 1 with 20 + a u + b at one corner. A plane misses b/4 at each, foretold b/4 / (1 - 3/4) = b. Level foretells
  // 4/3 of what each is off its mean.
  const at = (a: number) => read(corners, (x, y) => 20 + (a * (x - 100)) / 100 + (x === 200 && y === 100 ? 1 : 0));
  const level = (a: number) => {
    const mm = at(a).map((reading) => reading.mm);
    const mean = mm.reduce((sum, one) => sum + one, 0) / 4;
    return Math.sqrt(mm.reduce((sum, one) => sum + (((one - mean) * 4) / 3) * (((one - mean) * 4) / 3), 0) / 4);
  };
  // A tilt errs by 1 mm whatever a is.
  for (const [a, terms] of [
    [0.3, 'level'],
    // Level errs by 1.010 mm there, and by 1.022 mm here.
    [0.42, 'level'],
    [0.43, 'tilted'],
    [0.6, 'tilted'],
  ] as const) {
    const fit = fitSurface(at(a), inside);
    assert.equal(fit.terms, terms, `${level(a)}`);
    assert.ok(close(fit.errorMm!, terms === 'level' ? level(a) : 1));
  }
});

test('a bowl read at nine places: its six terms, and thinnest in its middle', () => {
  const places = [0, 100, 200].flatMap((x) => [0, 50, 100].map((y) => [x, y] as const));
  const { terms, surface } = fitSurface(
    read(places, (x, y) => 18 + 3 * (x / 100 - 1) ** 2 + (y / 50 - 1) ** 2 + (x / 100 - 1) * (y / 50 - 1)),
    inside,
  );
  assert.equal(terms, 'quadratic');
  near(surface, [18, 0, 0, 3 / 10_000, 1 / 5000, 1 / 2500]);
  assert.ok(close(thinnest(surface, inside), 18));
});
