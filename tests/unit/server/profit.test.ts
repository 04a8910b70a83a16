/** What orders brought stays as it was when they were handed over; what comes back or is not handed over after all is taken off. */
import assert from 'node:assert/strict';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { profitOf } from '$core/profit';
import type { RunEvent } from '$core/run';
import { runCostOf } from '$core/usecases';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { saveIngredient } from '../../../src/lib/server/larder';
import { addOrder, changeOrder } from '../../../src/lib/server/orders';
import type { SaleBooks } from '../../../src/lib/server/profit/saleBooks';
import { salesBetween } from '../../../src/lib/server/profit/sales';
import { runToLog } from '../../../src/lib/server/runLog';
import { addEvents, beginRun, eventsOf, lastOfRun, runById } from '../../../src/lib/server/runs';
import { readDayRange } from '../../../src/lib/server/requests/dayRange';
import { addSlab } from '../../../src/lib/server/slabs';
import { addStockEntries } from '../../../src/lib/server/stock/sent';
import { near } from '../figures';
import { demoIngredients, demoShop, runPlanFor, ryeSlice } from '../things';
import { migrations } from './migrations';

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-profit-'));
let db: Db;
let rye: number;
let run: { id: number; lot: string };
const PIECES = 20;
before(async () => {
  db = await openDatabase(folder, migrations);
  for (const ingredient of demoIngredients) saveIngredient(db, ingredient);
  rye = addSlab(db, ryeSlice, '2026-11-27T08:00:00.000Z');
  const begin = '2026-11-27T08:00:00Z';
  const given = { slabId: rye, version: 1, slab: ryeSlice, begin, ingredients: demoIngredients, booksStock: true };
  run = beginRun(db, { ...given, shop: demoShop }, (lot) => ({ ...runPlanFor(ryeSlice), lot }));
  const plan = runById(db, run.id)!.plan;
  const at = (minutes: number) => new Date(Date.parse(begin) + minutes * 60_000).toISOString();
  const steps = plan.steps.flatMap(({ id, planned: { from, to } }) => [
    { kind: 'step-begun', step: id, at: at(from) },
    { kind: 'step-done', step: id, at: at(to) },
  ]);
  const end = [
    { kind: 'pieces', count: PIECES, massG: 1000, each: [], at: at(600) },
    { kind: 'rejects', count: 4, at: at(601) },
    { kind: 'finished', at: at(602) },
  ];
  addEvents(
    db,
    run.id,
    [...steps, ...end].map((part) => ({ id: randomUUID(), ...part }) as unknown as RunEvent),
  );
  db.prepare('INSERT INTO run_cost (run_id, last_sequence, cost) VALUES (?, ?, ?)').run(
    ...[run.id, lastOfRun(db, run.id), JSON.stringify(cost())],
  );
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});

const cost = () => runCostOf(runToLog(db, runById(db, run.id)!, eventsOf(db, run.id)))!;
const books = (net: number | null): SaleBooks => {
  const book = (price: number | null) => ({
    slabs: new Map(price === null ? [] : [[rye, { kinds: [{ name: null, massG: 57, price }], channels: [] }]]),
    ...{ assortments: new Map(), channel: null, coin: 100 },
  });
  return { channel: 'Cafe', currency: 'EUR', net: book(net), selling: book(10) };
};
const order = (count: number) => ({
  ...{ name: 'Cafe', due: '2026-12-05T09:00:00Z' },
  lines: [{ slab: rye, count, unit: 'piece' as const }],
});
const sales = () => salesBetween(db, '2026-01-01T00:00:00Z', '2100-01-01T00:00:00Z', 0);
const entry = (part: object) => ({
  ...{ id: randomUUID(), of: { slab: rye }, lot: run.lot, unit: 'piece' as const, at: new Date().toISOString() },
  ...part,
});
const book = (part: object) =>
  assert.equal(addStockEntries(db, [{ path: '/0', entry: entry(part) as never }]).added, 1);

test('the cost of a run: its bill without packaging, by the pieces that can be sold; rejects are paid for by the others', () => {
  const { costCoins, kinds, isEstimate, unpriced, labourMinutes } = cost();
  assert.deepEqual([kinds.length, kinds[0]!.pieces, isEstimate, unpriced], [1, PIECES, false, []]);
  near([kinds[0]!.costEach! * PIECES], [costCoins!]);
  near([kinds[0]!.labourMinutesEach * PIECES], [labourMinutes]);
  // The ingredients cost some 15; with labour, energy and overheads a batch stays under 60.
  assert.ok(costCoins! > 1500 && costCoins! < 6000, String(costCoins));
  const log = runToLog(db, runById(db, run.id)!, eventsOf(db, run.id));
  const withoutPrices = log.ingredients.map((own) => ({ ...own, packs: [] }));
  assert.equal(runCostOf({ ...log, ingredients: withoutPrices })!.costCoins, null);
  const untimed = log.events.filter(({ kind }) => kind !== 'step-begun');
  const planned = runCostOf({ ...log, events: untimed })!;
  assert.equal(planned.isEstimate, true);
  near([planned.labourMinutes], [labourMinutes]);
  assert.equal(runCostOf({ ...log, events: untimed.filter(({ kind }) => kind !== 'finished') }), null);
});

test('handed over, changed, given back, returned, thrown away', async () => {
  const { id } = addOrder(db, { ...order(8), status: 'open' });
  assert.equal((await sales()).sold.length, 0);
  changeOrder(db, id, 1, { ...order(8), status: 'handed-over' }, books(247));
  const [first] = (await sales()).sold;
  assert.deepEqual(
    [first!.amount, first!.netEach, first!.sellingEach, first!.channel, first!.lot],
    [8, 247, 10, 'Cafe', run.lot],
  );
  near([first!.made!.costEach], [cost().kinds[0]!.costEach!]);
  // A note that is added later, when prices are others, changes nothing.
  changeOrder(db, id, 2, { ...order(8), status: 'handed-over', note: 'paid' });
  assert.equal((await sales()).sold[0]!.netEach, 247);
  book({ why: 'returned', change: 3 });
  book({ why: 'waste', change: -2 });
  const { sold, lost } = await sales();
  const { pieces, lostPieces, revenue, unknownPieces } = profitOf(sold, lost);
  assert.deepEqual([pieces, lostPieces, revenue, unknownPieces], [5, 2, 5 * 247, 0]);
  changeOrder(db, id, 3, { ...order(8), status: 'packed' });
  assert.deepEqual(
    (await sales()).sold.map(({ amount }) => amount),
    [-3],
  );
  assert.equal(db.prepare('SELECT count(*) FROM sale_price').pluck().get(), 0);
});

test('a price that takes too long is stored when it is there, and not for an order that was given back', async () => {
  const later = () => Promise.resolve(books(247));
  const [kept, back] = [2, 3].map((count) =>
    addOrder(db, { ...order(count), status: 'handed-over' }, { ...books(null), later }),
  );
  changeOrder(db, back!.id, 1, { ...order(3), status: 'packed' });
  await new Promise((resolve) => setImmediate(resolve));
  const stored = db.prepare('SELECT order_key AS of, net_each AS net FROM sale_price').all();
  assert.deepEqual(stored, [{ of: String(kept!.id), net: 247 }]);
  changeOrder(db, kept!.id, 1, { ...order(2), status: 'cancelled' });
});

test('a price that was unknown at handing over stays unknown; what is sold by hand has its own', async () => {
  const { id } = addOrder(db, { ...order(2), status: 'handed-over' }, books(null));
  const own = async () => (await sales()).sold.filter(({ amount }) => amount > 0);
  assert.equal((await own())[0]!.netEach, null);
  assert.equal(profitOf(await own(), []).unknownPieces, 2);
  changeOrder(db, id, 1, { ...order(2), status: 'cancelled' });
  book({ why: 'sale', change: -4, price: 10 });
  const [byHand] = await own();
  assert.deepEqual([byHand!.channel, byHand!.amount, byHand!.netEach], [null, 4, 250]);
});

test('a sale by hand that is undone, and one beside it without a price, change nothing in the others', async () => {
  const undone = randomUUID();
  book({ id: undone, why: 'sale', change: -2, price: 9 });
  book({ why: 'sale', change: 2, undoes: undone });
  book({ why: 'sale', change: -3 });
  const byHand = (await sales()).sold.filter(({ channel, amount }) => channel === null && amount > 0);
  assert.deepEqual(byHand.map(({ amount, netEach }) => [amount, netEach]).sort(), [
    [3, null],
    [4, 250],
  ]);
});

test('days are those of the shop, both included; what is no range is refused', () => {
  const read = (query: string) =>
    readDayRange(new URL(`http://x/?${query}`), 'Europe/Dublin', new Date('2026-12-02T10:00:00Z'));
  assert.deepEqual(read('from=2026-06-01&to=2026-06-07'), {
    ...{ firstDay: '2026-06-01', lastDay: '2026-06-07' },
    ...{ from: '2026-05-31T23:00:00.000Z', to: '2026-06-07T23:00:00.000Z' },
  });
  assert.deepEqual([read('')!.firstDay, read('')!.lastDay], ['2026-09-10', '2026-12-02']);
  for (const query of [
    'from=2026-02-30',
    'to=x',
    'from=2026-06-07&to=2026-06-01',
    'from=1999-01-01',
    'from=-5000-01-01',
  ])
    assert.equal(read(query), null, query);
});
