/** The ledger: what is held does not depend on the order in which entries come in; runs and orders are booked once, whatever is undone. */
import assert from 'node:assert/strict';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import fc from 'fast-check';
import type { RunEvent } from '$core/run';
import { fromThousandths, type StockEntry } from '$core/stock';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { allIngredients, saveIngredient } from '../../../src/lib/server/larder';
import { priceHistory } from '../../../src/lib/server/packs';
import { addOrder, changeOrder, orderById } from '../../../src/lib/server/orders';
import { addEvents, beginRun } from '../../../src/lib/server/runs';
import { addSlab } from '../../../src/lib/server/slabs';
import { allocatedPieces } from '../../../src/lib/server/stock/forOrders';
import { heldIngredients, heldPieces } from '../../../src/lib/server/stock/held';
import { entriesPage } from '../../../src/lib/server/stock/ledger';
import { correctedEntry } from '../../../src/lib/server/requests/stock';
import { addStockEntries as addSent } from '../../../src/lib/server/stock/sent';
import { runPlanFor, ryeSlice, shop } from '../things';
import { migrations } from './migrations';

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-stock-'));
let db: Db;
let rye: number;
before(async () => {
  db = await openDatabase(folder, migrations);
  rye = addSlab(db, ryeSlice, '2026-12-01T09:00:00.000Z');
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});

const addStockEntries = (to: Db, entries: readonly StockEntry[]) =>
  addSent(
    to,
    entries.map((entry, i) => ({ path: `/${i}`, entry })),
  );

let numbered = 0;
/** A new ingredient, so that tests do not see each other. */
function ingredient(): { readonly id: number; readonly name: string } {
  const name = `thing ${++numbered}`;
  const done = saveIngredient(db, { name, packs: [{ name: 'bag', massG: 500, price: 2, pricedOn: '2026-01-01' }] });
  assert.ok(done.ok);
  return { id: done.id, name };
}
const minute = (m: number) => new Date(Date.UTC(2026, 11, 1, 9, m)).toISOString();
const entry = (ingredient: string, part: Partial<StockEntry>): StockEntry => ({
  ...{ id: randomUUID(), of: { ingredient }, unit: 'g', why: 'delivery', at: minute(0) },
  ...part,
});
const heldOf = (id: number) => fromThousandths(heldIngredients(db, [id]).get(id)?.thousandths ?? 0);

type Step = { readonly counted: number } | { readonly change: number };
const step: fc.Arbitrary<Step> = fc.oneof(
  fc.record({ counted: fc.integer({ min: 0, max: 5000 }) }),
  fc.record({ change: fc.integer({ min: -500_000, max: 500_000 }).map((n) => n / 1000) }),
);
/** The meaning of a ledger, written apart: the last stocktake, and what changed after it. */
function meant(steps: readonly Step[]): number {
  const last = steps.findLastIndex((one) => 'counted' in one);
  const base = last < 0 ? 0 : (steps[last] as { counted: number }).counted;
  const mg = steps.slice(last + 1).reduce((sum, one) => sum + Math.round((one as { change: number }).change * 1000), 0);
  return base + mg / 1000;
}
const asEntry = (name: string, one: Step, m: number): StockEntry =>
  entry(name, { at: minute(m), ...('counted' in one ? { why: 'count', ...one } : { why: 'waste', ...one }) });

test('what is held is the last stocktake and what changed after it, in whatever order entries come in, and however often', () => {
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 8 }), fc.infiniteStream(fc.nat()), (steps, random) => {
      const { id, name } = ingredient();
      const entries = steps.map((one, m) => asEntry(name, one, m));
      const mixed = entries.map((one) => ({ one, key: random.next().value })).sort((a, b) => a.key - b.key);
      for (const { one } of mixed) assert.deepEqual(addStockEntries(db, [one]), { added: 1, known: 0, problems: [] });
      assert.equal(addStockEntries(db, entries).known, entries.length);
      assert.ok(Math.abs(heldOf(id) - meant(steps)) < 1e-6);
    }),
    { numRuns: 60 },
  );
});

test('an entry that is undone was never there: before a stocktake, after it, and the stocktake itself', () => {
  fc.assert(
    fc.property(fc.array(step, { minLength: 2, maxLength: 6 }), fc.nat(), (steps, seed) => {
      const { id, name } = ingredient();
      const gone = seed % steps.length;
      const entries = steps.map((one, m) => asEntry(name, one, m));
      for (const one of entries) addStockEntries(db, [one]);
      const undo = entry(name, { why: entries[gone]!.why, undoes: entries[gone]!.id, change: 0 });
      assert.equal(addStockEntries(db, [undo]).added, 1);
      const rest = steps.filter((_, i) => i !== gone);
      if (!('counted' in steps[gone]!)) assert.ok(Math.abs(heldOf(id) - meant(rest)) < 1e-6);
      // A second undo is refused.
      assert.equal(addStockEntries(db, [{ ...undo, id: randomUUID() }]).problems[0]!.code, 'not-undoable');
    }),
    { numRuns: 60 },
  );
  const { id, name } = ingredient();
  const count = entry(name, { why: 'count', counted: 50, at: minute(5) });
  addStockEntries(db, [entry(name, { change: 300 }), count, entry(name, { why: 'waste', change: -10, at: minute(2) })]);
  assert.equal(heldOf(id), 50);
  addStockEntries(db, [entry(name, { undoes: count.id, why: 'count', change: 0 })]);
  assert.equal(heldOf(id), 290);
});

test('a delivery brings a lot, its date and the price of its pack; bad entries are named and hold up no others', () => {
  const { id, name } = ingredient();
  const done = addStockEntries(db, [
    entry(name, {
      change: 1500,
      price: 7.5,
      pack: 'bag',
      lot: 'A1',
      keepsUntil: '2027-03-01T00:00:00Z',
      at: '2026-12-01T10:00:00Z',
    }),
    entry('nothing of the kind', { change: 1 }),
    entry(name, { change: 20, unit: 'piece' }),
  ]);
  assert.deepEqual(
    [done.added, done.problems.map(({ path, code }) => `${path} ${code}`)],
    [1, ['/1/of/ingredient no-such-ingredient', '/2/unit unit-of-ingredient']],
  );
  assert.deepEqual(heldIngredients(db, [id]).get(id)!.lots, [
    { lot: 'A1', thousandths: 1_500_000, keepsUntil: '2027-03-01T00:00:00.000Z' },
  ]);
  assert.deepEqual(
    priceHistory(db, id).map(({ price, pricedOn }) => [price, pricedOn]),
    [
      [2, '2026-01-01'],
      [2.5, '2026-12-01'],
    ],
  );
});

/** A run of the rye slice, with its flour in two lots on the shelf. */
function ryeRun() {
  const plan = runPlanFor(ryeSlice);
  const name = plan.lines[0]!.ingredient;
  const known = allIngredients(db).find((one) => one.name === name);
  const id = known?.id ?? (saveIngredient(db, { name }) as { id: number }).id;
  const run = beginRun(
    db,
    { slabId: rye, version: 1, slab: ryeSlice, begin: minute(0), ingredients: [], shop, booksStock: true },
    (lot) => ({ ...plan, lot, begin: minute(0) }),
  );
  const at = (m: number, part: object) => ({ id: randomUUID(), at: minute(m), ...part }) as RunEvent;
  return { plan, name, id, run, at, line: { preparation: plan.lines[0]!.preparation, line: plan.lines[0]!.line } };
}

test('a run books what is weighed when it is weighed, from the oldest lot, and takes back what is undone', () => {
  const { name, id, run, at, line } = ryeRun();
  addStockEntries(db, [
    entry(name, { change: 100, lot: 'new', keepsUntil: '2027-09-01T00:00:00Z' }),
    entry(name, { change: 30, lot: 'old', keepsUntil: '2027-01-01T00:00:00Z' }),
  ]);
  const start = heldOf(id);
  const weighed = at(5, { kind: 'weighed', ...line, massG: 50 });
  addEvents(db, run.id, [weighed]);
  addEvents(db, run.id, [weighed]);
  assert.equal(heldOf(id), start - 50);
  assert.deepEqual(
    heldIngredients(db, [id])
      .get(id)!
      .lots.map(({ lot, thousandths }) => [lot, thousandths]),
    [['new', 80_000]],
  );
  addEvents(db, run.id, [at(6, { kind: 'lot', ingredient: name, lot: 'new' })]);
  assert.deepEqual(
    new Map(
      heldIngredients(db, [id])
        .get(id)!
        .lots.map(({ lot, thousandths }) => [lot, thousandths]),
    ),
    new Map([
      ['new', 50_000],
      ['old', 30_000],
    ]),
  );
  addEvents(db, run.id, [at(7, { kind: 'amount-changed', ...line, byG: -20 })]);
  assert.equal(heldOf(id), start - 30);
  addEvents(db, run.id, [at(8, { kind: 'taken-back', event: weighed.id })]);
  assert.equal(heldOf(id), start);
});

test('a finished run makes its pieces once, books unweighed lines as planned, and takes both back', () => {
  const { plan, id, run, at } = ryeRun();
  const start = heldOf(id);
  const plannedG = plan.lines
    .filter(({ ingredient }) => ingredient === plan.lines[0]!.ingredient)
    .reduce((sum, { massG }) => sum + massG!, 0);
  const finished = at(90, { kind: 'finished' });
  const own = () => heldPieces(db, undefined, rye).filter(({ lot }) => lot === run.lot);
  addEvents(db, run.id, [at(80, { kind: 'pieces', count: 20, massG: 900 }), finished]);
  addEvents(db, run.id, [finished, at(95, { kind: 'pieces', count: 3, massG: 100 })]);
  assert.deepEqual(
    own().map(({ thousandths }) => thousandths),
    [23_000],
  );
  assert.ok(Math.abs(start - heldOf(id) - plannedG) < 0.01, `${start - heldOf(id)} of ${plannedG}`);
  addEvents(db, run.id, [at(99, { kind: 'taken-back', event: finished.id })]);
  assert.deepEqual([own(), heldOf(id)], [[], start]);
});

test('an order by weight hands over as many pieces as reach it', () => {
  const { run, at } = ryeRun();
  const order = {
    name: 'By weight',
    due: '2026-12-02T09:00:00Z',
    lines: [{ slab: rye, count: 480, unit: 'g' as const }],
  };
  const other = addSlab(db, { ...ryeSlice, name: 'Never weighed' }, minute(0));
  const unweighed = { ...order, lines: [{ ...order.lines[0]!, slab: other }] };
  const [uncounted] = allocatedPieces(db, [{ ...unweighed, id: 1, revision: 1, status: 'open' }], new Date(minute(0)));
  assert.deepEqual([uncounted!.wanted, uncounted!.uncountedG], [0, 480]);
  addEvents(db, run.id, [at(80, { kind: 'pieces', count: 40, massG: 2000 }), at(91, { kind: 'finished' })]);
  const { id } = addOrder(db, order);
  const [allocated] = allocatedPieces(db, [orderById(db, id)!], new Date(minute(95)));
  assert.deepEqual(
    [allocated!.wanted, allocated!.uncountedG, allocated!.lots.reduce((sum, { pieces }) => sum + pieces, 0)],
    [10, 0, 10],
  );
  changeOrder(db, id, 1, { ...order, status: 'handed-over' });
  const own = entriesPage(db, { slab: rye }, 0, 100).filter(({ orderKey }) => orderKey === String(id));
  assert.deepEqual(
    [own.reduce((sum, { thousandths }) => sum + thousandths, 0), own.every(({ unit }) => unit === 'piece')],
    [-10_000, true],
  );
});

test('an order hands over the oldest pieces that still keep, and gives them back when it is not handed over after all', () => {
  const [a, b] = [ryeRun(), ryeRun()];
  for (const { run, at } of [a, b])
    addEvents(db, run.id, [at(80, { kind: 'pieces', count: 12, massG: 500 }), at(90, { kind: 'finished' })]);
  const lots = () =>
    new Map(
      heldPieces(db, undefined, rye).flatMap(({ lot, thousandths }) =>
        thousandths > 0 ? [[lot, thousandths / 1000] as const] : [],
      ),
    );
  const order = {
    name: 'Cafe',
    due: '2026-12-02T09:00:00Z',
    lines: [{ slab: rye, count: 2, unit: 'box' as const, pieces: 9 }],
  };
  const { id } = addOrder(db, order);
  const start = [...lots().values()].reduce((sum, pieces) => sum + pieces, 0);
  assert.deepEqual(changeOrder(db, id, 1, { ...order, status: 'handed-over' }), { revision: 2 });
  assert.equal(
    [...lots().values()].reduce((sum, pieces) => sum + pieces, 0),
    start - 18,
  );
  const sold = entriesPage(db, { slab: rye }, 0, 100).filter(({ orderKey }) => orderKey === String(id));
  assert.equal(
    sold.reduce((sum, { thousandths }) => sum + thousandths, 0),
    -18_000,
  );
  changeOrder(db, id, 2, { ...order, status: 'packed' });
  assert.equal(
    [...lots().values()].reduce((sum, pieces) => sum + pieces, 0),
    start,
  );
  assert.equal(orderById(db, id)!.status, 'packed');
});

test("the moment of an entry is the server's: a device that is behind is corrected, and nothing happens later than now", () => {
  const now = Date.parse(minute(30));
  const at = (given: string, offsetMs: number) =>
    correctedEntry(entry('x', { change: 1, at: given }), offsetMs, now).at;
  assert.deepEqual(
    [at(minute(10), 0), at(minute(10), 600_000), at(minute(50), 0)],
    [minute(10), minute(20), minute(30)],
  );
});

test('what is held now is the sum of all entries, of every lot', () => {
  const now = heldIngredients(db);
  const summed = heldIngredients(db, undefined, '9999');
  assert.ok(now.size > 20);
  const sorted = (held: typeof now) =>
    [...held.values()].map(({ lots, ...own }) => ({
      ...own,
      lots: [...lots].sort((a, b) => (a.lot < b.lot ? -1 : 1)),
    }));
  assert.deepEqual(sorted(now), sorted(summed));
  assert.deepEqual(heldPieces(db), heldPieces(db, '9999'));
});

test('figures of a shop from before the ledger become opening entries, and runs in progress then book nothing', async () => {
  const old = mkdtempSync(join(tmpdir(), 'knife-tray-before-stock-'));
  const before = await openDatabase(old, migrations.slice(0, 10));
  const add = before.prepare('INSERT INTO ingredient (name, plain_name, facts) VALUES (?, ?, ?)');
  add.run('butter', 'butter', JSON.stringify({ heldG: 1234.567, allergens: ['milk'] }));
  add.run('honey', 'honey', '{}');
  const slab = addSlab(before, ryeSlice, minute(0));
  before
    .prepare('INSERT INTO run (slab_id, version, lot, begun_at, plan, document) VALUES (?, 1, ?, ?, ?, ?)')
    .run(slab, 'L1', minute(0), JSON.stringify(runPlanFor(ryeSlice)), JSON.stringify(ryeSlice));
  before.close();
  const after = await openDatabase(old, migrations);
  const [butter, honey] = allIngredients(after);
  assert.deepEqual([butter!.heldG, butter!.allergens, honey!.heldG], [1234.567, ['milk'], undefined]);
  assert.deepEqual(
    entriesPage(after, {}, 0, 10).map(({ why, thousandths, facts }) => [why, thousandths, facts.counted]),
    [['count', 1_234_567, 1234.567]],
  );
  const finished = { id: randomUUID(), at: minute(9), kind: 'finished' } as RunEvent;
  assert.equal(addEvents(after, 1, [finished])!.added, 1);
  assert.equal(entriesPage(after, {}, 0, 10).length, 1);
  after.close();
  rmSync(old, { recursive: true, force: true });
});
