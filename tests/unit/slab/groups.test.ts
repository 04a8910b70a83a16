/** Relations of a slab's mixtures and layers: what bakes together, shares, what is in the pot. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  bakedTogether,
  bakeOf,
  cutProblems,
  cutWork,
  expandDividedLines,
  holdsQuantity,
  linesInPot,
  namesNeeded,
  shareKept,
  spareShare,
  withShares,
  type CutSpec,
  type Layer,
  type Preparation,
  type Scale,
  type Slab,
} from '$core/slab';
import { ryeSlice } from '../things';

const baked = (id: string, ovenC?: number): Preparation => ({
  ...{ id, name: id, lines: [] },
  steps: [
    { id: 'mix', text: 'Mix', minutes: 5 },
    ...(ovenC === undefined ? [] : [{ id: `bake ${id}`, text: 'Bake', minutes: 20, ovenC }]),
  ],
});
const layer = (of: string, part: Partial<Layer> = {}): Layer => ({
  ...{ id: `l ${of}`, name: of, spread: 'level', from: [{ preparation: of, share: 1 }] },
  ...part,
});
const together = (preparations: Preparation[], layers: Layer[]) =>
  bakedTogether({ preparations, layers })?.layers.map(({ name }) => name) ?? null;

test('the baking step is the first one with an oven; without steps there is none', () => {
  assert.equal(bakeOf(baked('a', 180))!.id, 'bake a');
  assert.equal(bakeOf(baked('a')), null);
  assert.equal(bakeOf({}), null);
});

test('level layers from the bottom bake together while their ovens are at most 3 degrees apart', () => {
  const [a, b, c, raw] = [baked('a', 180), baked('b', 183), baked('c', 184), baked('raw')];
  assert.deepEqual(together([a, b], [layer('a'), layer('b')]), ['a', 'b']);
  assert.equal(together([a, c], [layer('a'), layer('c')]), null);
  // All are compared with the first, not with the one below.
  assert.deepEqual(together([a, b, c], [layer('a'), layer('b'), layer('c')]), ['a', 'b']);
  assert.equal(together([a, b], [layer('a')]), null, 'a base alone is no group');
  assert.equal(together([a, b, raw], [layer('a'), layer('raw'), layer('b')]), null);
  assert.equal(together([a, b], [layer('a'), layer('b', { spread: 'coat' })]), null);
  assert.equal(together([a, b], [layer('a'), layer('b', { from: [] })]), null);
  assert.equal(together([a], [layer('a'), layer('gone')]), null);
  const mixed = layer('a', { from: ['a', 'raw'].map((preparation) => ({ preparation, share: 0.5 })) });
  assert.equal(together([a, b, raw], [mixed, layer('b')]), null, 'a layer with something raw in it');
  const both = layer('a', { from: ['a', 'b'].map((preparation) => ({ preparation, share: 0.5 })) });
  const found = bakedTogether({ preparations: [a, b], layers: [both, layer('b')] })!;
  assert.deepEqual(
    [...found.steps].map(([id, step]) => [id, step.id]),
    [
      ['a', 'bake a'],
      ['b', 'bake b'],
    ],
  );
});

test('what is left of a mixture, with and without the part that is about to change', () => {
  const from = (share: number) => ({ from: [{ preparation: 'a', share }] });
  const slab = { preparations: [baked('a'), baked('b')], layers: [layer('a', from(0.3)), layer('b', from(0.5))] };
  assert.ok(Math.abs(spareShare(slab, 'a') - 0.2) < 1e-12);
  assert.ok(Math.abs(spareShare(slab, 'a', { layer: 1, part: 0 }) - 0.7) < 1e-12);
  assert.equal(spareShare(slab, 'b'), 1);
  assert.equal(spareShare(slab, 'b', { layer: 0, part: 0 }), 1, 'a part of another preparation counts for nothing');
  assert.ok(Math.abs(spareShare(slab, 'a', { layer: 0, part: 7 }) - 0.2) < 1e-12);
  assert.equal(spareShare(slab, 'gone'), 1);
  const over = { ...slab, layers: [layer('a', from(0.9)), layer('b', from(0.9))] };
  assert.equal(spareShare(over, 'a'), 0);
});

test('new shares are assigned to the layers in order, limited to 0 to 1; others stay', () => {
  const slab: Slab = {
    ...ryeSlice,
    layers: [
      layer('x', {
        from: [
          { preparation: 'base', share: 0.2 },
          { preparation: 'treacle', share: 0.4 },
        ],
      }),
      layer('y', { from: [{ preparation: 'base', share: 0.3 }] }),
      layer('z', { from: [{ preparation: 'base', share: 0.5 }] }),
    ],
  };
  const sharesOf = (of: Slab) => of.layers.flatMap(({ from }) => from.map(({ share }) => share));
  assert.deepEqual(sharesOf(withShares(slab, 'base', [1.5, -1])), [1, 0.4, 0, 0.5]);
  assert.deepEqual(sharesOf(withShares(slab, 'base', [1 / 3, 0, 0.25])), [0.333333, 0.4, 0, 0.25]);
  assert.equal(withShares(slab, 'base', []).name, slab.name);
});

test('parts of a divided line go to their mixtures, and parts without one stay', () => {
  const line = { ingredient: 'nuts', quantity: 100, unit: 'g' as const };
  const divided = [
    { share: 0.5, preparation: 'b', addedAt: 'mix' },
    { share: 0.2, preparation: 'gone' },
    { share: 0, preparation: 'b' },
    { share: 0.1, addedAt: 'mix' },
  ];
  const slab: Slab = {
    ...ryeSlice,
    preparations: [{ ...baked('a'), lines: [{ ...line, divided }] }, baked('b')],
    layers: [],
  };
  const [a, b] = expandDividedLines(slab).preparations;
  // 1 - 0.8 stay, and 0.2 that were for a missing mixture.
  const massesOf = (of: typeof a) => of!.lines.map(({ quantity, addedAt }) => [Number(quantity.toFixed(9)), addedAt]);
  assert.deepEqual(massesOf(a), [
    [40, undefined],
    [10, 'mix'],
  ]);
  assert.deepEqual(massesOf(b), [[50, 'mix']]);
  assert.deepEqual(b!.lines[0]!.part, { p: 0, l: 0, share: 0.5 });
  assert.equal(expandDividedLines(ryeSlice), ryeSlice);
  assert.deepEqual([shareKept({}), shareKept({ divided: [{ share: 0.7 }, { share: 0.6 }] })], [1, 0]);
});

test('names that a slab needs: its lines, its stock by its scaling or the requested one, parts of its own ingredients', () => {
  const stock = (ingredient: string): Scale => ({ mode: 'as-far-as', have: [{ ingredient, quantity: 1, unit: 'g' }] });
  const slab: Slab = {
    ...{ ...ryeSlice, preparations: [{ ...baked('a'), lines: [{ ingredient: 'x', quantity: 1, unit: 'g' }] }] },
    ...{
      scale: stock('held'),
      larder: [{ name: 'mix', madeOf: [{ ingredient: 'y' }] }, { name: 'z' }],
    },
  };
  assert.deepEqual(namesNeeded(slab, stock('asked')), ['x', 'held', 'asked', 'y']);
  assert.deepEqual(namesNeeded({ ...slab, scale: { mode: 'scaleFactor', by: 2 }, larder: undefined }), ['x']);
});

test('in the pot is what goes in before or at the boil; without a boil, everything', () => {
  const steps = ['warm', 'boil', 'finish'].map((id) => ({
    id,
    text: id,
    minutes: 1,
    ...(id === 'boil' ? { cooks: true } : {}),
  }));
  const lines = [undefined, 'warm', 'boil', 'finish', 'no such step'].map((addedAt) => ({
    ...{ ingredient: 'x', quantity: 1, unit: 'g' as const },
    addedAt,
  }));
  assert.deepEqual(linesInPot({ id: 'p', name: 'p', lines, steps }), [true, true, true, false, true]);
  assert.deepEqual(linesInPot({ id: 'p', name: 'p', lines }), [true, true, true, true, true]);
});

test('work of a cut, in areas by hand, as a share of a million', () => {
  const rectangle = { shape: 'rectangle' as const, lengthMm: 400, widthMm: 300, depthMm: 40 };
  const tins = [{ tin: rectangle, count: 3 }];
  const areas = (cut?: CutSpec, more: { layers?: Layer[]; tins?: typeof tins; scale?: Scale } = {}) =>
    Math.round(cutWork({ layers: [layer('a')], tins, ...more, ...(cut ? { cut } : {}) }) * 1e6);
  // Straight walls: 3 a piece. Sloping walls: 3 more for each layer. A shell: 6 more for each layer.
  assert.equal(areas(), 3);
  assert.equal(areas({ columns: 6, rows: 4 }), 72);
  const leaning = [{ tin: { ...rectangle, flareDeg: 5 }, count: 1 }];
  assert.equal(areas({ columns: 6, rows: 4 }, { tins: leaning }), 24 * 6);
  const shell = [layer('a'), layer('b', { spread: 'shell' })];
  assert.equal(areas({ columns: 6, rows: 4 }, { layers: shell }), 24 * 15);
  assert.equal(areas({ columns: 6, rows: 4 }, { tins: [...tins, ...tins] }), 144);
  assert.equal(areas({ columns: 6, rows: 4, shape: 'diamond' }), 72 * 12);
  assert.equal(areas({ columns: 6, rows: 4, way: 'wedges' }), 6 * 12 * 3);
  assert.equal(areas({ columns: 6, rows: 4, way: 'break' }), 3);
  const lines = { linesMm: { length: [100, 200], width: [] } };
  assert.equal(areas({ columns: 6, rows: 4, ...lines }), 3 * 4 * 3);
  const strips = [
    { atMm: 0, widthMm: 100, linesMm: [1, 2] },
    { atMm: 100, widthMm: 50, linesMm: [] },
  ];
  assert.equal(areas({ columns: 6, rows: 4, way: 'mixed', strips }), (6 + 2) * 3);
  const scale: Scale = { mode: 'pieces', count: 9, lengthMm: 40, widthMm: 25 };
  assert.equal(areas({ columns: 6, rows: 4 }, { scale }), 10 * 12 * 3);
  // No more pieces are counted than a grid can have.
  assert.equal(areas(undefined, { scale: { ...scale, lengthMm: 0.001 } }), 200 * 12 * 3);
  const fine = {
    layers: [layer('a', { spread: 'shell' })],
    tins: Array.from({ length: 9 }, () => tins[0]!),
    cut: { columns: 200, rows: 200 },
  };
  assert.deepEqual(cutProblems(fine), [{ path: '/cut', code: 'too-much-cutting', figures: { times: 4 } }]);
  const many: Scale = { ...scale, lengthMm: 1, widthMm: 1 };
  assert.deepEqual(
    cutProblems({ ...fine, scale: many }).map(({ path }) => path),
    ['/scale'],
  );
  assert.deepEqual(cutProblems({ ...fine, cut: { columns: 20, rows: 20 } }), []);
});

test('a quantity is one that a file can hold', () => {
  const held = [1e-6, 1, 1e6].map(holdsQuantity);
  assert.deepEqual(
    [held, [0, 9.9e-7, 1.01e6, NaN].map(holdsQuantity)],
    [
      [true, true, true],
      [false, false, false, false],
    ],
  );
});
