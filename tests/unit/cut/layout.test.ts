/** Positions of the pieces of a grid, and the strokes between them, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { FAR_MM, layOut } from '$core/cut';
import type { Tin } from '$core/tin';

const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const large: Tin = { ...box, lengthMm: 300, widthMm: 200 };

test('two by two with a trim on the left and a kerf of 2 mm: what is not trimmed reaches to the wall', () => {
  const { regions, frame } = layOut(box, 10, { columns: 2, rows: 2, kerfMm: 2, trimMm: { left: 10 } })!;
  // (200 - 10 - 2) / 2 = 94 and (100 - 2) / 2 = 49; by column, from the front.
  assert.deepEqual(
    regions.map(({ takes }) => takes),
    [
      [-90, 4, -Infinity, -1],
      [-90, 4, 1, Infinity],
      [6, Infinity, -Infinity, -1],
      [6, Infinity, 1, Infinity],
    ],
  );
  assert.deepEqual(frame, [-90, Infinity, -Infinity, Infinity]);
  assert.deepEqual(regions[0]!.face, [
    [-90, -50],
    [4, -50],
    [4, -1],
    [-90, -1],
  ]);
  const whole = layOut(box, 10, { columns: 3, rows: 1, trimMm: { right: 5, front: 5, back: 5 } })!;
  assert.deepEqual(
    whole.regions.map(({ takes }) => takes),
    [
      [-Infinity, -35, -45, 45],
      [-35, 30, -45, 45],
      [30, 95, -45, 45],
    ],
  );
});

test('triangles of three by two squares of 100 mm: strokes run on from corner to corner, each once', () => {
  const { regions, strokes } = layOut(large, 10, { columns: 3, rows: 2, shape: 'triangle' })!;
  assert.equal(regions.length, 12);
  assert.deepEqual(
    strokes.map(({ from, to, set }) => [set, ...from, ...to]),
    [
      ['along', -150, 0, 150, 0],
      ['across', -50, -100, -50, 100],
      ['across', 50, -100, 50, 100],
      ['slanted', -150, -100, 50, 100],
      ['slanted', -150, 0, -50, 100],
      ['slanted', -50, -100, 150, 100],
      ['slanted', 50, -100, 150, 0],
    ],
  );
  // The halves of the front left square reach out to their walls.
  assert.deepEqual(regions[0]!.takes, [
    [-150, -100],
    [-50, 0],
    [-50, 0],
    [-FAR_MM, 0],
    [-FAR_MM, -100],
  ]);
  assert.deepEqual(regions[1]!.takes, [
    [-150, -100],
    [-150, -FAR_MM],
    [-50, -FAR_MM],
    [-50, 0],
    [-50, 0],
  ]);
});

test('a kerf of 12 mm across squares of 100 mm: each half begins 6 sqrt 2 from the corner', () => {
  const { regions } = layOut({ ...box, lengthMm: 100 }, 10, { columns: 1, rows: 1, shape: 'triangle', kerfMm: 12 })!;
  const off = 6 * Math.SQRT2;
  const round = (points: readonly (readonly number[])[]) =>
    points.map((point) => point.map((mm) => Number(mm.toFixed(9))));
  assert.deepEqual(
    regions.map(({ face }) => round(face)),
    [
      round([
        [-50, -50 + off],
        [50 - off, 50],
        [-50, 50],
      ]),
      round([
        [-50 + off, -50],
        [50, -50],
        [50, 50 - off],
      ]),
    ],
  );
  // As wide as the square is from corner to corner it leaves nothing: 100 sqrt 2.
  const halves = (kerfMm: number) =>
    layOut({ ...box, lengthMm: 100 }, 10, { columns: 1, rows: 1, shape: 'triangle', kerfMm })!.regions.length;
  assert.deepEqual([halves(141), halves(142)], [2, 0]);
});
