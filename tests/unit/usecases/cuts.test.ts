import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cutAnswers, plan, type CutAsk } from '$core/usecases';
import type { CutSpec } from '$core/slab';
import type { Tin } from '$core/tin';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 };
const answers = (ask: CutAsk, cut: CutSpec = { columns: 1, rows: 1 }, tin: Tin = box) =>
  cutAnswers(ryeSlice, demoLarder, shop, { tins: [{ tin, count: 1 }], cut }, ask);

test('60 pieces wanted: 60 as squares first, and what 54, 56 and 64 would give', () => {
  const [first, ...others] = answers({ by: 'count', count: 60 });
  assert.deepEqual([first!.pieces, first!.cut.columns, first!.cut.rows], [60, 10, 6]);
  assert.ok(close(first!.lengthMm, 30) && close(first!.widthMm, 200 / 6));
  assert.deepEqual(first!.fit, { code: 'count', pieces: 60, more: 0 });
  assert.ok(others.length >= 3 && others.every(({ pieces }) => Math.abs(pieces - 60) <= 9));
  // 59 and 61 are prime: nobody wants slivers of 5 mm.
  assert.ok(others.every(({ lengthMm, widthMm }) => Math.max(lengthMm, widthMm) / Math.min(lengthMm, widthMm) < 4));
});

test('law: each answer equals the plan of its cut', () => {
  for (const slab of demoSlabs) {
    for (const ask of [
      { by: 'count', count: 24 },
      { by: 'mass', massG: 30 },
      { by: 'size', lengthMm: 40, widthMm: 30 },
      { by: 'size', lengthMm: 40, widthMm: 30, fit: 'stretch' },
      { by: 'cost', cost: 0.3 },
    ] as const) {
      for (const answer of cutAnswers(slab, demoLarder, shop, {}, ask).slice(0, 2)) {
        const { cut, cost, slab: whole } = plan(slab, demoLarder, shop, { cut: answer.cut });
        assert.equal(
          cut.pieces.reduce((sum, { count }) => sum + count, 0),
          answer.pieces,
        );
        assert.ok(
          close(cut.massVariation, answer.massVariation, 1e-9) &&
            close(cut.trimG / whole.massG, answer.trimShare, 1e-9),
        );
        assert.ok(close(cost.perPiece!, answer.cost, 1e-9));
      }
    }
  }
});

test('an exact size: the rest is trimmed; an approximate size: nothing is', () => {
  const [exact] = answers({ by: 'size', lengthMm: 45, widthMm: 45 });
  assert.ok(close(exact!.lengthMm, 45) && close(exact!.widthMm, 45) && exact!.pieces === 24);
  assert.ok(close(exact!.trimShare, 1 - (24 * 45 * 45) / 60000));
  const [near] = answers({ by: 'size', lengthMm: 45, widthMm: 45, fit: 'stretch' });
  assert.ok(near!.trimShare < 1e-9 && near!.pieces === 28);
});

test('by mass and by cost: the nearest first, with how near it is', () => {
  const slabG = plan(ryeSlice, demoLarder, shop, { tins: [{ tin: box, count: 1 }] }).slab.massG;
  const [byMass, next] = answers({ by: 'mass', massG: slabG / 40 });
  assert.ok(close(byMass!.massG, slabG / 40, 1e-9) && Math.abs(next!.massG - slabG / 40) > 0);
  assert.ok(next!.fit.code === 'mass' && next!.fit.overShare !== 0);
  const [byCost] = answers({ by: 'cost', cost: byMass!.cost });
  assert.equal(byCost!.pieces, 40);
});

test('the impossible has no answer: pieces heavier than the slab, trims that leave nothing', () => {
  assert.deepEqual(answers({ by: 'mass', massG: 1e5 }), []);
  assert.deepEqual(answers({ by: 'count', count: 10 }, { columns: 1, rows: 1, trimMm: { left: 200, right: 200 } }), []);
  assert.deepEqual(answers({ by: 'size', lengthMm: 400, widthMm: 400 }), []);
});

test('wedges of a round tin, triangles of a square one', () => {
  const round: Tin = { shape: 'round', diameterMm: 260, depthMm: 60 };
  const [ten] = answers({ by: 'count', count: 10 }, { columns: 2, rows: 1, way: 'wedges' }, round);
  assert.deepEqual([ten!.pieces, ten!.strokes], [10, 5]);
  const [half] = answers({ by: 'count', count: 48 }, { columns: 1, rows: 1, shape: 'triangle' });
  assert.equal(half!.pieces, 48);
});
