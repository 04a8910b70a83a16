/** Lines of a cut that are moved, locked and evened out, worked by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { gridOf, madeEven, movedAlone, movedLine, withoutEmpty, type LockedLines } from '$core/cut';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
const own: CutSpec = { columns: 5, rows: 2, kerfMm: 2, linesMm: { length: [50, 120, 200, 250] } };
const grid = gridOf(box, 20, own)!;
const locked = (length: number[], width: number[] = []): LockedLines => ({
  length: new Set(length),
  width: new Set(width),
});

test('evened out between two locked lines: 52 to 200 mm become two of 73, 202 to 300 two of 48', () => {
  assert.deepEqual(madeEven(own, grid, locked([2, 0])), {
    columns: 5,
    rows: 2,
    kerfMm: 2,
    linesMm: { length: [50, 125, 200, 250] },
  });
  // Missing lines lock nothing, nor do those of the other direction.
  assert.deepEqual(madeEven(own, grid, locked([4], [7])), { columns: 5, rows: 2, kerfMm: 2 });
  // (200 - 2) / 2 = 99: the one line of the width stays in place.
  assert.deepEqual(madeEven(own, grid, locked([], [0])).linesMm, { width: [99] });
});

test('without a kerf: a locked line at 50 mm leaves 250, in four of 62.5', () => {
  const cut = { ...own, kerfMm: undefined };
  assert.deepEqual(madeEven(cut, gridOf(box, 20, cut)!, locked([0])).linesMm, { length: [50, 112.5, 175, 237.5] });
});

test('one line alone: a piece keeps at least 1 mm, in steps of half a mm; a trim is set as usual', () => {
  const at = (after: number, toMm: number) => movedAlone(own, grid, { side: 'length', after }, toMm).linesMm!.length;
  assert.deepEqual(at(1, -20), [1, 120, 200, 250]);
  assert.deepEqual(at(1, 60.3), [60.5, 120, 200, 250]);
  // The second piece begins behind the kerf, at 52.
  assert.deepEqual(at(2, 0), [50, 53, 200, 250]);
  assert.deepEqual(at(4, 900), [50, 120, 200, 297]);
  assert.deepEqual(movedAlone(own, grid, { side: 'width', after: 1 }, 80).linesMm, { ...own.linesMm, width: [80] });
  assert.deepEqual(movedAlone(own, grid, { side: 'width', end: 'end' }, 190).trimMm, { back: 10 });
  // Two pieces of 1 mm and a kerf leave no room to move.
  const narrow: CutSpec = { ...own, linesMm: { length: [1, 4, 200, 250] } };
  assert.deepEqual(
    movedAlone(narrow, gridOf(box, 20, narrow)!, { side: 'length', after: 1 }, 2).linesMm,
    narrow.linesMm,
  );
  const none: CutSpec = { ...own, linesMm: { length: [1, 3.5, 200, 250] } };
  assert.equal(movedAlone(none, gridOf(box, 20, none)!, { side: 'length', after: 1 }, 2), none);
});

test('a line across the width stretches what lies before it: the second of three behind 90 mm with a kerf of 2', () => {
  const cut: CutSpec = { columns: 1, rows: 3, kerfMm: 2, trimMm: { left: 3, front: 10 } };
  // (90 - 10 - 2) / 2 = 39: three of them and two kerfs end at 131, and 69 are left at the back.
  assert.deepEqual(movedLine(cut, { side: 'width', after: 2 }, 90, 200).trimMm, { left: 3, front: 10, back: 69 });
  // Less than 1 mm for each piece is no cut: 3 mm and two kerfs need a trim of no more than 183.
  assert.equal(movedLine(cut, { side: 'width', end: 'end' }, 16.9, 200), cut);
  assert.equal(movedLine(cut, { side: 'width', end: 'end' }, 17, 200).trimMm!.back, 183);
});

test('a plain grid is no more than its fields', () => {
  const grid: CutSpec = { columns: 2, rows: 3 };
  assert.deepEqual(withoutEmpty({ ...grid, linesMm: { length: [] }, strips: [], kinds: [], thicknessAt: [] }), grid);
  const full: CutSpec = {
    ...grid,
    linesMm: { length: [10], width: [] },
    strips: [{ atMm: 0, widthMm: 10, linesMm: [] }],
    kinds: [{ id: 'a', name: 'A', lengthMm: 10, widthMm: 10 }],
    thicknessAt: [{ xMm: 0, yMm: 0, mm: 5 }],
  };
  assert.deepEqual(withoutEmpty(full), { ...full, linesMm: { length: [10] } });
  assert.deepEqual(withoutEmpty({ ...grid, linesMm: { width: [10] } }).linesMm, { width: [10] });
});
