/** An order of pieces by weight or price, and taking over its cut. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { pieceSizeFor, plan, withoutOrder } from '$core/usecases';
import type { Slab } from '$core/slab';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const planned = (slab: Slab) => plan(slab, demoLarder, shop);
const piecesOf = (slab: Slab) => planned(slab).cut.pieces.find(({ kind }) => kind === 'piece')!;

test('a piece of half the weight or half the price has half the face, in the same proportions', () => {
  const now = planned(ryeSlice);
  const { massG, cost, lengthMm, widthMm } = piecesOf(ryeSlice);
  for (const want of [{ massG: massG / 2 }, { cost: cost / 2 }]) {
    const size = pieceSizeFor(now, want)!;
    assert.ok(Math.abs(size.lengthMm - lengthMm * Math.SQRT1_2) <= 0.25 + 1e-9, JSON.stringify(size));
    assert.ok(Math.abs(size.widthMm - widthMm * Math.SQRT1_2) <= 0.25 + 1e-9);
  }
  // 290 mm in six and 190 in four are 48.333 x 47.5: rounded up, they would lose a column.
  assert.deepEqual(pieceSizeFor(now, {}), { lengthMm: 48.333, widthMm: 47.5 });
  assert.equal(pieceSizeFor(now, { massG: 0 }), null);
  const free = planned({
    ...ryeSlice,
    preparations: ryeSlice.preparations.map((preparation) => ({ ...preparation, lines: [] })),
  });
  assert.equal(pieceSizeFor(free, { massG: 40 }), null);
});

test('an order cuts within the maker’s trims, and gives pieces of about the requested weight', () => {
  for (const slab of demoSlabs.filter(
    ({ cut, layers }) => cut?.trimMm && layers.every(({ spread }) => spread === 'level'),
  )) {
    const { massG } = piecesOf(slab);
    const size = pieceSizeFor(planned(slab), { massG: massG * 0.7 })!;
    const ordered: Slab = { ...slab, scale: { mode: 'pieces', count: 20, ...size } };
    assert.ok(Math.abs(piecesOf(ordered).massG / (massG * 0.7) - 1) < 0.06, slab.name);
    const held = withoutOrder(ordered, demoLarder, shop).cut!;
    for (const side of ['left', 'right', 'front', 'back'] as const)
      assert.ok((held.trimMm?.[side] ?? 0) >= (slab.cut!.trimMm![side] ?? 0) - 1e-9, `${slab.name} ${side}`);
  }
});

test('removing an order keeps the tins, the height and the pieces as they are', () => {
  const ordered: Slab = { ...ryeSlice, scale: { mode: 'pieces', count: 30, lengthMm: 40, widthMm: 30, heightMm: 18 } };
  const free = withoutOrder(ordered, demoLarder, shop);
  assert.deepEqual(free.scale, { mode: 'total-height', mm: 18 });
  const [a, b] = [planned(ordered), planned(free)];
  assert.deepEqual([a.cut.columns, a.cut.rows], [b.cut.columns, b.cut.rows]);
  assert.ok(close(piecesOf(ordered).massG, piecesOf(free).massG, 1e-9) && close(a.cost.used, b.cost.used, 1e-9));
  assert.equal(withoutOrder(ryeSlice, demoLarder, shop), ryeSlice);
});
