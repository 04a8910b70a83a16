import { thingsForCut } from '$wording/cut';
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { halving, shards, tolerableErrorG, TOOL, toTemperG, weighedPieces } from '$core/cut';
import { close } from '../figures';

const even = (count: number, insideMm: number) => ({
  spans: Array.from({ length: count }, (_, i) => [(i * insideMm) / count, ((i + 1) * insideMm) / count] as const),
});

test('twelve: halve, halve, thirds; seven cannot be divided by eye', () => {
  const found = halving(even(12, 360))!;
  assert.deepEqual(
    found.rounds.map(({ into, linesMm }) => [into, [...linesMm]]),
    [
      [2, [180]],
      [2, [90, 270]],
      [3, [30, 60, 120, 150, 210, 240, 300, 330]],
    ],
  );
  assert.equal(halving(even(7, 350)), null);
  assert.equal(halving(even(10, 350)), null);
  assert.equal(halving(even(1, 350)), null);
});

test('errors by eye, worked by hand: two halves are off by 1.5 mm; of four the middle ones by sqrt(1.5^2 + 0.75^2)', () => {
  assert.ok(close(halving(even(2, 300))!.byEyeMm, 1.5));
  // A quarter mark lies between an edge and the middle: half of the middle's error, plus its own.
  assert.ok(close(halving(even(4, 300))!.byEyeMm, Math.sqrt(1.5 ** 2 + 0.75 ** 2)));
  assert.ok(close(halving(even(4, 300))!.byMarksMm, 0.5 * Math.SQRT2));
  // Of thirds the middle one has both errors; one mark measures half of a slab.
  assert.ok(close(halving(even(3, 300))!.byEyeMm, 1.5 * Math.SQRT2));
  assert.ok(close(halving(even(2, 300))!.byMarksMm, 0.5));
  assert.ok(halving(even(16, 300))!.byEyeMm > halving(even(16, 300))!.byMarksMm);
});

test('tolerable negative errors as in the directive', () => {
  for (const [declared, error] of [
    [40, 3.6],
    [50, 4.5],
    [75, 4.5],
    [150, 6.75],
    [250, 9],
    [400, 12],
    [800, 15],
    [2000, 30],
  ] as const)
    assert.ok(close(tolerableErrorG(declared)!, error));
  assert.deepEqual([tolerableErrorG(4), tolerableErrorG(12_000)], [null, null]);
});

test('weighed pieces: mean, standard deviation, and the average rule', () => {
  const found = weighedPieces([40, 42, 38, 44], 40);
  assert.ok(close(found.meanG, 41) && close(found.spreadG, Math.sqrt(5)) && found.underShare === 0.25);
  assert.equal(found.verdict, 'holds');
  assert.equal(weighedPieces([40, 39, 38, 40], 40).verdict, 'mean-low');
  assert.equal(weighedPieces([50, 50, 32.7], 40).verdict, 'one-too-short'); // 40 - 2 x 3.6 = 32.8
  assert.equal(weighedPieces([50, 36, 36, 50], 40).verdict, 'too-many-short');
  assert.deepEqual(weighedPieces([50, 36, 36, 50], 40).shortBy, [2, 0]);
  assert.equal(weighedPieces([50], null).verdict, 'unknown');
});

test('a coat of 1000 g needs 1350 g in the bowl; of 300 g, 425; of 20 g, enough to dip one piece', () => {
  assert.deepEqual([1000, 300, 20, 0].map(toTemperG), [1350, 425, 250, 0]);
});

test('600 g broken into shards of about 25 g, variation 0.4: 24 pieces, nine times in ten 20 to 28, between 12.3 and 43.7 g', () => {
  const found = shards(600, 25, 0.4);
  // 1.645 x 0.4 x sqrt 24 = 3.22; a log-normal mass has ln 1.16 for its variance, and its middle at 25 / sqrt 1.16 = 23.2 g.
  assert.deepEqual([found.count, found.countRange, found.massG], [24, [20, 28], 25]);
  const factor = Math.exp(1.645 * Math.sqrt(Math.log(1.16)));
  assert.ok(
    close(found.lightestG, 25 / Math.sqrt(1.16) / factor) && close(found.heaviestG, (25 / Math.sqrt(1.16)) * factor),
  );
  assert.deepEqual([found.lightestG.toFixed(1), found.heaviestG.toFixed(1)], ['12.3', '43.7']);
  // Less than one shard counts as one.
  assert.deepEqual(shards(10, 25, 0.4), { count: 1, countRange: [1, 1], massG: 10, lightestG: 10, heaviestG: 10 });
  assert.deepEqual(shards(0, 25, 0.4), { count: 0, countRange: [0, 0], massG: 0, lightestG: 0, heaviestG: 0 });
});

test('what each tool needs laid out; wires and rollers go through the whole slab only', () => {
  const ready = Object.keys(TOOL).map((tool) =>
    thingsForCut({ columns: 2, rows: 2, tool: tool as keyof typeof TOOL }).join(', '),
  );
  assert.deepEqual(ready, [
    'long blade, jug of hot water, dry cloth, ruler',
    'long blade, cloth, ruler',
    'serrated knife, ruler',
    'wire cutter',
    'roller cutter',
    'scoring knife, ruler, straight edge to snap over',
    'clean gloves, tray for the shards',
  ]);
  const through = Object.entries(TOOL).flatMap(([tool, { throughOnly }]) => (throughOnly ? [tool] : []));
  assert.deepEqual(through, ['wire', 'rollers']);
  assert.deepEqual([TOOL.serrated.kerfMm, TOOL.wire.kerfMm, TOOL.rollers.kerfMm], [1.5, 0.5, 3]);
});
