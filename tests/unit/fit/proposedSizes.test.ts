/** Sizes proposed for numbers of small and large pieces: they fit the slab, in whole rows. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { proposedSizes } from '$core/fit';

const area = { lengthMm: 290, widthMm: 190, kerfMm: 0 };

test('40 small and 20 large from one slab: eight rows of ten places, nothing left', () => {
  const [best] = proposedSizes(area, { small: 40, large: 20 });
  assert.ok(best);
  assert.deepEqual([best.small.lengthMm, best.small.widthMm], [29, 23.75]);
  assert.deepEqual([best.large.lengthMm, best.large.widthMm], [58, 23.75]);
  assert.ok(best.wasteShare < 1e-9);
});

test('law: as many as are wanted fit into the rows, and no piece is too small to cut', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 120 }),
      fc.integer({ min: 0, max: 60 }),
      fc.double({ min: 0, max: 3, noNaN: true }),
      (small, large, kerfMm) => {
        for (const sizes of proposedSizes({ ...area, kerfMm }, { small, large })) {
          const { lengthMm, widthMm } = sizes.small;
          const inRow = Math.floor((area.lengthMm + kerfMm + 1e-6) / (lengthMm + kerfMm));
          const rows = Math.floor((area.widthMm + kerfMm + 1e-6) / (widthMm + kerfMm));
          assert.ok(inRow * rows >= small + 2 * large);
          assert.ok(large === 0 || Math.floor(inRow / 2) * rows >= large);
          assert.ok(Math.abs(sizes.large.lengthMm - (2 * lengthMm + kerfMm)) < 1e-9);
          assert.ok(lengthMm >= 12 && widthMm >= 12);
        }
      },
    ),
  );
});
