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
  withLayer,
  withLine,
  withoutLayer,
  withoutPreparation,
} from '$core/slab';
import { plan } from '$core/usecases';
import { slabs } from '../anySlab';
import { demoLarder, ryeSlice, shop } from '../things';

test('law: a slab stays a valid file through every edit', () => {
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

test('law: a move keeps everything and puts one item in its place', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer(), { minLength: 1 }), fc.nat(), fc.nat(), (list, a, b) => {
      const [from, to] = [a % list.length, b % list.length];
      const next = moved(list, from, to);
      assert.deepEqual([...next].sort(), [...list].sort());
      assert.equal(next[to], list[from]);
    }),
  );
});

test('a new layer takes what is left of the first mixture', () => {
  const grown = addedLayer(addedPreparation(ryeSlice, 'Nuts'), 'Nut layer');
  assert.deepEqual(grown.layers.at(-1)!.from, [{ preparation: 'p4', share: 1 }]);
});

test('a new layer is named after its mixture, and uses the mixture it is named after', () => {
  const grown = addedPreparation(addedPreparation(ryeSlice, 'Nuts'), 'Salt');
  const onTop = (name: string, slab = grown) => addedLayer(slab, name).layers.at(-1)!;
  assert.deepEqual(onTop(' salt ').from, [{ preparation: 'p5', share: 1 }]);
  assert.equal(onTop(' salt ').name, 'salt');
  assert.equal(onTop('').name, 'Nuts');
  const none = onTop('', ryeSlice);
  assert.deepEqual([none.name, none.from], [`Layer ${ryeSlice.layers.length + 1}`, []]);
});

test('one line, one layer changes, and no other', () => {
  const slab = withLayer(withLine(ryeSlice, 1, 0, { quantity: 7 }), 2, { name: 'Lid' });
  assert.equal(slab.preparations[1]!.lines[0]!.quantity, 7);
  assert.deepEqual(slab.preparations[1]!.lines.slice(1), ryeSlice.preparations[1]!.lines.slice(1));
  assert.deepEqual(slab.preparations[0], ryeSlice.preparations[0]);
  assert.deepEqual([slab.layers[2]!.name, slab.layers[2]!.from], ['Lid', ryeSlice.layers[2]!.from]);
  assert.deepEqual(slab.layers.slice(0, 2), ryeSlice.layers.slice(0, 2));
});

test('parts of lines that went into a removed mixture return; parts for others stay', () => {
  const divided = [
    { share: 0.5, preparation: 'treacle' },
    { share: 0.2, preparation: 'top' },
  ];
  const slab = withLine(ryeSlice, 0, 0, { divided });
  const at = slab.preparations.findIndex(({ id }) => id === 'treacle');
  const left = withoutPreparation(slab, at);
  assert.deepEqual(left.preparations[0]!.lines[0]!.divided, [{ share: 0.2, preparation: 'top' }]);
  assert.equal(left.preparations[0]!.lines[1], slab.preparations[0]!.lines[1]);
  assert.ok(left.layers.every(({ from }) => from.every(({ preparation }) => preparation !== 'treacle')));
});

test('a move from an invalid place leaves a list as it is', () => assert.deepEqual(moved([1, 2], 5, 0), [1, 2]));

test('a blank slab has a plan', () => {
  const { slab, cut, cost } = plan(blankSlab('New'), demoLarder, shop);
  assert.deepEqual([slab.massG, slab.heightMm, cost.used, cost.perPiece], [0, 0, 0, 0]);
  assert.ok(cut.pieces.every(({ massG }) => massG === 0));
});
