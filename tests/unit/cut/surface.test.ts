/** Surfaces through readings of the thickness, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { evenWays, fitSurface, thicknessAt, thinnest, type EvenWays, type Reading } from '$core/cut';
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

test('readings of 18 and 22 mm: level at 20, and each predicted by the other is 4 mm off', () => {
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

test('a tilt must predict better by a fiftieth: four corners, one of them off by hand', () => {
  // Corners at u, v = -1 or 1 with 20 + a u + b at one corner. A plane misses b/4 at each, foretold b/4 / (1 - 3/4) = b. Level foretells
  // 4/3 of each one's deviation from the mean.
  const at = (a: number) => read(corners, (x, y) => 20 + (a * (x - 100)) / 100 + (x === 200 && y === 100 ? 1 : 0));
  const level = (a: number) => {
    const mm = at(a).map((reading) => reading.mm);
    const mean = mm.reduce((sum, value) => sum + value, 0) / 4;
    return Math.sqrt(mm.reduce((sum, value) => sum + (((value - mean) * 4) / 3) * (((value - mean) * 4) / 3), 0) / 4);
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

test('a bowl read at nine places: its six terms, thinnest in the middle', () => {
  const places = [0, 100, 200].flatMap((x) => [0, 50, 100].map((y) => [x, y] as const));
  const { terms, surface } = fitSurface(
    read(places, (x, y) => 18 + 3 * (x / 100 - 1) ** 2 + (y / 50 - 1) ** 2 + (x / 100 - 1) * (y / 50 - 1)),
    inside,
  );
  assert.equal(terms, 'quadratic');
  near(surface, [18, 0, 0, 3 / 10_000, 1 / 5000, 1 / 2500]);
  assert.ok(close(thinnest(surface, inside), 18));
});

test('16 mm in front and 24 at the back, a kerf of 10 mm, two by two: the line that halves it, and both strips cut in their middle', () => {
  const tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 } as const;
  const places = [0, 150, 300].flatMap((x) => [0, 100, 200].map((y) => [x, y] as const));
  const cut = { columns: 2, rows: 2, kerfMm: 10 };
  const strata = [{ fromMm: 0, thicknessMm: 20, massG: 1200 }];
  const { size, through, strips } = (
    evenWays(
      tin,
      20,
      strata,
      cut,
      read(places, (_, y) => 16 + y / 25),
    ) as EvenWays
  ).ways;
  // Up to y there are 16 y + 0.02 y^2; as much from y + 10 to 200: 0.04 y^2 + 32.4 y = 3838.
  const y = (Math.sqrt(32.4 ** 2 + 4 * 0.04 * 3838) - 32.4) / 0.08;
  near([...through.marksMm.length, ...through.marksMm.width], [145, y]);
  near([...size.marksMm.length, ...size.marksMm.width, strips.marksMm.width[0]!], [145, 95, y]);
  assert.deepEqual(strips.marksMm.length, []);
  near(strips.strips!.map(({ fromMm, toMm, linesMm }) => [fromMm, toMm, ...linesMm]).flat(), [
    0,
    y,
    145,
    y + 10,
    200,
    145,
  ]);
  // A piece is 145 of 300 mm of half of what the kerf leaves: of 4000 it takes what is on 10 mm from y on.
  const pieceG = (((16 * y + 0.02 * y * y) / 4000) * 1200 * 145) / 300;
  for (const way of [through, strips]) near(way.massesG.flat(), [pieceG, pieceG, pieceG, pieceG]);
  const [front, back] = [(16 * 95 + 0.02 * 95 ** 2) / 4000, 1 - (16 * 105 + 0.02 * 105 ** 2) / 4000];
  near(
    size.massesG.flat(),
    [front, front, back, back].map((share) => (share * 1200 * 145) / 300),
  );
});
