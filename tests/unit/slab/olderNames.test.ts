/** Slab files with older field names are read as files with today's names. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parseSlab, renameOlderFields } from '$core/slab';
import { readBeginRequest } from '../../../src/lib/server/requests/runs';
import { readPlanRequest } from '../../../src/lib/server/requests/plan';
import { ryeSlice } from '../things';

const [base, caramel, top] = ryeSlice.preparations;
const { maxScaleFactor, ...unnamed } = caramel!;
const older = {
  ...ryeSlice,
  preparations: [base, { ...unnamed, maxMultiple: maxScaleFactor }, top],
  scale: { mode: 'multiple', by: 2 },
};

test('an older field name is read, and written as today’s name', () => {
  const read = parseSlab(older);
  assert.ok(read.ok);
  assert.equal(read.value.preparations[1]!.maxScaleFactor, maxScaleFactor);
  assert.ok(!('maxMultiple' in read.value.preparations[1]!));
  assert.deepEqual(read.value.scale, { mode: 'scaleFactor', by: 2 });
});

test('where both names are present, today’s counts', () => {
  const both = { ...older, preparations: [base, { ...caramel, maxMultiple: 9 }, top] };
  const read = parseSlab(both);
  assert.ok(read.ok && read.value.preparations[1]!.maxScaleFactor === maxScaleFactor);
});

test('a wrong value under an older name is refused, and a file without older names stays the same object', () => {
  const wrong = parseSlab({ ...older, preparations: [base, { ...unnamed, maxMultiple: -1 }, top] });
  assert.deepEqual(!wrong.ok && wrong.problems.map(({ path, code }) => [path, code]), [
    ['/preparations/1/maxScaleFactor', 'not-positive'],
  ]);
  assert.equal(renameOlderFields(ryeSlice), ryeSlice);
  for (const none of [null, 7, 'x', [], { preparations: 'x', scale: 7 }, { preparations: [null, 7] }])
    assert.deepEqual(renameOlderFields(none), none);
});

test('a request may scale by the older name, of its own and in its slab', () => {
  const read = readPlanRequest({ slab: older, scale: { mode: 'multiple', by: 3 } });
  assert.ok(read.ok);
  assert.deepEqual(
    [read.value.scale, read.value.slab.scale],
    [
      { mode: 'scaleFactor', by: 3 },
      { mode: 'scaleFactor', by: 2 },
    ],
  );
});

test('a run may be started with the older name too, and an invalid body is refused', () => {
  const read = readBeginRequest({ slab: 1, scale: { mode: 'multiple', by: 2 } });
  assert.ok(read.ok);
  assert.deepEqual(read.value.scale, { mode: 'scaleFactor', by: 2 });
  for (const none of [null, 7, 'x', { slab: 1, scale: { mode: 'multiple', by: -1 } }])
    assert.ok(!readBeginRequest(none).ok);
});
