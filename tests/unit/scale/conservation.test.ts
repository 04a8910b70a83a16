/** Mass is conserved, whatever stays fixed and however the layers are applied. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan } from '$core/usecases';
import type { Scale, Slab } from '$core/slab';
import type { TinCount, SheetTin } from '$core/tin';
import { slabs } from '../anySlab';
import { cuts, tins } from '../tins';
import { close, sum } from '../figures';
import { demoLarder, shop } from '../things';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const sheets: fc.Arbitrary<SheetTin> = fc.record({
  shape: fc.constant('sheet' as const),
  lengthMm: real(150, 600),
  widthMm: real(150, 400),
  outlineMm: fc.option(fc.record({ length: real(60, 500), width: real(60, 400) }), { nil: undefined }),
});

const scales: fc.Arbitrary<Scale> = fc.oneof(
  fc.constant({ mode: 'same-thickness' as const }),
  fc.record({ mode: fc.constant('layer-thickness' as const), mm: fc.record({ l0: real(1, 30), l2: real(1, 30) }) }),
  fc.record({ mode: fc.constant('total-height' as const), mm: real(3, 80) }),
  fc.record({ mode: fc.constant('scaleFactor' as const), by: real(0.1, 5) }),
  fc.record({
    mode: fc.constant('as-far-as' as const),
    have: fc.array(
      fc.record({
        ingredient: fc.constantFrom('butter', 'caster sugar', 'rye flour', 'dark chocolate'),
        quantity: real(1, 900),
        unit: fc.constant('g' as const),
      }),
      { maxLength: 3 },
    ),
  }),
  fc.record({
    mode: fc.constant('pieces' as const),
    count: fc.integer({ min: 1, max: 200 }),
    lengthMm: real(10, 60),
    widthMm: real(10, 60),
    heightMm: fc.option(real(5, 40), { nil: undefined }),
  }),
);

const made: fc.Arbitrary<TinCount[]> = fc.array(
  fc.record({ tin: fc.oneof(tins, sheets), count: fc.integer({ min: 1, max: 3 }) }),
  { minLength: 1, maxLength: 3 },
);

/** Slabs written for a sheet, with or without the first layer's thickness. */
const written: fc.Arbitrary<Slab> = fc.oneof(
  { weight: 3, arbitrary: slabs },
  {
    weight: 1,
    arbitrary: fc.tuple(slabs, sheets, fc.option(real(2, 15), { nil: undefined })).map(([slab, tin, thicknessMm]) => ({
      ...slab,
      tin,
      layers: slab.layers.map((layer, i) => (i === 0 ? { ...layer, thicknessMm } : layer)),
    })),
  },
);

test('law: lines in = layers + leftovers + evaporated + stuck; layers = pieces + trims + kerf; in every mode and spread', () => {
  fc.assert(
    fc.property(written, scales, made, cuts, (slab, scale, into, cut) => {
      const {
        preparations,
        layers,
        slab: whole,
        slabs: each,
        cut: all,
      } = plan(slab, demoLarder, shop, { scale, tins: into, cut });
      for (const preparation of preparations) {
        assert.ok(
          close(preparation.massInG, preparation.massOutG + preparation.evaporatedG + preparation.stuckG, 1e-7),
        );
        assert.ok(close(preparation.massInG, sum(preparation.lines.map(({ massG }) => massG ?? 0)), 1e-7));
        assert.ok(preparation.leftoverG >= -1e-9 && preparation.massOutG >= 0);
      }
      const out = sum(preparations.map(({ massOutG }) => massOutG));
      const left = sum(preparations.map(({ leftoverG }) => leftoverG));
      const laid = sum(layers.map(({ massG }) => massG));
      assert.ok(close(out, laid + left, 1e-6), `${out} ${laid} ${left}`);
      assert.ok(close(whole.massG, laid, 1e-6));
      assert.ok(close(sum(each.map(({ count, slab: laidSlab }) => count * laidSlab.massG)), laid, 1e-6));
      const cutG = sum(all.pieces.map(({ count, massG }) => count * massG)) + all.trimG + all.kerfG;
      assert.ok(close(cutG, whole.massG, 1e-6), `${cutG} ${whole.massG}`);
    }),
    { numRuns: 400 },
  );
});

test('law: on a sheet the first layer is as thick as the slab says, and the outline has the proportions of the sheet', () => {
  fc.assert(
    fc.property(slabs, sheets, real(2, 15), (slab, sheet, thicknessMm) => {
      const { outlineMm: _outline, ...tin } = sheet;
      const layers = slab.layers.map((layer, i) =>
        i === 0 ? { ...layer, spread: 'level' as const, thicknessMm } : layer,
      );
      const free = plan({ ...slab, tin, layers }, demoLarder, shop);
      const [first] = free.slabs;
      if (first!.layers[0]!.massG === 0 || first!.tin.shape !== 'rectangle') return;
      assert.ok(close(first!.layers[0]!.thicknessMm, thicknessMm, 1e-9));
      assert.ok(close(first!.tin.lengthMm / first!.tin.widthMm, sheet.lengthMm / sheet.widthMm, 1e-9));
      // Twice as much on the same sheet keeps the thickness and doubles the area.
      const twice = plan({ ...slab, tin, layers }, demoLarder, shop, { scale: { mode: 'scaleFactor', by: 2 } })
        .slabs[0]!;
      assert.ok(close(twice.layers[0]!.thicknessMm, thicknessMm, 1e-6));
      assert.ok(close(twice.layers[0]!.areaMm2, 2 * first!.layers[0]!.areaMm2, 1e-6));
    }),
    { numRuns: 100 },
  );
});
