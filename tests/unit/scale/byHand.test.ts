import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { withSheetOutline, withSheetThickness, withThickness } from '../../../src/core/scale';
import { expandDividedLines, spareShare, withShares, type Slab } from '../../../src/core/slab';
import type { SheetTin } from '../../../src/core/tin';
import { plan, scaleSlab } from '../../../src/core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';
import { deepSquare } from '../tins';

const standing = (slab: Slab) => plan(slab, demoLarder, shop).slabs[0]!.layers;
const scalingOf = (slab: Slab) => scaleSlab(expandDividedLines(slab), demoLarder, shop, {}).scaling;

test('law: a thickness set by hand moves that layer and no other, whatever has set them before', () => {
  const scales: Slab['scale'][] = [
    undefined,
    { mode: 'multiple', by: 1.4 },
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

test('law: a thickness on a sheet spreads the slab and leaves every amount as it is, also after hands have been at it', () => {
  const made: Slab[] = [
    { ...ryeSlice, tins: [{ tin: sheet, count: 1 }] },
    { ...ryeSlice, tins: [{ tin: sheet, count: 1 }], scale: { mode: 'multiple', by: 1.7 } },
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

test('on its own sheet, as written, thickness and outline are the slab’s own; elsewhere they belong to the sheet chosen', () => {
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

test('what layers leave of a preparation, with and without the part that is about to change', () => {
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
