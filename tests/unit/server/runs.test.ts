/** Runs in the database: the demo's half year, found by word, slab, day and lot; events once; finished runs; photos. */
import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { PAST_RUNS, RECALLED } from '../../../demo/runs/past';
import { readRunFile, type RunEvent } from '$core/run';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { bringInRuns } from '../../../src/lib/server/demoRuns';
import { saveIngredient } from '../../../src/lib/server/larder';
import { lotsInUse, runsInList } from '../../../src/lib/server/logbook';
import { eventsTable, runFile, runRow, runsHead } from '../../../src/lib/server/logOut';
import { addFromFiles, slabsWithRuns } from '../../../src/lib/server/runFiles';
import { slabsInZip, zipOf } from '../../../src/lib/server/slabFiles';
import { addPhoto, photoOf, photoProblem } from '../../../src/lib/server/photos';
import { runToLog } from '../../../src/lib/server/runLog';
import {
  addEvents,
  eventsOf,
  linkVersion,
  openRuns,
  runById,
  runsOfSlab,
  versionsFromRun,
} from '../../../src/lib/server/runs';
import { addSlab, keepSlab, slabById } from '../../../src/lib/server/slabs';
import { demoIngredients, demoSlabs } from '../things';
import { migrations } from './migrations';

const NOW = '2026-11-27T09:00:00.000Z';
const folder = mkdtempSync(join(tmpdir(), 'knife-tray-runs-'));
let db: Db;
const slabIds = new Map<string, number>();
before(async () => {
  db = await openDatabase(folder, migrations);
  for (const ingredient of demoIngredients) saveIngredient(db, ingredient);
  for (const slab of demoSlabs) slabIds.set(slab.name, addSlab(db, slab, NOW));
  await bringInRuns(
    db,
    [...slabIds.values()].flatMap((id) => slabById(db, id) ?? []),
    NOW,
  );
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});

const event = (n: number, part: object): RunEvent =>
  ({ id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`, at: NOW, ...part }) as RunEvent;
const rye = () => slabIds.get('Rye and treacle slice')!;

test('thirty runs of half a year, each on a working day, all of them finished', () => {
  const { runs, count } = runsInList(db, {}, 0, 100);
  assert.equal(count, PAST_RUNS.length);
  assert.ok(count >= 28);
  assert.equal(new Set(runs.map(({ lot }) => lot)).size, count);
  for (const { begunAt, status } of runs) {
    assert.ok(![0, 1].includes(new Date(begunAt).getUTCDay()), begunAt);
    assert.equal(status, 'finished');
  }
  assert.deepEqual(openRuns(db), []);
});

test('runs are found by word, slab, day and lot', () => {
  const names = (sought: Parameters<typeof runsInList>[1]) =>
    runsInList(db, sought, 0, 100).runs.map(({ name }) => name);
  assert.equal(names({ slab: rye() }).length, 11);
  assert.deepEqual(names({ words: 'sand' }), ['Pear penuche']);
  // The name in one place, the note in another; words by their beginning.
  assert.deepEqual(names({ words: 'rye door' }), ['Rye and treacle slice']);
  assert.deepEqual(names({ words: 'rye sand' }), []);
  assert.equal(names({ words: '"; DROP TABLE run; --' }).length, 0);
  assert.equal(names({ words: '' }).length, PAST_RUNS.length);
  const [first] = runsInList(db, {}, 0, 1).runs;
  const day = first!.begunAt.slice(0, 10);
  assert.deepEqual(names({ between: [`${day}T00:00:00.000Z`, `${day}T23:59:59.999Z`] }), [first!.name]);
  const recalled = names({ lot: RECALLED.lot });
  assert.ok(recalled.length >= 2 && recalled.every((name) => name === 'Rye and treacle slice'));
  const lot = lotsInUse(db, RECALLED.ingredient, 50).find((inUse) => inUse.lot === RECALLED.lot)!;
  assert.equal(lot.runs, recalled.length);
});

test('a run is saved with what it was planned with; events count once; a finish that is undone no longer counts', () => {
  const [last] = runsOfSlab(db, rye(), 1);
  const log = runToLog(db, last!);
  assert.ok(log.ingredients.some(({ name }) => name === 'whipping cream'));
  const before = eventsOf(db, last!.id);
  assert.deepEqual(addEvents(db, last!.id, before), {
    added: 0,
    known: before.length,
    last: before.length ? addEvents(db, last!.id, [])!.last : 0,
  });
  const finished = before.find(({ kind }) => kind === 'finished')!;
  addEvents(db, last!.id, [event(1, { kind: 'taken-back', event: finished.id })]);
  assert.deepEqual(
    openRuns(db).map(({ id }) => id),
    [last!.id],
  );
  addEvents(db, last!.id, [event(2, { kind: 'finished' })]);
  assert.deepEqual(openRuns(db), []);
});

test('a version remembers the runs it learnt from, of its own slab only', () => {
  const [run] = runsOfSlab(db, rye(), 1);
  const other = slabIds.get('Pear penuche')!;
  const kept = slabById(db, rye())!;
  keepSlab(db, rye(), kept.version, kept.slab, NOW, [run!.id, 99_999]);
  assert.deepEqual(versionsFromRun(db, run!.id), [kept.version + 1]);
  linkVersion(db, other, 1, [run!.id]);
  assert.deepEqual(versionsFromRun(db, run!.id), [kept.version + 1]);
  assert.equal(runById(db, run!.id)!.plan.version, 1);
});

/** The head of a JPEG of some size: its type and dimensions. */
const jpeg = (width: number, height: number) =>
  Uint8Array.from([
    ...[0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0],
    ...[0xff, 0xc0, 0, 17, 8, height >> 8, height & 255, width >> 8, width & 255, 3, 1, 34, 0, 2, 17, 1, 3, 17, 1],
    ...[0xff, 0xd9],
  ]);

test('photos: a JPEG that is small enough, once under its id; a text named like one is refused', () => {
  assert.equal(photoProblem(jpeg(1600, 1200)), null);
  assert.deepEqual(photoProblem(jpeg(1601, 1200))!.figures, { maxPx: 1600 });
  assert.equal(photoProblem(new TextEncoder().encode('a text named .jpg'))!.code, 'not-a-picture');
  const png = Uint8Array.from(
    Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  );
  assert.equal(photoProblem(png)!.code, 'not-a-jpeg');
  const id = '00000000-0000-4000-8000-0000000000aa';
  assert.equal(addPhoto(db, 1, id, jpeg(10, 10)), 'added');
  assert.equal(addPhoto(db, 1, id, jpeg(20, 20)), 'other-under-this-id');
  assert.deepEqual(new Uint8Array(photoOf(db, 1, id)!), jpeg(10, 10));
  assert.equal(photoOf(db, 2, id), null);
});

test('slabs and their runs are exported in a zip and imported unchanged into an empty shop, with photos', async () => {
  const file = slabsWithRuns(db, null);
  const read = slabsInZip(zipOf(file))!;
  assert.deepEqual(read.refused, []);
  assert.equal(read.runs.length, PAST_RUNS.length);
  const otherFolder = mkdtempSync(join(tmpdir(), 'knife-tray-runs-'));
  const other = await openDatabase(otherFolder, migrations);
  const done = addFromFiles(other, read, NOW);
  assert.equal(done.runs, PAST_RUNS.length);
  const lots = (of: Db) => runsInList(of, {}, 0, 100).runs.map(({ lot, begunAt }) => `${lot} ${begunAt}`);
  assert.deepEqual(lots(other), lots(db));
  const [run] = runsOfSlab(other, done.ids[0]!, 1);
  const name = slabById(other, done.ids[0]!)!.slab.name;
  const [same] = runsOfSlab(db, slabIds.get(name)!, 1);
  assert.deepEqual(runToLog(other, run!).events, runToLog(db, same!).events);
  assert.deepEqual({ ...run!.plan, version: 0 }, { ...same!.plan, version: 0 });
  const kept = other.prepare<[], number>('SELECT count(*) FROM run_photo').pluck().get();
  assert.equal(kept, 1);
  // Imported again into the same shop: lots in use get other numbers.
  assert.equal(addFromFiles(other, read, NOW).runs, PAST_RUNS.length);
  assert.equal(new Set(runsInList(other, {}, 0, 100).runs.map(({ lot }) => lot)).size, 2 * PAST_RUNS.length);
  const alone = addFromFiles(other, { ...read, slabs: [] }, NOW);
  assert.deepEqual([alone.runs, alone.refused.length], [0, PAST_RUNS.length]);
  other.close();
  rmSync(otherFolder, { recursive: true, force: true });
});

test('the file of a run is checked against its schema: problems have their place, and lists that are too long are not read', () => {
  const sound = runFile(db, 1) as { plan: { steps: object[] }; events: object[] };
  assert.equal(readRunFile(sound).ok, true);
  const paths = (found: unknown) => {
    const read = readRunFile(found);
    return read.ok ? [] : read.problems.map(({ path }) => path);
  };
  assert.deepEqual(paths({ ...sound, format: 'other' }), ['/format']);
  assert.deepEqual(paths({ ...sound, plan: { ...sound.plan, begin: 'now' } }), ['/plan/begin']);
  const [first, ...rest] = sound.plan.steps;
  assert.deepEqual(paths({ ...sound, plan: { ...sound.plan, steps: [{ ...first, hands: 'three' }, ...rest] } }), [
    '/plan/steps/0/hands',
  ]);
  assert.deepEqual(paths({ ...sound, events: [{ kind: 'danced' }] }).length > 0, true);
  assert.deepEqual(paths({ ...sound, events: new Array(30_000).fill({}) }), ['/events']);
  assert.deepEqual(paths(null).length > 0, true);
});

test('the log is exported as tables: a row for each run, and a row for each event that counts', () => {
  const head = runsHead();
  assert.match(head, /^slab,lot,version,begun,stands,minutes min/);
  const row = runRow(db, 1);
  assert.equal(row.split(',').length, head.split(',').length);
  assert.equal(runRow(db, 9999), '');
  const run = runById(db, 1)!;
  const events = eventsOf(db, 1);
  const formula = event(77, { kind: 'note', text: '=1+1' });
  const table = eventsTable(run.plan, [...events, formula]);
  assert.match(table, /'=1\+1/);
  assert.equal(table.split('\r\n').length, events.length + 2);
});

test('a run takes a limited number of events; repeated ones are still recognised', () => {
  const [run] = runsOfSlab(db, slabIds.get('Orchard oat bake')!, 1);
  const many = (from: number) =>
    Array.from({ length: 1000 }, (_, i) => event(100_000 + from + i, { kind: 'temperature', celsius: 20 }));
  let taken = 0;
  while (taken < 30 && addEvents(db, run!.id, many(taken * 1000))) taken += 1;
  assert.equal(taken, 19);
  assert.deepEqual(addEvents(db, run!.id, many(0))!.known, 1000);
  assert.equal(
    addEvents(db, run!.id, [event(1, { kind: 'note', text: 'one more' }), ...many(50_000).slice(0, 999)]),
    null,
  );
});
