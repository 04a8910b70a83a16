/** The section is a drawing to scale: it can be measured. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import { sectionDrawing, sectionTallMm, spread } from '../../../src/lib/ui/sectionDrawing';
import { slabs } from '../anySlab';
import { tins } from '../tins';
import { close } from '../figures';
import { demoLarder, demoSlabs, shop } from '../things';

const BOX = { width: 360, height: 200 };
const drawn = (slab: (typeof demoSlabs)[number], tin = slab.tin) => {
  const [made] = plan(slab, demoLarder, shop, { tins: [{ tin, count: 1 }] }).slabs;
  return { made: made!, drawing: sectionDrawing(made!.tin, made!.layers, BOX) };
};

test('law: every layer is drawn as high as it is thick, to one scale, and stays within the box', () => {
  fc.assert(
    fc.property(slabs, tins, (slab, tin) => {
      const { drawing, made } = drawn(slab, tin);
      for (const { layer, topPx, middlePx } of drawing.strata) {
        assert.ok(close(2 * (middlePx - topPx), layer.thicknessMm * drawing.pxPerMm, 1e-6));
        assert.ok(topPx >= -1e-6 && topPx <= BOX.height);
      }
      assert.ok(made.slab.heightMm * drawing.pxPerMm <= BOX.height);
      assert.ok(drawing.widthPx <= BOX.width + 1e-6);
    }),
  );
});

test('law: slabs side by side are drawn to one scale, and both fit', () => {
  fc.assert(
    fc.property(slabs, tins, tins, (slab, one, other) => {
      const both = [drawn(slab, one).made, drawn(slab, other).made];
      const besideMm = Math.max(...both.map(sectionTallMm));
      const [left, right] = both.map(({ tin, layers }) => sectionDrawing(tin, layers, { ...BOX, besideMm }));
      assert.ok(close(left!.pxPerMm, right!.pxPerMm));
      for (const { slab: made } of both) assert.ok(made.heightMm * left!.pxPerMm <= BOX.height);
    }),
  );
});

test('law: every coordinate is a number, and rows keep their distance', () => {
  fc.assert(
    fc.property(slabs, tins, (slab, tin) => {
      const { drawing } = drawn(slab, tin);
      for (const { path } of [...drawing.strata, ...drawing.strewn, ...drawing.coats])
        assert.doesNotMatch(path, /NaN|Infinity|undefined/);
      const rows = spread(
        drawing.strata.map(({ middlePx }) => middlePx),
        { gapPx: 19, fromPx: 8, toPx: BOX.height - 8 },
      );
      const gap = Math.min(19, (BOX.height - 16) / Math.max(1, rows.length - 1));
      rows.slice(1).forEach((y, i) => assert.ok(rows[i]! - y >= gap - 1e-6, `${rows[i]} and ${y}`));
      assert.ok(rows.every((y) => y >= 8 - 1e-6 && y <= BOX.height - 8 + 1e-6));
    }),
  );
});
