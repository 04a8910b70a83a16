import { reasonText } from '$wording/problems';
/** Valid tins, pots and boxes, and the problems of invalid ones. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { boxSchema, rackTinSchema, tinSchema, tinsSchema, vesselSchema } from '$core/tin';
import { problemsOf } from '$core/validation';

const said = (...of: Parameters<typeof problemsOf>) =>
  problemsOf(...of).map((problem) => `${problem.path}: ${reasonText(problem)}`);
const square = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const round = { shape: 'round', diameterMm: 200, depthMm: 40 };

test('every shape reads its own measures, and refuses impossible ones', () => {
  for (const tin of [
    square,
    { ...square, cornerMm: 50, flareDeg: 60 },
    round,
    { ...round, flareDeg: 5 },
    { shape: 'sheet', lengthMm: 5000, widthMm: 300 },
    { shape: 'sheet', lengthMm: 400, widthMm: 300, depthMm: 1000, outlineMm: { length: 200, width: 1 } },
  ])
    assert.deepEqual(said(tinSchema, tin), []);
  assert.deepEqual(said(tinSchema, { ...square, cornerMm: 51 }), [
    '/cornerMm: A corner radius is at most half of the shorter side',
  ]);
  for (const [tin, path] of [
    [{ ...square, lengthMm: 0.5 }, '/lengthMm'],
    [{ ...square, widthMm: 5001 }, '/widthMm'],
    [{ ...square, depthMm: 1001 }, '/depthMm'],
    [{ ...square, flareDeg: 61 }, '/flareDeg'],
    [{ ...square, widthMm: undefined }, '/widthMm'],
    [{ ...round, diameterMm: undefined }, '/diameterMm'],
    [{ shape: 'sheet', lengthMm: 400, widthMm: 300, outlineMm: { length: 200 } }, '/outlineMm/width'],
    [{ shape: 'sheet', lengthMm: 400, widthMm: 300, depthMm: 0.5 }, '/depthMm'],
  ] as const)
    assert.deepEqual(
      problemsOf(tinSchema, tin).map((problem) => problem.path),
      [path],
    );
  assert.equal(said(tinSchema, { shape: 'heart' }).length, 1);
  assert.equal(said(tinSchema, undefined).length, 1);
});

test('tins to make a slab in: at least one kind, at most twenty, each with a count', () => {
  const kind = { tin: square, count: 1 };
  assert.deepEqual(said(tinsSchema, [kind, { tin: round, count: 100 }]), []);
  assert.deepEqual(said(tinsSchema, []), [': At least 1 is needed']);
  assert.equal(
    said(
      tinsSchema,
      Array.from({ length: 21 }, () => kind),
    ).length,
    1,
  );
  assert.deepEqual(said(tinsSchema, [{ tin: square }]), ['/0/count: This is missing']);
  for (const count of [0, 101, 1.5]) assert.equal(said(tinsSchema, [{ tin: square, count }]).length, 1);
});

test('a tin for the rack, a pot and a box say what is missing', () => {
  assert.deepEqual(said(rackTinSchema, { name: 'Deep', count: 2, tin: round }), []);
  assert.deepEqual(said(rackTinSchema, { name: 'Deep', tin: round }), ['/count: This is missing']);
  assert.deepEqual(said(rackTinSchema, undefined), [': This is missing']);
  assert.equal(said(rackTinSchema, { count: 1, tin: round }).length, 1);
  assert.deepEqual(said(vesselSchema, { name: 'Big', kind: 'pot', volumeMl: 4000 }), []);
  assert.equal(said(vesselSchema, { name: 'Big', kind: 'bucket', volumeMl: 4000 }).length, 1);
  assert.equal(said(vesselSchema, { name: 'Big', kind: 'bowl', volumeMl: 0 }).length, 1);
  assert.deepEqual(said(boxSchema, { name: 'Six', lengthMm: 200, widthMm: 120, heightMm: 40 }), []);
  assert.equal(said(boxSchema, { name: 'Six', lengthMm: 200, heightMm: 6000 }).length, 2);
});
