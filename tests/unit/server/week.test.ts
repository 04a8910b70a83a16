/** Batches in the database: revisions of each and of the week, places saved only for the week that was planned, orders marked as made. */
import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import type { Batch } from '$core/batches';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { addOrder, orderById, ordersDue } from '../../../src/lib/server/orders';
import { markMade } from '../../../src/lib/server/ordersMade';
import { addSlab } from '../../../src/lib/server/slabs';
import {
  addBatches,
  addBlockedTime,
  addExtraHours,
  batchById,
  batchesDue,
  beginBatch,
  blockedTimes,
  changeBatch,
  extraHours,
  removeBatch,
  removeBlockedTime,
  savePlaces,
  weekRevision,
} from '../../../src/lib/server/week';
import { beginRun, addEvents } from '../../../src/lib/server/runs';
import { demoSlabs, runPlanFor, ryeSlice, shop } from '../things';
import { migrations } from './migrations';

const NOW = '2026-12-01T09:00:00.000Z';
const DUE = '2026-12-04T09:00:00.000Z';
const folder = mkdtempSync(join(tmpdir(), 'knife-tray-week-'));
let db: Db;
let rye: number;
before(async () => {
  db = await openDatabase(folder, migrations);
  [rye] = demoSlabs.filter((slab) => slab === ryeSlice).map((slab) => addSlab(db, slab, NOW)) as [number];
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});
const batch = (part: Partial<Batch> = {}): Batch => ({
  ...{ slab: rye, tins: [{ tin: ryeSlice.tin, count: 1 }], pieces: [{ kind: null, count: 24 }], due: DUE },
  ...part,
});

test('a batch is changed only with its revision, and not once it is begun', () => {
  const [id] = addBatches(db, [batch()]) as [number];
  assert.deepEqual(changeBatch(db, id, 1, batch({ due: '2026-12-05T09:00:00Z' })), { revision: 2 });
  assert.equal(changeBatch(db, id, 1, batch()), 'changed');
  assert.equal(changeBatch(db, 999, 1, batch()), 'gone');
  assert.equal(batchById(db, id)!.due, '2026-12-05T09:00:00.000Z');
  const run = beginRun(
    db,
    { slabId: rye, version: 1, slab: ryeSlice, begin: NOW, ingredients: [], shop, booksStock: true },
    (lot) => ({
      ...runPlanFor(ryeSlice),
      lot,
    }),
  );
  beginBatch(db, id, run.id);
  assert.equal(removeBatch(db, id, 3, NOW), 'begun');
  assert.deepEqual(removeBatch(db, addBatches(db, [batch()])[0]!, 1, NOW), { revision: 1 });
});

test('places are saved only for the week that was planned', () => {
  const [id] = addBatches(db, [batch()]) as [number];
  const revision = weekRevision(db);
  assert.equal(savePlaces(db, revision - 1, [{ batch: id, steps: [] }]), null);
  assert.equal(batchById(db, id)!.placed, null);
  assert.equal(savePlaces(db, revision, [{ batch: id, steps: [] }]), revision + 1);
  assert.deepEqual(batchById(db, id)!.placed, []);
  // Every change of the week counts: a batch, a blocked time, extra hours.
  const span = { from: '2026-12-02T10:00:00Z', to: '2026-12-02T12:00:00Z' };
  const oven = addBlockedTime(db, { resource: 'oven', ...span });
  addExtraHours(db, { person: 'Maker', ...span });
  assert.equal(weekRevision(db), revision + 3);
  assert.deepEqual(
    [blockedTimes(db, NOW).map(({ resource }) => resource), extraHours(db, NOW).map(({ person }) => person)],
    [['oven'], ['Maker']],
  );
  assert.deepEqual(blockedTimes(db, '2026-12-03T00:00:00.000Z'), []);
  assert.deepEqual([removeBlockedTime(db, oven), removeBlockedTime(db, oven)], [true, false]);
});

test('an order is made when all its batches are finished, one date of a standing order by itself', () => {
  const lines = [{ slab: rye, count: 24, unit: 'piece' }] as const;
  const single = addOrder(db, { name: 'Cafe', due: DUE, status: 'planned', lines }).id;
  const standing = addOrder(db, { name: 'Hatch', due: DUE, status: 'planned', repeat: 'FREQ=WEEKLY', lines }).id;
  const [one, two] = addBatches(db, [
    batch({ orders: [{ order: single }, { order: standing, occurrence: DUE }] }),
    batch({ orders: [{ order: single }] }),
  ]) as [number, number];
  const finish = (id: number, n: number) => {
    const run = beginRun(
      db,
      { slabId: rye, version: 1, slab: ryeSlice, begin: NOW, ingredients: [], shop, booksStock: true },
      (lot) => ({
        ...runPlanFor(ryeSlice),
        lot,
      }),
    );
    beginBatch(db, id, run.id);
    addEvents(db, run.id, [{ id: `00000000-0000-4000-8000-00000000000${n}`, at: NOW, kind: 'finished' }]);
  };
  const now = new Date(NOW);
  const statusOf = (name: string) =>
    ordersDue(db, { from: now, to: new Date('2026-12-20T00:00:00Z') }, now)
      .filter((order) => order.name === name)
      .map(({ status }) => status);
  finish(one, 1);
  markMade(db, now);
  assert.equal(orderById(db, single)!.status, 'planned');
  assert.deepEqual(statusOf('Hatch').slice(0, 2), ['made', 'planned']);
  finish(two, 2);
  markMade(db, now);
  assert.deepEqual(statusOf('Cafe'), ['made']);
  assert.ok(batchesDue(db, NOW).length >= 2);
});
