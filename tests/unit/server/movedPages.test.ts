import assert from 'node:assert/strict';
import { test } from 'node:test';
import { movedPage } from '../../../src/lib/server/movedPages';

test('older addresses redirect to today’s with their query, and others nowhere', () => {
  const to = (path: string) => movedPage(new URL(path, 'http://shop'));
  assert.deepEqual(
    ['/slabs/3/clock', '/slabs/3/gather', '/slabs/3/log?run=7', '/runs/15/log', '/gather?slabs=1,2'].map(to),
    ['/slabs/3/schedule', '/slabs/3/weigh-out', '/slabs/3/history?run=7', '/runs/15/result', '/weigh-out?slabs=1,2'],
  );
  for (const path of ['/slabs/3/schedule', '/slabs/x/clock', '/slabs/3/clock/more', '/api/slabs/3/log', '/'])
    assert.equal(to(path), null, path);
});
