/** The database of a version from before stock, `older/schema-10.sqlite.gz`, is brought up to date: everything in it is still there. */
import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { gunzipSync } from 'node:zlib';
import { readOrderBody } from '../../../src/lib/server/requests/orders';
import { runState } from '$core/run';
import { plan } from '$core/usecases';
import { larderOf } from '$core/larder';
import { allAssortments } from '../../../src/lib/server/assortments';
import { DATA_FILE } from '../../../src/lib/server/db/copies';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { allIngredients } from '../../../src/lib/server/larder';
import { orderById, ordersDue } from '../../../src/lib/server/orders';
import { addEvents, eventsOf, runById } from '../../../src/lib/server/runs';
import { wholeShop } from '../../../src/lib/server/shop';
import { allSlabs } from '../../../src/lib/server/slabs';
import { heldIngredients } from '../../../src/lib/server/stock/held';
import { allTins } from '../../../src/lib/server/tins';
import { batchesDue } from '../../../src/lib/server/week';
import { demoSlabs } from '../things';
import { migrations } from './migrations';

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-upgrade-'));
let db: Db;
before(async () => {
  const older = gunzipSync(readFileSync(new URL('older/schema-10.sqlite.gz', import.meta.url)));
  writeFileSync(join(folder, DATA_FILE), older);
  db = await openDatabase(folder, migrations);
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});

test('the schema is the newest one, and nothing refers to what is not there', () => {
  assert.equal(db.pragma('user_version', { simple: true }), migrations.at(-1)!.number);
  assert.deepEqual(db.pragma('foreign_key_check'), []);
  assert.equal(db.pragma('integrity_check', { simple: true }), 'ok');
});

test('slabs, tins and settings are as they were, and a slab can be planned', () => {
  const slabs = allSlabs(db);
  assert.deepEqual(slabs.map(({ slab }) => slab.name).sort(), demoSlabs.map(({ name }) => name).sort());
  assert.ok(allTins(db).length >= 3);
  assert.equal(wholeShop(db).name, 'Lantern Yard Slabworks');
  const larder = larderOf(allIngredients(db));
  for (const { slab } of slabs) assert.ok(plan(slab, larder, wholeShop(db)).slab.massG > 100, slab.name);
});

test('what was in stock is an opening entry, and of what was not counted nothing is known', () => {
  const treacle = allIngredients(db).find(({ name }) => name === 'black treacle')!;
  assert.equal(treacle.heldG, 908);
  const held = heldIngredients(db);
  const counted = allIngredients(db).filter(({ heldG }) => heldG !== undefined);
  assert.ok(counted.length > 10 && counted.length < allIngredients(db).length);
  assert.deepEqual([...held.keys()].sort(), counted.map(({ id }) => id).sort());
});

test('orders, an assortment and a batch are still there, and still valid', () => {
  const cafe = orderById(db, 1)!;
  assert.deepEqual([cafe.name, cafe.repeat, cafe.lines[0]!.count], ['Ferry Steps cafe', 'FREQ=WEEKLY;BYDAY=TU,FR', 36]);
  const { id: _id, revision: _revision, ...asSent } = cafe;
  assert.equal(readOrderBody(asSent).ok, true);
  const range = { from: new Date('2031-03-01T00:00:00Z'), to: new Date('2031-03-16T00:00:00Z') };
  assert.deepEqual(
    ordersDue(db, range, new Date('2031-03-01T00:00:00Z')).map(({ name }) => name),
    ['Ferry Steps cafe', 'Gallery opening', 'Ferry Steps cafe', 'Ferry Steps cafe'],
  );
  assert.deepEqual(
    allAssortments(db).map(({ name, price }) => [name, price]),
    [['Box of four', 11]],
  );
  assert.deepEqual(
    batchesDue(db, '2031-01-01T00:00:00Z').map(({ slab, pieces }) => [slab, pieces[0]!.count]),
    [[8, 24]],
  );
});

test('runs keep their events; one that was in progress goes on, and books nothing that it did not book before', () => {
  const [finished, open] = [30, 31].map((id) => runById(db, id)!);
  assert.equal(runState(finished!.plan, eventsOf(db, 30), Date.now()).status, 'finished');
  assert.deepEqual(
    eventsOf(db, 31).flatMap((event) => (event.kind === 'note' ? [event.text] : [])),
    ['Made with the older version'],
  );
  const before = heldIngredients(db);
  const done = addEvents(db, open!.id, [
    { id: '5c0e6a8e-5d1f-4a5b-8f0e-2d7d1f3c9a11', at: '2026-12-02T09:00:00Z', kind: 'finished' },
  ]);
  assert.equal(done!.added, 1);
  assert.deepEqual(heldIngredients(db), before);
});
