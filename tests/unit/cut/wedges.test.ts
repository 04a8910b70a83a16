/** Wedges, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { layOut, type Layout } from '$core/cut';
import type { Tin } from '$core/tin';
import { close, near } from '../figures';

const round: Tin = { shape: 'round', diameterMm: 200, depthMm: 40 };
const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const wedges = (tin: Tin, columns: number, kerfMm = 0) => layOut(tin, 10, { columns, rows: 1, way: 'wedges', kerfMm });
/** To a thousandth of a mm: rays of a square tin are found by iteration. */
const strokesOf = ({ strokes }: Layout) =>
  strokes.map(({ from, to }) => [...from, ...to].map((mm) => Math.round(mm * 1000) / 1000 + 0));

test('four of a round tin: quarters, the first from the back to the left, two strokes through the middle', () => {
  const layout = wedges(round, 4)!;
  assert.equal(layout.regions.length, 4);
  for (const { lengthMm, widthMm, faceMm2 } of layout.regions) {
    near([lengthMm, widthMm, faceMm2], [100, 200 * Math.SQRT1_2, 2500 * Math.PI]);
  }
  // Its corners: the middle, and points beyond the wall in steps of a third.
  const [cos, sin] = [100 * Math.sqrt(3), 100];
  near(layout.regions[0]!.face.flat(), [0, 0, 0, 200, -sin, cos, -cos, sin, -200, 0]);
  assert.deepEqual(strokesOf(layout), [
    [0, 100, 0, -100],
    [-100, 0, 100, 0],
  ]);
  assert.ok(layout.strokes.every(({ set }) => set === 'from the middle'));
  assert.deepEqual(layout.marksMm, { length: [], width: [] });
  assert.deepEqual(layout.frame, [-Infinity, Infinity, -Infinity, Infinity]);
  // An odd number has no strokes through the middle.
  assert.deepEqual(strokesOf(wedges(round, 3)!), [
    [0, 100, 0, 0],
    [-86.603, -50, 0, 0],
    [86.603, -50, 0, 0],
  ]);
});

test('eight of 200 x 100 mm: 2500 mm2 each is a triangle from the middle of a side to a corner', () => {
  const layout = wedges(box, 8)!;
  assert.deepEqual(strokesOf(layout), [
    [0, 50, 0, -50],
    [-100, 50, 100, -50],
    [-100, 0, 100, 0],
    [-100, -50, 100, 50],
  ]);
  for (const { faceMm2 } of layout.regions) assert.ok(close(faceMm2, 2500, 1e-8));
  // The middle of the first leans by half of what its corner does: atan 2 from the back.
  const half = Math.atan(2) / 2;
  const [{ lengthMm, widthMm }] = layout.regions as [Layout['regions'][number]];
  assert.ok(close(lengthMm, 50 / Math.cos(half), 1e-8) && close(widthMm, 2 * lengthMm * Math.sin(half), 1e-8));
  // With corners of 40 mm of a square of 200 a ray ends on the arc: 60 sqrt 2 + 40 from the middle.
  const corner = (60 * Math.SQRT2 + 40) * Math.SQRT1_2;
  const square = wedges({ ...box, widthMm: 200, cornerMm: 40 }, 8)!;
  assert.ok(close(strokesOf(square)[1]![0]!, -corner, 1e-5));
  const [quarter] = wedges({ ...box, widthMm: 200, cornerMm: 40 }, 4)!.regions;
  near([quarter!.lengthMm], [60 * Math.SQRT2 + 40]);
});

test('a kerf of 2 mm moves a quarter out by 1 mm each way, and a half by 1 mm', () => {
  // From 1 mm off the middle on: a quarter of the circle less two strips of 1 mm, which share 1 mm2.
  const stripMm2 = (Math.sqrt(9999) + 10_000 * Math.asin(0.01)) / 2;
  const [quarter] = wedges(round, 4, 2)!.regions;
  near([...quarter!.face[0]!, quarter!.faceMm2], [-1, 1, 2500 * Math.PI - 2 * stripMm2 + 1]);
  const [half] = wedges(round, 2, 2)!.regions;
  near([...half!.face[0]!, half!.faceMm2, half!.widthMm], [-1, 0, 5000 * Math.PI - 2 * stripMm2, 200]);
});

test('one wedge is not a cut, and a kerf as wide as the tin leaves none', () => {
  assert.deepEqual([wedges(round, 1), wedges(round, 2, 200), wedges(round, 201)], [null, null, null]);
  assert.equal(wedges(round, 2, 199)!.regions.length, 2);
  assert.deepEqual([wedges(box, 2, 100), wedges(box, 2, 99)?.regions.length], [null, 2]);
});
