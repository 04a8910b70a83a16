/** What to buy: what is needed beyond the shelf, in whole packs, by when the shelf runs out. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Ingredient } from '$core/larder';
import { buyingList, plan } from '$core/usecases';
import { demoLarder, ryeSlice, shop } from '../things';

const shelf = [...new Set(demoLarder.values())] as Ingredient[];
const held = (heldG: Readonly<Record<string, number | undefined>>) =>
  shelf.map((one): Ingredient => ({
    ...one,
    heldG: one.name in heldG ? heldG[one.name] : 1e6,
    minimumStockG: undefined,
  }));
const butterG = plan(ryeSlice, demoLarder, shop)
  .preparations.flatMap(({ lines }) => lines)
  .filter(({ ingredient }) => ingredient === 'butter')
  .reduce((sum, { massG }) => sum + massG!, 0);
const at = (beginMs: number) => ({ slab: ryeSlice, beginMs });

test('nothing is bought that is on the shelf; what lacks is there when the first batch begins that it is not enough for', () => {
  assert.deepEqual(buyingList([at(1), at(2)], [], held({}), shop), []);
  const [line, ...others] = buyingList([at(3), at(1), at(2)], [], held({ butter: 2 * butterG + 1 }), shop);
  assert.deepEqual([others, line!.ingredient, line!.byMs], [[], 'butter', 3]);
  assert.ok(Math.abs(line!.needG! - 3 * butterG) < 1e-6);
});

test('packs hold what lacks, and one pack less would not; an unknown shelf counts as empty and says so', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 1, max: 6 }), (heldG, batches) => {
      const [line] = buyingList(
        Array.from({ length: batches }, (_, i) => at(i)),
        [],
        held({ butter: heldG }),
        shop,
      );
      const lacksG = batches * butterG - heldG;
      if (lacksG <= 1e-6) return void assert.equal(line, undefined);
      const { count, massG } = line!.pack!;
      assert.ok(count * massG >= lacksG - 1e-6 && (count - 1) * massG < lacksG);
    }),
    { numRuns: 60 },
  );
  const [line] = buyingList([at(1)], [], held({ butter: undefined }), shop);
  assert.deepEqual([line!.ingredient, line!.heldG], ['butter', null]);
});

test('what runs still need counts, and what falls below its least amount is listed without a time', () => {
  const low = held({ butter: 800 }).map((one) => (one.name === 'butter' ? { ...one, minimumStockG: 1000 } : one));
  assert.deepEqual(
    buyingList([], [], low, shop).map(({ ingredient, byMs, minimumG, pack }) => [
      ingredient,
      byMs,
      minimumG,
      pack!.count,
    ]),
    [['butter', null, 1000, 1]],
  );
  const [line] = buyingList([], [{ ingredient: 'butter', massG: 900, beginMs: 5 }], low, shop);
  assert.deepEqual([line!.needG, line!.byMs, line!.pack!.count], [900, 5, 5]);
  // Water from the tap is not bought.
  assert.deepEqual(buyingList([], [{ ingredient: 'water', massG: 900, beginMs: 5 }], held({ water: 0 }), shop), []);
});
