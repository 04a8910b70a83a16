/** Areas and their moments within an outline, compared with closed forms. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clipped, FAR_MM, holds, momentsWithin, rectangleMoments, type Point } from '$core/cut';
import { near } from '../figures';

const R = 100;
const disc = { lengthMm: 2 * R, widthMm: 2 * R, cornerMm: R };
const plain = { lengthMm: 200, widthMm: 100, cornerMm: 0 };
const rounded = { ...plain, cornerMm: 20 };
const quarter: readonly Point[] = [
  [0, 0],
  [FAR_MM, 0],
  [FAR_MM, FAR_MM],
  [0, FAR_MM],
];
const turned = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-y, x]);
/** In units of the quarter disc: r^2, r^3, r^4. */
const scaled = ([area, x, y, xx, xy, yy]: readonly number[]) => [
  area! / R ** 2,
  x! / R ** 3,
  y! / R ** 3,
  xx! / R ** 4,
  xy! / R ** 4,
  yy! / R ** 4,
];

test('a rectangle of 4 x 6 mm about 3, 5: area 24, and its moments about the middle of the slab', () => {
  // 24 (9 + 16 / 12) and 24 (25 + 36 / 12).
  near(rectangleMoments([1, 5, 2, 8]), [24, 72, 120, 248, 360, 672]);
  for (const inside of [
    [5, 1, 2, 8],
    [1, 5, 8, 2],
    [1, 1, 2, 8],
    [1, 5, 2, 2],
  ] as const) {
    assert.deepEqual(rectangleMoments(inside), [0, 0, 0, 0, 0, 0]);
  }
});

test('quarters of a disc: pi/4 r^2, r^3/3 each way, pi/16 r^4, 1/8 r^4; and turned by quarters', () => {
  const [area, arm, square, product] = [Math.PI / 4, 1 / 3, Math.PI / 16, 1 / 8];
  near(scaled(momentsWithin(disc, quarter)), [area, arm, arm, square, product, square]);
  near(scaled(momentsWithin(disc, turned(quarter))), [area, -arm, arm, square, -product, square]);
  near(scaled(momentsWithin(disc, turned(turned(quarter)))), [area, -arm, -arm, square, product, square]);
  near(scaled(momentsWithin(disc, turned(turned(turned(quarter))))), [area, arm, -arm, square, -product, square]);
  // In either order of its corners.
  near(scaled(momentsWithin(disc, [...quarter].reverse())), [area, arm, arm, square, product, square]);
});

test('a piece inside, beyond the middle, or outside altogether', () => {
  const square: readonly Point[] = [
    [1, 2],
    [5, 2],
    [5, 8],
    [1, 8],
  ];
  for (const outline of [disc, plain, rounded]) near(momentsWithin(outline, square), [24, 72, 120, 248, 360, 672]);
  near(
    momentsWithin(
      rounded,
      square.map(([x, y]): Point => [x + 300, y]),
    ),
    [0, 0, 0, 0, 0, 0],
  );
  // The front right corner: 50 x 25 of the box, less what 20 mm of rounding takes, (1 - pi / 4) 400.
  const corner: readonly Point[] = [
    [50, -FAR_MM],
    [FAR_MM, -FAR_MM],
    [FAR_MM, -25],
    [50, -25],
  ];
  near(momentsWithin(plain, corner), [
    1250,
    1250 * 75,
    1250 * -37.5,
    1250 * (75 ** 2 + 2500 / 12),
    1250 * 75 * -37.5,
    1250 * (37.5 ** 2 + 625 / 12),
  ]);
  near([momentsWithin(rounded, corner)[0]], [1250 - (1 - Math.PI / 4) * 400]);
  // A corner of a thousandth of a mm is no piece.
  near(momentsWithin({ ...plain, cornerMm: 1e-9 }, corner), momentsWithin(plain, corner));
});

test('the corners of an outline’s box: the middles of its sides are inside, corners beyond its rounding are not', () => {
  const at = (x: number, y: number) => holds(rounded, [x, y]);
  assert.deepEqual([at(100, 0), at(-100, 30), at(0, 50), at(80, -50)], [true, true, true, true]);
  assert.deepEqual([at(100.1, 0), at(0, -50.1), at(100, 31), at(-81, 50)], [false, false, false, false]);
  // 80 + 12, 30 + 16 is on the arc: 12^2 + 16^2 = 20^2.
  assert.deepEqual([at(92, 46), at(-92, -46), at(92.1, 46), at(92, -46.1)], [true, true, false, false]);
});

test('a line within an outline: to the walls, to the arcs, and none where it misses', () => {
  const line = (outline: typeof plain, from: Point, to: Point) => clipped(outline, from, to)?.flat() ?? null;
  near(line(plain, [-300, 10], [300, 10])!, [-100, 10, 100, 10]);
  near(line(plain, [20, 70], [20, -70])!, [20, 50, 20, -50]);
  near(line(plain, [0, 0], [10, 20])!, [0, 0, 10, 20]);
  near(line(plain, [0, 0], [200, 50])!, [0, 0, 100, 25]);
  assert.deepEqual([line(plain, [-300, 51], [300, 51]), line(plain, [101, -10], [101, 10])], [null, null]);
  assert.equal(line(plain, [150, 0], [300, 0]), null);
  // At 46 mm the arc is 12 mm behind where its corner begins.
  near(line(rounded, [-300, 46], [300, 46])!, [-92, 46, 92, 46]);
  near(line(rounded, [-300, -46], [0, -46])!, [-92, -46, 0, -46]);
  near(line(rounded, [92, 0], [92, 300])!, [92, 0, 92, 46]);
  // Through the corner's square, past its arc, on the way from wall to wall.
  assert.equal(line(rounded, [90, 60], [110, 40]), null);
  // 16 mm beyond the middle of the front right arc a chord of 24 is left of it.
  const [short, long] = [4 * Math.SQRT1_2, 28 * Math.SQRT1_2];
  const middle = (short + long) / 2;
  const past = line(rounded, [80 + middle - 50, -30 - middle - 50], [80 + middle + 50, -30 - middle + 50]);
  near(past!, [80 + short, -30 - long, 80 + long, -30 - short]);
});
