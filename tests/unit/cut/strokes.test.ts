/** The order of knife strokes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { layOut, strokeOrder, type Stroke } from '$core/cut';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 12 };
const cut: CutSpec = { columns: 3, rows: 2, trimMm: { left: 6, right: 6, front: 4, back: 4 } };

test('order of strokes: all parallel ones before the board is turned, from the front and the left', () => {
  const order = strokeOrder(layOut(box, 20, cut)!);
  assert.deepEqual(
    order.strokes.map(({ number, from, to }) => [number, ...from, ...to]),
    [
      [1, 0, 4, 300, 4],
      [2, 0, 100, 300, 100],
      [3, 0, 196, 300, 196],
      [4, 6, 0, 6, 200],
      [5, 102, 0, 102, 200],
      [6, 198, 0, 198, 200],
      [7, 294, 0, 294, 200],
    ],
  );
  assert.equal(order.turns, 1);
  const wedges = strokeOrder(layOut({ ...box, cornerMm: 0 }, 20, { columns: 8, rows: 1, way: 'wedges' })!);
  assert.deepEqual([wedges.strokes.length, wedges.turns], [4, 3]);
  assert.equal(strokeOrder(layOut(box, 20, { ...cut, shape: 'diamond' })!).turns, 2);
});

test('unsorted strokes are ordered: along from the front, across from the left, slanted last', () => {
  const stroke = (set: Stroke['set'], x1: number, y1: number, x2: number, y2: number): Stroke => ({
    from: [x1, y1],
    to: [x2, y2],
    set,
  });
  const { strokes, turns } = strokeOrder({
    outline: { lengthMm: 200, widthMm: 100, cornerMm: 0 },
    strokes: [
      stroke('slanted', 40, -50, 90, 50),
      stroke('across', 60, -50, 60, 50),
      stroke('along', -100, 30, 100, 30),
      stroke('slanted', -60, -50, -10, 50),
      stroke('across', -20, -50, -20, 50),
      stroke('along', -100, -10, 100, -10),
    ],
  });
  assert.deepEqual(
    strokes.map(({ number, set, from }) => [number, set, ...from]),
    [
      [1, 'along', 0, 40],
      [2, 'along', 0, 80],
      [3, 'across', 80, 0],
      [4, 'across', 160, 0],
      [5, 'slanted', 40, 0],
      [6, 'slanted', 140, 0],
    ],
  );
  assert.equal(turns, 2);
});
