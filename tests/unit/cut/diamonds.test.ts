/** Diamonds and wedges, every position worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { layOut, type Point } from '$core/cut';
import type { Tin } from '$core/tin';
import { near } from '../figures';

const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
/** A line at 60 degrees goes so far along for each mm across. */
const LEAN = 1 / Math.sqrt(3);

test('two by two over a whole slab: sides of 100 in rows of 50 mm, and the left piece leans further back', () => {
  const { regions, frame, strokes, marksMm } = layOut(box, 10, { columns: 2, rows: 2, shape: 'diamond' })!;
  assert.deepEqual(frame, [-Infinity, Infinity, -Infinity, Infinity]);
  for (const { lengthMm, widthMm, faceMm2 } of regions) near([lengthMm, widthMm, faceMm2], [100, 50, 5000]);
  const faces = regions.map(({ face }) => [...face]);
  // Of the front row a triangle of the first, a whole one, and one clipped by the right wall; of the back row likewise, leaning further.
  const [front, back] = [50 * LEAN, 100 * LEAN];
  const corners = (points: readonly Point[]) => points.map(([x, y]) => [x + 100, y + 50]).flat();
  const rows = [faces.slice(0, 3), faces.slice(3)];
  near(corners(rows[0]![1]!), [0, 0, 100, 0, 100 + front, 50, front, 50]);
  near(corners(rows[1]![1]!), [front, 50, 100 + front, 50, 100 + back, 100, back, 100]);
  assert.deepEqual(
    rows.map((row) => row.length),
    [3, 3],
  );
  const areas = faces.map(area);
  const [small, large] = [(50 * front) / 2, 50 * front + (50 * front) / 2];
  near(areas, [small, 5000, 5000 - small, large, 5000, 5000 - large]);
  // One line along, and the slanted ones: from the corner, and from the middle of the front.
  assert.deepEqual(
    strokes.map(({ set }) => set),
    ['along', 'slanted', 'slanted'],
  );
  near(strokes.map(({ from, to }) => [from, to]).flat(2), [
    ...[-100, 0, 100, 0],
    ...[-100, -50, -100 + back, 50],
    ...[0, -50, back, 50],
  ]);
  near([...marksMm.length, ...marksMm.width], [100, 50]);
});

test('within trims, with a kerf of sqrt 3: 2 mm along a slanted line, sides of 84 mm, rows of what is left', () => {
  const kerfMm = Math.sqrt(3);
  const trimMm = { left: 10, right: 20, front: 5, back: 15 };
  const { regions, frame, strokes, marksMm } = layOut(box, 10, {
    columns: 2,
    rows: 2,
    shape: 'diamond',
    kerfMm,
    trimMm,
  })!;
  // 170 less one kerf of 2; 80 less one of sqrt 3.
  const row = (80 - kerfMm) / 2;
  assert.deepEqual(frame, [-90, 80, -45, 35]);
  for (const { lengthMm, widthMm, faceMm2 } of regions) near([lengthMm, widthMm, faceMm2], [84, row, 84 * row]);
  for (const { face, takes } of regions) near((takes as readonly Point[]).flat(), face.flat());
  for (const [x, y] of regions.flatMap(({ face }) => [...face])) {
    assert.ok(x >= -90 - 1e-9 && x <= 80 + 1e-9 && y >= -45 - 1e-9 && y <= 35 + 1e-9);
  }
  const whole = regions.find(
    ({ face }) => face.length === 4 && Math.abs(face[0]![0] + 90) < 1e-9 && face[0]![1] === -45,
  )!;
  near(whole.face.flat(), [-90, -45, -6, -45, -6 + row * LEAN, -45 + row, -90 + row * LEAN, -45 + row]);
  // The next begins a kerf further on, the next row a kerf further back.
  assert.ok(regions.some(({ face }) => Math.abs(face[0]![0] + 4) < 1e-9 && face[0]![1] === -45));
  assert.ok(regions.some(({ face }) => face.some(([, y]) => Math.abs(y - (-45 + row + kerfMm)) < 1e-9)));
  const of = (set: string) => strokes.filter((stroke) => stroke.set === set).map(({ from, to }) => [...from, ...to]);
  near(of('along').flat(), [-100, -45, 100, -45, -100, -45 + row, 100, -45 + row, -100, 35, 100, 35]);
  near(of('across').flat(), [-90, -50, -90, 50, 80, -50, 80, 50]);
  // One that enters over the left trim, 2 mm before the frame's corner, and one from the front, where the first piece ends.
  near(of('slanted').flat(), [-90, -45 + 2 / LEAN, -92 + 80 * LEAN, 35, -6, -45, -6 + 80 * LEAN, 35]);
  near(marksMm.width, [5, 5 + row, 85]);
  near(marksMm.length, [94]);
});

test('trims or kerf that leave nothing make no diamonds', () => {
  const laid = (rest: object) => layOut(box, 10, { columns: 2, rows: 2, shape: 'diamond', ...rest });
  assert.equal(laid({ trimMm: { left: 120, right: 80 } }), null);
  assert.equal(laid({ trimMm: { front: 60, back: 40 } }), null);
  assert.equal(laid({ kerfMm: 100 }), null);
});

function area(face: readonly Point[]): number {
  const crossed = face.map(([x, y], i) => {
    const [nextX, nextY] = face[(i + 1) % face.length]!;
    return x * nextY - nextX * y;
  });
  return crossed.reduce((sum, value) => sum + value, 0) / 2;
}
