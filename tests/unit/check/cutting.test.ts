/** Checks of cuts: each rule on a cut that breaks it, and on one that nearly does. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { CheckCode } from '$core/check';
import { plan } from '$core/usecases';
import type { CutSpec, Slab } from '$core/slab';
import type { Tin } from '$core/tin';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';
import { holds as check } from './holds';

const box: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 };
const round: Tin = { shape: 'round', diameterMm: 260, depthMm: 60 };
const snap = demoSlabs.find(({ name }) => name === 'Coffee cardamom snap')!;
const bark = demoSlabs.find(({ name }) => name === 'Blackcurrant buckwheat bark')!;

/** The rye slice in a tin, with a cut. */
const cutIn = (tin: Tin, cut: CutSpec, slab: Slab = ryeSlice): Slab => ({ ...slab, tin, tins: undefined, cut });
const holds = (code: CheckCode, broken: Slab, nearly: Slab) =>
  check(code, (slab: Slab) => plan(slab, demoLarder, shop).checks, broken, nearly);

holds('piece-small', cutIn(box, { columns: 6, rows: 14 }), cutIn(box, { columns: 6, rows: 13 }));
// 10 cuts of 3.1 mm over the length are 31 of 300 mm.
holds(
  'kerf-large',
  cutIn(box, { columns: 11, rows: 1, kerfMm: 3.1 }),
  cutIn(box, { columns: 11, rows: 1, kerfMm: 2.9 }),
);
holds('clipped-many', cutIn(round, { columns: 6, rows: 6 }), cutIn(round, { columns: 6, rows: 1, way: 'wedges' }));
const strips = (second: number): CutSpec => ({
  columns: 1,
  rows: 1,
  tool: 'rollers',
  strips: [
    { atMm: 0, widthMm: 100, linesMm: [100, 200] },
    { atMm: 100, widthMm: 100, linesMm: [100, second] },
  ],
});
holds('strokes-impossible', cutIn(box, strips(190)), cutIn(box, strips(200)));
holds(
  'strokes-impossible',
  cutIn(box, { columns: 4, rows: 4, shape: 'diamond', tool: 'wire' }),
  cutIn(box, { columns: 4, rows: 4, shape: 'diamond', tool: 'hot blade' }),
);
holds(
  'brittle-cut-cold',
  cutIn(box, { columns: 4, rows: 4, tool: 'cold blade' }),
  cutIn(box, { columns: 4, rows: 4, tool: 'hot blade' }),
);
holds(
  'score-not-brittle',
  cutIn(box, { columns: 4, rows: 4, tool: 'score and snap' }),
  cutIn(box, { columns: 4, rows: 4, tool: 'score and snap' }, bark),
);
holds(
  'diamond-trim',
  cutIn(box, { columns: 2, rows: 1, shape: 'diamond' }, snap),
  cutIn(box, { columns: 8, rows: 6, shape: 'diamond' }, snap),
);
const bag = (aimG: number, bagG: number): CutSpec => ({ columns: 1, rows: 1, way: 'break', break: { aimG, bagG } });
holds('bag-unreachable', cutIn(box, bag(20, 5000), bark), cutIn(box, bag(20, 150), bark));
holds('bag-unreachable', cutIn(box, bag(160, 150), bark), cutIn(box, bag(140, 150), bark));
const kinds = (lengthMm: number, turn: boolean): CutSpec => ({
  columns: 1,
  rows: 1,
  way: 'mixed',
  kinds: [{ id: 'a', name: 'Long', lengthMm, widthMm: 100, turn }],
  strips: [{ atMm: 0, widthMm: 100, linesMm: [100], kinds: ['', ''] }],
});
holds('kind-does-not-fit', cutIn(box, kinds(301, true)), cutIn(box, kinds(300, true)));
holds('mixed-uncut', cutIn(box, { ...kinds(100, false), strips: undefined }), cutIn(box, kinds(100, false)));

test('what a wire cutter cannot make is reported with the number of uneven strips, or without one where the lines are slanted', () => {
  const told = (cut: CutSpec) =>
    plan(cutIn(box, cut), demoLarder, shop).checks.flatMap((check) =>
      check.code === 'strokes-impossible' ? [check.figures] : [],
    );
  assert.deepEqual(told(strips(190)), [{ tool: 'rollers', strips: 2 }]);
  assert.deepEqual(told({ columns: 4, rows: 1, way: 'wedges', tool: 'wire' }), [{ tool: 'wire', strips: 0 }]);
  assert.deepEqual(told({ columns: 4, rows: 4, shape: 'diamond', tool: 'rollers' }), [{ tool: 'rollers', strips: 0 }]);
  assert.deepEqual(told({ columns: 4, rows: 4, tool: 'wire' }), []);
});

test('brittle-cut-cold concerns a brittle top on something soft, and no other stack', () => {
  const tool = { columns: 4, rows: 4, tool: 'cold blade' } as const;
  const isTold = (layers: Slab['layers'], preparations = ryeSlice.preparations) =>
    plan(cutIn(box, tool, { ...ryeSlice, layers, preparations }), demoLarder, shop).checks.some(
      ({ code }) => code === 'brittle-cut-cold',
    );
  const [base, caramel, chocolate] = ryeSlice.layers as [Slab['layers'][0], Slab['layers'][0], Slab['layers'][0]];
  assert.ok(isTold([base, caramel, chocolate]));
  assert.ok(!isTold([base, chocolate]), 'a baked base is not soft');
  assert.ok(!isTold([base, caramel]), 'a soft top');
  assert.ok(!isTold([chocolate, caramel]));
  const toffee = ryeSlice.preparations.map((preparation) =>
    preparation.id === 'treacle' ? { ...preparation, cookTo: { celsius: 150 } } : preparation,
  );
  assert.ok(!isTold([base, caramel, chocolate], toffee), 'brittle on brittle');
  const soft = { ...ryeSlice.preparations[1]!, id: 'soft', name: 'Soft caramel' };
  const under = { ...caramel, id: 'ls', from: [{ preparation: 'soft', share: 1 }] };
  assert.ok(isTold([base, under, caramel], [...toffee, soft]), 'toffee on caramel');
});
