/** Pieces finer than can be cut: a slab saved with them still opens. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { gridOf } from '$core/cut';
import { plan } from '$core/usecases';
import { deepSquare } from '../tins';
import { demoLarder, ryeSlice, shop } from '../things';

test('a slab saved with pieces finer than can be cut still has a plan, with as many pieces as a grid may have', () => {
  const kept = { ...ryeSlice, scale: { mode: 'pieces', count: 100, lengthMm: 0.00001, widthMm: 0.00001 } as const };
  const [piece] = plan(kept, demoLarder, shop).cut.pieces;
  assert.ok(piece && piece.count <= 200 * 200);
  assert.equal(gridOf(deepSquare, 20, { columns: 201, rows: 1 }), null);
});
