/** A batch split, merged and made in fewer tins: no tin and no piece is lost or added. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { canMerge, mergedBatch, splitBatch, withOneTinFewer, type Batch } from '$core/batches';

const tin = (lengthMm: number) => ({ shape: 'rectangle', lengthMm, widthMm: 200, depthMm: 40 }) as const;
const batchOf = (
  tins: readonly { readonly size: number; readonly count: number; readonly gives: number }[],
): Batch => ({
  slab: 1,
  tins: tins.map(({ size, count, gives }) => ({ tin: tin(size), name: `${size}`, count, pieces: [gives] })),
  pieces: [{ kind: null, count: tins.reduce((sum, { count, gives }) => sum + count * gives, 0) }],
  due: '2026-12-04T09:00:00Z',
});
const tinsIn = (...batches: readonly Batch[]) =>
  batches.flatMap(({ tins }) => tins).reduce((sum, { count }) => sum + count, 0);
const piecesIn = (...batches: readonly Batch[]) =>
  batches.flatMap(({ pieces }) => pieces).reduce((sum, { count }) => sum + count, 0);

test('law: the halves of a batch are the batch, and merged they are it again', () => {
  const some = fc.record({ count: fc.integer({ min: 1, max: 5 }), gives: fc.integer({ min: 1, max: 40 }) });
  fc.assert(
    fc.property(fc.array(some, { minLength: 1, maxLength: 3 }), (made) => {
      const batch = batchOf(made.map((own, i) => ({ ...own, size: 200 + i * 50 })));
      const halves = splitBatch(batch);
      assert.equal(halves === null, tinsIn(batch) === 1);
      if (!halves) return;
      assert.deepEqual([tinsIn(...halves), piecesIn(...halves)], [tinsIn(batch), piecesIn(batch)]);
      assert.ok(Math.abs(tinsIn(halves[0]) - tinsIn(halves[1])) <= 1);
      assert.ok(canMerge(...halves));
      const whole = mergedBatch(...halves);
      assert.deepEqual([whole.tins, whole.pieces], [batch.tins, batch.pieces]);
    }),
    { numRuns: 60, seed: 2 },
  );
});

test('fewer tins give the pieces of those that are left; a batch in one tin has none to give', () => {
  const batch = batchOf([
    { size: 300, count: 3, gives: 24 },
    { size: 203, count: 1, gives: 16 },
  ]);
  const fewer = withOneTinFewer(batch)!;
  assert.deepEqual([tinsIn(fewer), piecesIn(fewer)], [3, 72]);
  assert.equal(withOneTinFewer(batchOf([{ size: 300, count: 1, gives: 24 }])), null);
  const sized = { ...batch, scale: { mode: 'pieces', count: 88, lengthMm: 48, widthMm: 47 } } as const;
  assert.deepEqual(withOneTinFewer(sized)!.scale, { ...sized.scale, count: 72 });
  assert.equal(canMerge(sized, batch), false);
});
