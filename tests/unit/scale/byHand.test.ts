import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { withSheetOutline, withSheetThickness, withThickness, type Scaled } from '$core/scale';
import { expandDividedLines, spareShare, withShares, type Slab } from '$core/slab';
import type { SheetTin } from '$core/tin';
import { plan, scaleSlab } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';
import { deepSquare } from '../tins';

const standing = (slab: Slab) => plan(slab, demoLarder, shop).slabs[0]!.layers;
const scalingOf = (slab: Slab) => scaleSlab(expandDividedLines(slab), demoLarder, shop, {}).scaling;

test('law: a thickness set by hand changes that layer and no other, whatever was set before', () => {
  const scales: Slab['scale'][] = [
    undefined,
    { mode: 'scaleFactor', by: 1.4 },
    { mode: 'total-height', mm: 31 },
    { mode: 'layer-thickness', mm: { l1: 9 } },
  ];
  for (const scale of scales)
    for (const slab of demoSlabs) {
      const before: Slab = { ...slab, tins: [{ tin: deepSquare, count: 1 }], scale };
      const layers = standing(before);
      for (const { id } of layers.filter(({ spread }) => spread === 'level')) {
        const after = standing(withThickness(before, layers, id, 7.25));
        after.forEach((layer, i) => {
          const wanted = layer.id === id ? 7.25 : layers[i]!.thicknessMm;
          assert.ok(close(layer.thicknessMm, wanted), `${slab.name} ${id}: ${layer.id} ${layer.thicknessMm}`);
        });
      }
    }
});

const sheet: SheetTin = { shape: 'sheet', lengthMm: 400, widthMm: 300 };

test('law: a thickness on a sheet spreads the slab and leaves every amount as it is, also after manual changes', () => {
  const made: Slab[] = [
    { ...ryeSlice, tins: [{ tin: sheet, count: 1 }] },
    { ...ryeSlice, tins: [{ tin: sheet, count: 1 }], scale: { mode: 'scaleFactor', by: 1.7 } },
    { ...ryeSlice, tins: [{ tin: sheet, count: 1 }], scale: { mode: 'layer-thickness', mm: { l1: 5, l2: 11 } } },
  ];
  fc.assert(
    fc.property(fc.constantFrom(...made), fc.integer({ min: 4, max: 25 }), (slab, mm) => {
      const before = plan(slab, demoLarder, shop);
      const after = plan(withSheetThickness(slab, 0, mm, scalingOf(slab)), demoLarder, shop);
      // The outline is kept to a tenth of a mm.
      assert.ok(close(after.layers[0]!.thicknessMm, mm, 2e-3), `${after.layers[0]!.thicknessMm} of ${mm}`);
      before.preparations.forEach(({ massInG }, p) =>
        assert.ok(
          close(after.preparations[p]!.massInG, massInG, 2e-3),
          `${p}: ${after.preparations[p]!.massInG} of ${massInG}`,
        ),
      );
    }),
  );
});

test('on its own sheet, in the base recipe, thickness and outline belong to the slab; elsewhere to the chosen sheet', () => {
  const own: Slab = { ...ryeSlice, tin: sheet };
  const thick = withSheetThickness(own, 0, 8, scalingOf(own));
  assert.deepEqual([thick.layers[0]!.thicknessMm, thick.tins, thick.scale], [8, undefined, undefined]);
  const outlined = withSheetOutline(thick, 0, { length: 200, width: 150 });
  assert.equal(outlined.layers[0]!.thicknessMm, undefined);
  assert.deepEqual(outlined.tin, { ...sheet, outlineMm: { length: 200, width: 150 } });
  const chosen = withSheetOutline({ ...ryeSlice, tins: [{ tin: sheet, count: 2 }] }, 0, { length: 100, width: 90 });
  assert.deepEqual(chosen.tins, [{ tin: { ...sheet, outlineMm: { length: 100, width: 90 } }, count: 2 }]);
  assert.equal(chosen.tin, ryeSlice.tin);
});

test('worked by hand: two decimals of a mm; the current value is kept, but not in the base recipe; scattered layers have no height', () => {
  const now = [
    { id: 'l1', thicknessMm: 8 },
    { id: 'l2', thicknessMm: 12.5 },
    { id: 'l3', thicknessMm: 0 },
  ];
  const mm = (scale: Slab['scale']) => {
    const found = withThickness({ ...ryeSlice, scale }, now, 'l2', 7.256).scale!;
    return found.mode === 'layer-thickness' ? found.mm : null;
  };
  assert.deepEqual(mm(undefined), { l2: 7.26 });
  assert.deepEqual(mm({ mode: 'same-thickness' }), { l2: 7.26 });
  assert.deepEqual(mm({ mode: 'scaleFactor', by: 2 }), { l1: 8, l2: 7.26 });
  assert.deepEqual(mm({ mode: 'layer-thickness', mm: { l3: 2 } }), { l3: 2, l2: 7.26 });
});

test('worked by hand: 864 mL at 8 mm are 360 x 300 of a sheet of 432 x 360; made as often, or each layer by its own volume', () => {
  const wide: SheetTin = { shape: 'sheet', lengthMm: 432, widthMm: 360 };
  const tins = [
    { tin: ryeSlice.tin, count: 1 },
    { tin: wide, count: 2 },
  ];
  const [base, , top] = ryeSlice.layers;
  const layers: Slab['layers'] = [
    { ...top!, id: 'strewn', spread: 'scatter' },
    base!,
    { ...top!, id: 'films', spread: 'both-faces' },
  ];
  const slab: Slab = { ...ryeSlice, layers, tins, scale: { mode: 'total-height', mm: 20 } };
  const laid = { layers: [500, 864, 216].map((volumeMl, i) => ({ id: layers[i]!.id, volumeMl })) };
  const made = (...scaleFactors: number[]) =>
    ({
      preparations: scaleFactors.map((scaleFactor) => ({ scaleFactor })),
      written: layers.map((layer) => ({ layer })),
      slabs: [{ layers: [] }, laid],
    }) as unknown as Scaled;
  const outlineMm = { length: 360, width: 300 };
  const same = withSheetThickness(slab, 1, 8, made(1.5, 1.5));
  assert.deepEqual(same.tins, [tins[0], { tin: { ...wide, outlineMm }, count: 2 }]);
  assert.deepEqual(same.scale, { mode: 'scaleFactor', by: 1.5 });
  assert.deepEqual(same.layers, slab.layers);
  // 864 and 216 mL on 1080 cm2; of films both count.
  assert.deepEqual(withSheetThickness(slab, 1, 8, made(1.5, 1.6)).scale, {
    mode: 'layer-thickness',
    mm: { [base!.id]: 8, films: 1 },
  });
  assert.equal(withSheetThickness(slab, 1, 8, made()).scale!.mode, 'layer-thickness');
  assert.deepEqual(withSheetThickness(slab, 1, 8, made(2, 2 * (1 + 9e-7))).scale, { mode: 'scaleFactor', by: 2 });
  // To a tenth of a mm: 864 mL at 7.68 mm are 1125 cm2, 367.42 x 306.19.
  const odd = withSheetThickness(slab, 1, 7.68, made(1));
  assert.deepEqual(odd.tins![1]!.tin, { ...wide, outlineMm: { length: 367.4, width: 306.2 } });
});

test('on a sheet another outline belongs to the sheet, unless the slab is written for it, uses no other, and is unscaled', () => {
  const own: Slab = { ...ryeSlice, tin: sheet };
  const outlineMm = { length: 200, width: 150 };
  const isOwn = (slab: Slab) => withSheetOutline(slab, 0, outlineMm).tins === undefined;
  assert.equal(isOwn(own), true);
  assert.equal(isOwn({ ...own, scale: { mode: 'same-thickness' } }), true);
  assert.equal(isOwn({ ...own, scale: { mode: 'scaleFactor', by: 2 } }), false);
  assert.equal(isOwn({ ...own, tins: [{ tin: sheet, count: 1 }] }), false);
  assert.equal(isOwn({ ...ryeSlice, tins: [{ tin: sheet, count: 1 }] }), false);
  // Without a level layer there is no thickness to reset.
  const films: Slab = {
    ...own,
    layers: own.layers.map((layer) => ({ ...layer, spread: 'both-faces', thicknessMm: 2 })),
  };
  const shaped = withSheetOutline(films, 0, outlineMm);
  assert.deepEqual([shaped.layers, shaped.tin], [films.layers, { ...sheet, outlineMm }]);
  // It covers the sheet again.
  assert.deepEqual(withSheetOutline(withSheetOutline(own, 0, outlineMm), 0, undefined).tin, {
    ...sheet,
    outlineMm: undefined,
  });
  const second: Slab = {
    ...ryeSlice,
    tins: [
      { tin: sheet, count: 1 },
      { tin: sheet, count: 3 },
    ],
  };
  assert.deepEqual(withSheetOutline(second, 1, outlineMm).tins, [
    { tin: sheet, count: 1 },
    { tin: { ...sheet, outlineMm }, count: 3 },
  ]);
});

test('what layers leave of a mixture, with and without the part that is about to change', () => {
  const from = (share: number) => [{ preparation: 'base', share }];
  const slab: Slab = {
    ...ryeSlice,
    layers: ryeSlice.layers.map((layer, i) => ({ ...layer, from: from([0.5, 0.3, 0.1][i]!) })),
  };
  assert.ok(close(spareShare(slab, 'base'), 0.1));
  assert.ok(close(spareShare(slab, 'base', { layer: 1, part: 0 }), 0.4));
  assert.equal(spareShare(slab, 'treacle'), 1);
  assert.equal(spareShare({ ...slab, layers: [...slab.layers, ...slab.layers] }, 'base'), 0);
  const shared = withShares(slab, 'base', [0.2, 1.5, -1]);
  assert.deepEqual(
    shared.layers.map((layer) => layer.from[0]!.share),
    [0.2, 1, 0],
  );
});
