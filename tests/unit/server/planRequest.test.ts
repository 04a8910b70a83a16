import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readPlanRequest } from '../../../src/lib/server/requests/plan';
import { ryeSlice } from '../things';

const paths = (found: unknown) => {
  const read = readPlanRequest(found);
  return read.ok ? [] : read.problems.map(({ path }) => path);
};

test('only the slab is required in a request', () => assert.deepEqual(paths({ slab: ryeSlice }), []));

test('each part is read, and its problems carry its name', () => {
  assert.deepEqual(paths({ slab: ryeSlice, tins: [] }), ['/tins']);
  assert.deepEqual(paths({ slab: ryeSlice, scale: { mode: 'twice' } }), ['/scale/mode']);
  assert.deepEqual(paths({ slab: ryeSlice, cut: { columns: 0, rows: 2 } }), ['/cut/columns']);
  assert.deepEqual(paths({ slab: ryeSlice, shop: { currency: 'euros' } }), ['/shop/currency']);
  assert.deepEqual(paths({ slab: { ...ryeSlice, name: '' } })[0], '/name');
  assert.deepEqual(paths([]), ['']);
  assert.deepEqual(paths(null), ['']);
});
