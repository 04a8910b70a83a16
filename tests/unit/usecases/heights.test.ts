import assert from 'node:assert/strict';
import { test } from 'node:test';
import { inTins, type Scale } from '$core/slab';
import { isSheet, sameTin } from '$core/tin';
import { heightsOf, nearestTin, plan, writtenHeightMm } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoRack as rack, demoSlabs, ryeSlice, shop } from '../things';

test('law: a height calculated alone is the height of the whole plan', () => {
  const scales: Scale[] = [
    { mode: 'same-thickness' },
    { mode: 'scaleFactor', by: 0.8 },
    { mode: 'total-height', mm: 18 },
  ];
  for (const slab of demoSlabs) {
    const heightMm = heightsOf(slab, demoLarder, shop);
    for (const { tin } of rack)
      for (const scale of scales) {
        const tins = [{ tin, count: 1 }];
        assert.ok(close(heightMm(tins, scale), plan(inTins(slab, tins, scale), demoLarder, shop).slab.heightMm));
      }
    assert.ok(
      close(
        writtenHeightMm(slab, demoLarder, shop),
        plan({ ...slab, tins: undefined, scale: undefined }, demoLarder, shop).slab.heightMm,
      ),
    );
  }
});

test('the nearest tin is the one of the rack in which the slab comes nearest to its base height', () => {
  const heightMm = heightsOf(ryeSlice, demoLarder, shop);
  const written = writtenHeightMm(ryeSlice, demoLarder, shop);
  for (const factor of [0.5, 0.9, 1.3, 2, 3]) {
    const near = nearestTin(ryeSlice, rack, factor, heightMm)!;
    const others = rack.filter(({ tin }) => !isSheet(tin) && !sameTin(tin, ryeSlice.tin));
    for (const { tin } of others) {
      const off = Math.abs(heightMm([{ tin, count: 1 }], { mode: 'scaleFactor', by: factor }) - written);
      assert.ok(Math.abs(near.heightMm - written) <= off + 1e-9);
    }
    assert.ok(!isSheet(near.tin) && !sameTin(near.tin, ryeSlice.tin));
  }
  assert.equal(nearestTin(ryeSlice, [], 1, heightMm), null);
});
