/** Numbers are never reused, copies are complete, photos are files, and the server notices a missing data file. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import Database from 'better-sqlite3';
import type { RunEvent, RunPlan } from '$core/run';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { StorageWatch } from '../../../src/lib/server/db/watch';
import { allIngredients, foundIngredients, removeIngredient, saveIngredient } from '../../../src/lib/server/larder';
import { Door } from '../../../src/lib/server/passphrase';
import { addPhoto, movePhotosOut, photoOf } from '../../../src/lib/server/photos';
import { clockOffsetMs, correctedEvents, readBeginRequest, readEvents } from '../../../src/lib/server/requests/runs';
import { addEvents, beginRun, eventsOf, lastSequence } from '../../../src/lib/server/runs';
import { addSlab, slabNamesFound } from '../../../src/lib/server/slabs';
import { addTin, allTins, removeTin } from '../../../src/lib/server/tins';
import { ryeSlice, shop } from '../things';
import { migrations } from './migrations';
import { deepSquare } from '../tins';

const folders: string[] = [];
after(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));
function newFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-lost-'));
  folders.push(folder);
  return folder;
}

const NOW = '2026-11-27T09:00:00.000Z';
const FILE = 'knife-tray.sqlite';

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const event = (n: number, part: object = { kind: 'note', text: `note ${n}` }): RunEvent =>
  ({ id: uuid(n), at: NOW, ...part }) as RunEvent;
const jpeg = (n: number) => Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, n >> 8, n & 255]);

function begin(db: Db, slabId: number) {
  const context = { slabId, version: 1, slab: ryeSlice, begin: NOW, ingredients: [], shop, booksStock: false };
  return beginRun(
    db,
    context,
    (lot) => ({ name: 'Rye', version: 1, lot, begin: NOW, steps: [] }) as unknown as RunPlan,
  );
}

/** Runs a script on a data folder. */
function script(name: 'backup' | 'restore', data: string, ...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${name}.mjs`, ...args], {
    env: { ...process.env, KNIFE_TRAY_DATA: data },
    encoding: 'utf8',
  });
  return { status, said: stdout + stderr };
}

test('the number of a deleted ingredient or tin is not reused, so that an outdated save finds nothing', async () => {
  const db = await openDatabase(newFolder(), migrations);
  saveIngredient(db, { name: 'butter' });
  const [butter] = allIngredients(db);
  removeIngredient(db, butter!.id, butter!.revision);
  saveIngredient(db, { name: 'sugar' });
  assert.deepEqual(saveIngredient(db, { name: 'butter', heldG: 5 }, butter), {
    ok: false,
    reason: 'changed-elsewhere',
  });
  assert.deepEqual(
    allIngredients(db).map(({ name }) => name),
    ['sugar'],
  );
  const tin = addTin(db, { name: 'A', count: 1, tin: deepSquare });
  removeTin(db, tin, 1);
  assert.ok(addTin(db, { name: 'B', count: 1, tin: deepSquare }) > tin);
  assert.equal(removeTin(db, tin, 1), 'gone');
  assert.equal(allTins(db).length, 1);
  db.close();
});

test('data of the previous schema keep everything, and their photos become files', async () => {
  const folder = newFolder();
  const old = await openDatabase(
    folder,
    migrations.filter(({ number }) => number < 6),
  );
  old.exec(`INSERT INTO ingredient (id, name, plain_name, facts) VALUES (7, 'butter', 'butter', '{"aliases":["best butter"]}');
    INSERT INTO ingredient_alias VALUES ('best butter', 7);
    INSERT INTO pack (ingredient_id, position, name, mass_g, price_minor, currency) VALUES (7, 0, 'block', 250, 200, 'EUR');
    INSERT INTO slab (id, created_at) VALUES (3, '${NOW}');`);
  const slab = 3;
  const version = old.prepare('INSERT INTO slab_version (slab_id, number, document, kept_at) VALUES (?, 1, ?, ?)');
  version.run(slab, JSON.stringify(ryeSlice), NOW);
  const insert = old.prepare(
    'INSERT INTO run (slab_id, version, lot, begun_at, plan, document, context) VALUES (?, 1, ?, ?, ?, ?, NULL)',
  );
  insert.run(slab, 'L261127', NOW, JSON.stringify({ name: 'Rye' }), '{}');
  addEvents(old, 1, [event(1), event(2)]);
  for (const n of [1, 2, 3])
    old.prepare('INSERT INTO run_photo (run_id, id, jpeg) VALUES (1, ?, ?)').run(uuid(n), Buffer.from(jpeg(n % 2)));
  old.close();
  const db = await openDatabase(folder, migrations);
  movePhotosOut(db);
  assert.equal(allIngredients(db)[0]!.packs![0]!.price, 2);
  assert.equal(foundIngredients(db, 'est but', 0, 9).ingredients[0]!.id, 7);
  assert.equal(slabNamesFound(db, 'TREACLE', 0, 9).names[0]!.id, slab);
  assert.equal(eventsOf(db, 1).length, 2);
  assert.deepEqual(new Uint8Array(photoOf(db, 1, uuid(2))!), jpeg(0));
  // Two of the three are the same picture.
  assert.equal(readdirSync(join(folder, 'photos')).length, 2);
  assert.equal(db.prepare(`SELECT count(*) FROM sqlite_master WHERE name = 'run_photo_blob'`).pluck().get(), 0);
  assert.equal(db.prepare(`SELECT count(*) FROM run_words WHERE run_words MATCH 'note'`).pluck().get(), 2);
  addEvents(db, 1, [event(3)]);
  assert.equal(db.prepare(`SELECT count(*) FROM run_words WHERE run_words MATCH 'note'`).pluck().get(), 3);
  db.close();
});

test('another photo under the same id is refused, the same one again changes nothing', async () => {
  const db = await openDatabase(newFolder(), migrations);
  const { id } = begin(db, addSlab(db, ryeSlice, NOW));
  assert.equal(addPhoto(db, id, uuid(1), jpeg(1)), 'added');
  assert.equal(addPhoto(db, id, uuid(1), jpeg(1)), 'known');
  assert.equal(addPhoto(db, id, uuid(1), jpeg(2)), 'other-under-this-id');
  assert.deepEqual(new Uint8Array(photoOf(db, id, uuid(1))!), jpeg(1));
  for (let n = 2; n <= 200; n++) assert.equal(addPhoto(db, id, uuid(n), jpeg(n)), 'added');
  assert.equal(addPhoto(db, id, uuid(201), jpeg(201)), 'full');
  assert.equal(addPhoto(db, id, uuid(200), jpeg(200)), 'known');
  db.close();
});

test('a copy with its photos is restored, and numbers, lots and sequences of what came after it are not reused', async () => {
  const folder = newFolder();
  let db = await openDatabase(folder, migrations);
  const slab = addSlab(db, ryeSlice, NOW);
  const first = begin(db, slab);
  addEvents(db, first.id, [event(1)]);
  addPhoto(db, first.id, uuid(9), jpeg(9));
  const copy = join(folder, 'copy.sqlite');
  const backed = script('backup', folder, copy);
  assert.equal(backed.status, 0, backed.said);
  assert.equal(statSync(copy).mode & 0o077, 0);
  const later = begin(db, slab);
  addEvents(db, later.id, [event(2), event(3)]);
  const [lastRun, last] = [later.id, lastSequence(db)];
  assert.notEqual(script('restore', folder, copy).status, 0, 'while the data are open');
  db.close();
  rmSync(join(folder, 'photos'), { recursive: true });
  const restored = script('restore', folder, copy);
  assert.equal(restored.status, 0, restored.said);
  db = await openDatabase(folder, migrations);
  assert.equal(db.prepare('SELECT count(*) FROM run').pluck().get(), 1);
  assert.deepEqual(new Uint8Array(photoOf(db, first.id, uuid(9))!), jpeg(9));
  const after = begin(db, slab);
  assert.ok(after.id > lastRun);
  assert.ok(![first.lot, later.lot].includes(after.lot));
  addEvents(db, after.id, [event(4)]);
  assert.ok(lastSequence(db) > last);
  db.close();
  // The same copy once more: again no earlier lot, though the copy knows nothing of the first restore.
  assert.equal(script('restore', folder, copy).status, 0);
  db = await openDatabase(folder, migrations);
  const again = begin(db, slab);
  assert.ok(again.id > after.id);
  assert.ok(![first.lot, later.lot, after.lot].includes(again.lot));
  db.close();
  // And when the replaced data cannot be read.
  writeFileSync(join(folder, FILE), 'rubbish');
  assert.equal(script('restore', folder, copy).status, 0);
  db = await openDatabase(folder, migrations);
  const blind = begin(db, slab);
  assert.ok(blind.id > again.id + 1000);
  assert.ok(![first.lot, later.lot, after.lot, again.lot].includes(blind.lot));
  db.close();
});

test('a copy that is damaged, foreign or of a newer version is refused before anything is replaced', async () => {
  const folder = newFolder();
  const db = await openDatabase(folder, migrations);
  addSlab(db, ryeSlice, NOW);
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
  const before = readFileSync(join(folder, FILE));
  const [newer, foreign, torn, text] = ['newer', 'foreign', 'torn', 'text'].map((name) =>
    join(folder, `${name}.sqlite`),
  );
  copyFileSync(join(folder, FILE), newer!);
  const ahead = new Database(newer!);
  ahead.pragma('user_version = 999');
  ahead.close();
  const other = new Database(foreign!);
  other.exec('CREATE TABLE shop (id); CREATE TABLE recipe (id)');
  other.close();
  copyFileSync(join(folder, FILE), torn!);
  truncateSync(torn!, 9000);
  writeFileSync(text!, 'not a database at all');
  for (const [file, why] of [
    [newer, /newer Knife Tray \(schema 999/],
    [foreign, /another program/],
    [torn, /damaged/],
    [text, /damaged or not a database/],
    [join(folder, 'none.sqlite'), /cannot be opened/],
  ] as const) {
    const { status, said } = script('restore', folder, file!);
    assert.equal(status, 1);
    assert.match(said, why);
    assert.deepEqual(readFileSync(join(folder, FILE)), before);
    assert.ok(!readdirSync(folder).some((name) => name.startsWith('set-aside')));
  }
});

test('a data file that is deleted, replaced, overwritten or read-only while the server runs is noticed', async () => {
  const opened = async () => {
    const folder = newFolder();
    const db = await openDatabase(folder, migrations);
    return { folder, db, watch: new StorageWatch(db), file: join(folder, FILE) };
  };
  const gone = await opened();
  assert.equal(gone.watch.fault(), null);
  assert.equal(gone.watch.look(), null);
  renameSync(gone.file, `${gone.file}.away`);
  assert.equal(gone.watch.fault(), 'missing');
  renameSync(`${gone.file}.away`, gone.file);
  assert.equal(gone.watch.look(), null);
  copyFileSync(gone.file, `${gone.file}.other`);
  renameSync(`${gone.file}.other`, gone.file);
  assert.equal(gone.watch.fault(), 'replaced');
  const overwritten = await opened();
  writeFileSync(overwritten.file, Buffer.alloc(40_960, 7), { flag: 'r+' });
  assert.equal(overwritten.watch.look(), 'damaged');
  const log = await opened();
  rmSync(`${log.file}-wal`);
  assert.equal(log.watch.fault(), 'missing');
  const full = await opened();
  full.watch.report(Object.assign(new Error('full'), { code: 'SQLITE_FULL' }));
  assert.equal(full.watch.fault(), 'unwritable');
  // There is room again.
  assert.equal(full.watch.look(), null);
  full.watch.report(Object.assign(new Error('bad'), { cause: { code: 'SQLITE_CORRUPT_INDEX' } }));
  assert.equal(full.watch.look(), 'damaged');
  for (const { db } of [gone, overwritten, log, full]) db.close();
});

test('a device whose clock is 30 hours ahead loses nothing: its events are corrected, and keep both times', () => {
  const [now, aheadMs] = [Date.parse(NOW), 30 * 3_600_000];
  const deviceAt = new Date(now + aheadMs - 60_000).toISOString();
  const noted = event(1, { kind: 'note', text: 'offline', at: deviceAt, deviceAt });
  const read = readEvents([noted, event(2)]);
  assert.ok(read.ok && read.value.problems.length === 0 && read.value.events.length === 2);
  const offset = clockOffsetMs(String(now + aheadMs), now);
  assert.equal(offset, -aheadMs);
  const [corrected, known] = correctedEvents(read.value.events, offset);
  assert.deepEqual(corrected, { ...noted, at: new Date(now - 60_000).toISOString() });
  // One timed by the server's clock stays.
  assert.deepEqual(known, event(2));
  assert.equal(clockOffsetMs(String(now + 1000), now), 0);
  for (const said of [null, '', 'soon', 'Infinity']) assert.equal(clockOffsetMs(said, now), 0, String(said));
});

test('dates that do not exist are refused with their place', () => {
  for (const at of ['2026-02-31T10:00:00Z', '2026-13-01T10:00:00Z', '2025-02-29T00:00:00Z']) {
    const read = readEvents([event(1), event(2, { kind: 'finished', at })]);
    assert.ok(read.ok);
    assert.deepEqual(
      read.value.problems.map(({ path }) => path),
      ['/1/at'],
    );
    assert.equal(read.value.events.length, 1);
    const begun = readBeginRequest({ slab: 1, begin: at });
    assert.ok(!begun.ok && begun.problems[0]!.path === '/begin', at);
  }
  assert.ok(readBeginRequest({ slab: 1, begin: '2028-02-29T10:00:00+01:00' }).ok);
});

test('files that the server writes are readable by their owner only', async () => {
  const folder = newFolder();
  const loose = join(folder, FILE);
  new Database(loose).close();
  const db = await openDatabase(folder, migrations);
  assert.equal(statSync(loose).mode & 0o077, 0);
  db.close();
  assert.ok(existsSync(loose));
});

test('a passphrase is tried ten times a minute from one address, and sixty times from all', async () => {
  const door = new Door('rye and treacle');
  const tried = async (address: string, nowMs = 0) => door.enter('guess', address, nowMs);
  for (let i = 0; i < 10; i++) assert.equal(await tried('a'), 'wrong');
  assert.equal(await tried('a'), 'too-many');
  for (let i = 0; i < 50; i++) assert.equal(await tried(`b${i}`), 'wrong');
  assert.equal(await tried('c'), 'too-many');
  assert.equal(await tried('c', 61_000), 'wrong');
});
