import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  addedLayer,
  addedLines,
  addedPreparation,
  blankSlab,
  moved,
  parseSlab,
  withoutLayer,
  withoutPreparation,
} from '$core/slab';
import { plan } from '$core/usecases';
import { slabs } from '../anySlab';
import { demoLarder, ryeSlice, shop } from '../things';

test('law: a slab stays a slab file through every edit', () => {
  fc.assert(
    fc.property(slabs, fc.nat(3), fc.nat(3), (slab, p, l) => {
      const edits = [
        addedPreparation(slab, 'More'),
        addedLayer(slab, 'Top'),
        addedLines(slab, p % slab.preparations.length, [{ ingredient: 'butter', quantity: 1, unit: 'g' }]),
        withoutPreparation(slab, p % slab.preparations.length),
        withoutLayer(slab, l % slab.layers.length),
        addedLayer(addedPreparation(slab, 'More'), 'Top'),
      ];
      for (const edited of edits) {
        const read = parseSlab(edited);
        assert.ok(read.ok, JSON.stringify(read));
      }
    }),
  );
});

test('law: a move keeps everything and puts one thing in its place', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer(), { minLength: 1 }), fc.nat(), fc.nat(), (list, a, b) => {
      const [from, to] = [a % list.length, b % list.length];
      const next = moved(list, from, to);
      assert.deepEqual([...next].sort(), [...list].sort());
      assert.equal(next[to], list[from]);
    }),
  );
});

test('a new layer takes what is left of the first preparation', () => {
  const grown = addedLayer(addedPreparation(ryeSlice, 'Nuts'), 'Nut layer');
  assert.deepEqual(grown.layers.at(-1)!.from, [{ preparation: 'p4', share: 1 }]);
});

test('a blank slab has a plan', () => {
  const { slab, cut, cost } = plan(blankSlab('New'), demoLarder, shop);
  assert.deepEqual([slab.massG, slab.heightMm, cost.used, cost.perPiece], [0, 0, 0, 0]);
  assert.ok(cut.pieces.every(({ massG }) => massG === 0));
});
